package neatcorner.core.job;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Material;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class JobTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);

    private static Job job() {
        return Sample.job("8", "10");
    }

    private static void isRefused(Runnable change, String... said) {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(change::run)
                .satisfies(refused -> assertThat(List.of(said))
                        .allSatisfy(part -> assertThat(BOOK.say(refused.words())).contains(part)));
    }

    static Stream<UnaryOperator<Job>> changes() {
        return Stream.of(
                job -> job.withTitle("Other"),
                job -> job.withOrder("Harbour museum"),
                job -> job.withQuantity(7),
                job -> job.withGiven(Axis.WIDTH, new Size(Line.SIGHT, in("9"))),
                job -> job.withOutline(
                        new Boxed.Round(new Size(Line.SIGHT, in("20")), new Size(Line.SIGHT, in("20")), 8)),
                job -> job.withSection(Sample.floater()),
                job -> job.withFace("bottom", Optional.of(in("2"))),
                job -> job.withLean(new Lean(10, Lean.Way.OUTWARDS)),
                job -> job.withContents(Contents.NOTHING),
                job -> job.withOverrides(job.overrides().with(Habit.PLAY, in("1/16"))),
                job -> job.withChoices(new Choices(
                        Optional.empty(),
                        Optional.empty(),
                        Adhesive.HIDE,
                        List.of(),
                        Optional.empty(),
                        Rabbeting.BEFORE_MITRING,
                        job.choices().grain(),
                        Cutting.FREE)),
                job -> job.withMeasured(Tape.TOP, in("12")),
                job -> job.withNote(new Note(Instant.EPOCH, "a knot")),
                job -> job.withSettled(Set.of(Station.BRIEF)));
    }

    private static Map<String, Object> parts(Job job) {
        Map<String, Object> parts = new HashMap<>();
        parts.put("title", job.title());
        parts.put("order", job.order());
        parts.put("quantity", job.quantity());
        parts.put("outline", job.outline());
        parts.put("section", job.section());
        parts.put("faces", job.faces());
        parts.put("lean", job.lean());
        parts.put("contents", job.contents());
        parts.put("overrides", job.overrides());
        parts.put("choices", job.choices());
        parts.put("measured", job.measured());
        parts.put("notes", job.notes());
        parts.put("settled", job.settled());
        return parts;
    }

    /** A change changes one thing of thirteen, and leaves the job it was made from as it was. */
    @ParameterizedTest
    @MethodSource("changes")
    void aChangeChangesOneThing(UnaryOperator<Job> change) {
        Job before = job();
        Map<String, Object> was = parts(before);
        Map<String, Object> is = parts(change.apply(before));
        assertThat(is.entrySet().stream().filter(part -> !part.getValue().equals(was.get(part.getKey()))))
                .hasSize(1);
        assertThat(parts(before)).isEqualTo(was);
    }

    @Test
    void whatIsHandedInIsCopied() {
        Map<String, Length> faces = new HashMap<>(Map.of("bottom", in("2")));
        Job job = job().withFaces(faces);
        faces.put("top", in("3"));
        assertThat(job.faces()).containsOnlyKeys("bottom");
        assertThat(job.faceOf(Boxed.Rectangle.BOTTOM)).isEqualTo(in("2"));
        assertThat(job.faceOf(Boxed.Rectangle.TOP)).isEqualTo(in("1 1/2"));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, -1, 1000})
    void thereAreOneToNineHundredAndNinetyNineAlike(int quantity) {
        isRefused(() -> job().withQuantity(quantity), Integer.toString(quantity));
    }

    @Test
    void aTitleIsThereAndShort() {
        isRefused(() -> job().withTitle("  "));
        isRefused(() -> job().withTitle("x".repeat(121)), "121", "120");
        isRefused(() -> job().withOrder("x".repeat(121)), "121", "120");
        assertThat(job().withTitle("x".repeat(120)).title()).hasSize(120);
    }

    @Test
    void aFaceIsOfASideThatIsThereAndWiderThanTheLip() {
        isRefused(() -> job().withFace("arch", Optional.of(in("2"))), "arch", "top, right, bottom, left");
        isRefused(() -> job().withFace("top", Optional.of(in("1/4"))));
        isRefused(() -> job().withFace("top", Optional.of(in("13"))));
        assertThat(job().withFace("top", Optional.of(in("2"))).withFace("top", Optional.empty())).isEqualTo(job());
    }

    @Test
    void aCurvedFrameDoesNotLean() {
        Outline round = new Boxed.Round(new Size(Line.SIGHT, in("20")), new Size(Line.SIGHT, in("20")), 8);
        isRefused(() -> job().withOutline(round).withLean(new Lean(5, Lean.Way.OUTWARDS)));
        isRefused(() -> job().withLean(new Lean(5, Lean.Way.OUTWARDS)).withOutline(round));
    }

    @Test
    void aShapeThatIsNotGivenByItsWidthSaysSo() {
        Job hexagon = job().withOutline(
                        new Outline.Regular(6, Outline.Across.FLATS, new Size(Line.SIGHT, in("12"))));
        isRefused(() -> hexagon.withGiven(Axis.WIDTH, new Size(Line.SIGHT, in("14"))), "width");
        assertThat(hexagon.given(Axis.WIDTH)).isEmpty();
        assertThat(hexagon.isPlain()).isFalse();
    }

    /** The layers lie in the order in which light meets them, whichever was put in first. */
    @Test
    void layersLieFrontToBack() {
        Contents contents = Contents.NOTHING
                .with(Material.Role.BACKING, Optional.of(Material.CORRUGATED))
                .with(Material.Role.ART, Optional.of(Material.PAPER))
                .with(Material.Role.MAT, Optional.of(Material.MAT_4_PLY))
                .with(Material.Role.GLAZING, Optional.of(Material.PICTURE_GLASS));
        assertThat(contents.materials())
                .containsExactly(Material.PICTURE_GLASS, Material.MAT_4_PLY, Material.PAPER, Material.CORRUGATED);
        assertThat(contents.stack())
                .isEqualTo(Length.sum(contents.layers().stream().map(Layer::thickness).toList()));
        assertThat(contents.with(Material.Role.MAT, Optional.empty()).borders()).isEmpty();
        assertThat(contents.artAlone().layers()).extracting(Layer::material).containsExactly(Material.PAPER);
    }

    @Test
    void aMatHasBordersAndNothingElseHas() {
        isRefused(() -> new Contents(List.of(Layer.of(Material.MAT_4_PLY)), Optional.empty()));
        isRefused(() -> new Contents(
                List.of(Layer.of(Material.PAPER)), Optional.of(new Borders(in("2"), in("2"), in("2")))));
        isRefused(() -> new Contents(
                List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.MIRROR)), Optional.empty()));
        isRefused(() -> new Borders(in("1/16"), in("2"), in("2")));
    }

    /** A piece lies on one stick only, and a stick that is forbidden holds nothing. */
    @Test
    void wishesForSticksDoNotContradictEachOther() {
        PieceId piece = new PieceId("A–B", 1, 0);
        StickId first = new StickId.Labelled("C-1");
        StickId second = new StickId.Labelled("C-2");
        Cutting wished = Cutting.FREE.withLock(piece, first).withLock(piece, second);
        assertThat(wished.locks()).containsExactly(new Cutting.Lock(piece, second));
        Cutting forbidden = wished.withForbidden(second, true);
        assertThat(forbidden.locks()).isEmpty();
        assertThat(forbidden.forbidden()).containsExactly(second);
        assertThat(forbidden.withForbidden(second, true).forbidden()).containsExactly(second);
        assertThat(forbidden.withForbidden(second, false).isFree()).isTrue();
        assertThat(wished.freed()).isEqualTo(Cutting.FREE);
    }
}
