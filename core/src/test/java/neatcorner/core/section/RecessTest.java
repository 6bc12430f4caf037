package neatcorner.core.section;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RecessTest {
    static Stream<Recess> recesses() {
        return Stream.of(
                new Recess.Rabbet(in("1/4"), in("1/2")),
                new Recess.TiltedRabbet(in("1/4"), in("3/8"), 12),
                new Recess.TiltedRabbet(in("1/4"), in("3/8"), -12),
                new Recess.DoubleRabbet(in("1/4"), in("1/2"), in("1/2"), in("1/4")),
                new Recess.Slot(in("1/4"), in("1/4"), in("1/4")),
                new Recess.Slot(
                        in("1/4"),
                        in("5/8"),
                        in("1/8"),
                        Optional.of(new Recess.Slot.Groove(in("1/8"), in("3/16")))),
                Recess.Floater.WALL,
                new Recess.Floater(in("3/4"), in("3/8")),
                new Recess.Over(in("3/4"), in("3/8"), in("1/4")),
                new Recess.Bar());
    }

    private static Section section(Recess recess) {
        return new Section("s", Species.MAPLE, in("2"), in("1"), recess, Profile.FLAT);
    }

    /** A number written back as it stands changes nothing; another changes that one and no other. */
    @ParameterizedTest
    @MethodSource("recesses")
    void everyNumberOfARecessIsReadAndWrittenByItsOwnName(Recess recess) {
        List<RecessEntry> entries = recess.entries();
        assertThat(entries).extracting(RecessEntry::key).doesNotHaveDuplicates();
        for (RecessEntry entry : entries) {
            assertThat(entry.with().apply(entry.now())).isEqualTo(recess);
            Length other = entry.now().plus(Length.mm(0.4));
            Recess changed = entry.with().apply(other);
            Set<SectionKey> differing = new HashSet<>();
            for (RecessEntry after : changed.entries()) {
                Length before = entries.stream()
                        .filter(e -> e.key() == after.key())
                        .findFirst()
                        .orElseThrow()
                        .now();
                if (!after.now().equals(before)) {
                    differing.add(after.key());
                    assertThat(after.now()).isEqualTo(other);
                }
            }
            assertThat(differing).containsExactly(entry.key());
        }
    }

    /** What is cut away is what the wood lacks: areas add up to the uncut stick's. */
    @ParameterizedTest
    @MethodSource("recesses")
    void whatIsCutAwayIsWhatIsMissing(Recess recess) {
        Section section = section(recess);
        double whole = section.width().toMm() * section.thickness().toMm();
        double left = section.areaMm2();
        double cut = switch (recess) {
            case Recess.Rabbet(Length lip, Length depth) -> lip.toMm() * depth.toMm();
            case Recess.DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) ->
                lip.toMm() * depth.toMm() + (backLip.toMm() - lip.toMm()) * backDepth.toMm();
            case Recess.Slot slot ->
                slot.lip().toMm()
                        * (slot.width().toMm()
                                + slot.behind().map(second -> second.width().toMm()).orElse(0.0));
            case Recess.Floater(Length ledge, Length thickness) ->
                ledge.toMm() * (section.thickness().toMm() - thickness.toMm());
            case Recess.Over _, Recess.Bar _ -> 0;
            // A level ledge and an upright wall, turned by the tilt, out of a square corner: shoelace of the seat.
            case Recess.TiltedRabbet tilted -> {
                var seat = tilted.seat();
                double x1 = seat.get(1).x();
                double y1 = seat.get(1).y();
                double y0 = seat.get(0).y();
                double x2 = seat.get(2).x();
                yield x1 * y0 / 2 + x2 * y1 / 2;
            }
        };
        assertThat(whole - left).isCloseTo(cut, within(1e-3));
    }

    /** Wood between the rabbet's wall and the outside, by hand. */
    @Test
    void theBackIsWhatTheRabbetLeavesOfIt() {
        assertThat(section(new Recess.Rabbet(in("1/4"), in("1/2"))).backWidth()).isEqualTo(in("1 3/4"));
        assertThat(section(new Recess.DoubleRabbet(in("1/4"), in("1/2"), in("1/2"), in("1/4"))).backWidth())
                .isEqualTo(in("1 1/2"));
        assertThat(section(new Recess.Slot(in("1/4"), in("1/4"), in("1/4"))).backWidth()).isEqualTo(in("2"));
        assertThat(section(new Recess.Bar()).backWidth()).isEqualTo(in("2"));
        assertThat(Sample.floater().recessDepth()).as("the wall over the ledge").isEqualTo(in("1 1/8"));
    }

    @ParameterizedTest
    @MethodSource("recesses")
    void aFrameHasTheLinesOfItsRecess(Recess recess) {
        List<Line> lines = recess.lines(true);
        assertThat(lines).isSorted().endsWith(Line.SIGHT, Line.OUTSIDE);
        boolean covers = recess instanceof Recess.Covering;
        assertThat(lines.contains(Line.GLASS)).isEqualTo(covers || recess instanceof Recess.Over);
        assertThat(lines.contains(Line.ART)).isEqualTo(covers || recess instanceof Recess.Floater);
        assertThat(recess.lines(false)).doesNotContain(Line.MAT);
    }

    /** A recess that leaves no wood around it is no section, however it is made. */
    @Test
    void woodStaysAroundARecess() {
        for (Recess tooMuch : List.of(
                new Recess.Rabbet(in("2"), in("1/2")),
                new Recess.Rabbet(in("1/4"), in("1")),
                new Recess.DoubleRabbet(in("1/4"), in("1/2"), in("2"), in("1/4")),
                new Recess.Slot(in("1/4"), in("1/2"), in("1/2")),
                new Recess.Floater(in("3/4"), in("1")),
                new Recess.TiltedRabbet(in("1/4"), in("1"), 30))) {
            assertThatExceptionOfType(Refusal.class).as("%s", tooMuch).isThrownBy(() -> section(tooMuch));
        }
        Strip strip = Strip.plain(Species.MAPLE, in("2 3/4"), in("1/2"));
        assertThatExceptionOfType(Refusal.class)
                .as("a floater of two strips")
                .isThrownBy(() -> new Section(
                        "s",
                        List.of(strip, strip),
                        new Recess.Floater(in("3/4"), in("3/8")),
                        Optional.empty(),
                        Optional.empty()));
    }
}
