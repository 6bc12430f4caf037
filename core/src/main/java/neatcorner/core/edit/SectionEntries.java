package neatcorner.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.RecessEntry;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Strip;
import neatcorner.core.section.StripKey;
import neatcorner.core.words.FigureKey;

/** The numbers of a section that can be typed or dragged, which depend on what it has. */
final class SectionEntries {
    private final Section section;
    private final List<Entry> entries = new ArrayList<>();

    private SectionEntries(Section section) {
        this.section = section;
    }

    static List<Entry> of(Section section) {
        SectionEntries made = new SectionEntries(section);
        made.whole();
        made.recess();
        for (int i = 0; i < section.strips().size(); i++) {
            made.strip(i);
        }
        section.relief().ifPresent(_ -> made.relief());
        section.band().ifPresent(_ -> made.band());
        return made.entries;
    }

    private void add(
            FigureKey<Length> key, Function<Section, Length> read, BiFunction<Section, Length, Section> write) {
        entries.add(new Entry(
                key, nameOf(key), j -> read.apply(j.section()), (j, l) -> j.withSection(write.apply(j.section(), l))));
    }

    private Words nameOf(FigureKey<Length> key) {
        if (section.recess() instanceof Recess.Slot && key instanceof SectionKey of) {
            return switch (of) {
                case LIP -> Words.of("figure.section.groove_deep");
                case RABBET_DEPTH -> Words.of("figure.section.groove_wide");
                default -> key.words();
            };
        }
        return key instanceof StripKey strip && section.strips().size() == 1 ? strip.alone() : key.words();
    }

    private void whole() {
        add(SectionKey.FACE, Section::face, Section::withFace);
        add(SectionKey.THICKNESS, Section::thickness, Section::withThickness);
    }

    private void recess() {
        for (RecessEntry entry : section.recess().entries()) {
            add(entry.key(), _ -> entry.now(), (s, l) -> s.withRecess(entry.with().apply(l)));
        }
    }

    private void strip(int index) {
        Strip strip = section.strips().get(index);
        if (section.strips().size() > 1) {
            strip(index, StripKey.What.WIDTH, Strip::width, Strip::withWidth);
            strip(index, StripKey.What.THICKNESS, Strip::thickness, Strip::withThickness);
            strip(index, StripKey.What.SET_IN, Strip::setIn, Strip::withSetIn);
        }
        if (strip.front().shape() != Profile.Shape.FLAT) {
            strip(
                    index,
                    StripKey.What.DROP,
                    s -> s.front().drop(),
                    (s, l) -> s.withFront(new Profile(s.front().shape(), l)));
        }
        edging(
                index,
                StripKey.What.INNER_WIDTH,
                StripKey.What.INNER_DEPTH,
                strip.inner(),
                Strip::inner,
                Strip::withInner);
        edging(
                index,
                StripKey.What.OUTER_WIDTH,
                StripKey.What.OUTER_DEPTH,
                strip.outer(),
                Strip::outer,
                Strip::withOuter);
    }

    private void edging(
            int index,
            StripKey.What width,
            StripKey.What depth,
            Edging edging,
            Function<Strip, Edging> read,
            BiFunction<Strip, Edging, Strip> write) {
        if (edging.kind() != Edging.Kind.SQUARE) {
            strip(index, width, s -> read.apply(s).width(), (s, l) -> write.apply(s, read.apply(s).withWidth(l)));
            if (edging.kind() != Edging.Kind.CHAMFER) {
                strip(index, depth, s -> read.apply(s).depth(), (s, l) -> write.apply(s, read.apply(s).withDepth(l)));
            }
        }
    }

    private void strip(
            int index, StripKey.What what, Function<Strip, Length> read, BiFunction<Strip, Length, Strip> write) {
        add(
                new StripKey(index, what),
                s -> read.apply(s.strips().get(index)),
                (s, l) -> s.withStrip(index, write.apply(s.strips().get(index), l)));
    }

    private void relief() {
        relief(SectionKey.RELIEF_FROM, Relief::from, (r, l) -> new Relief(l, r.width(), r.depth()));
        relief(SectionKey.RELIEF_WIDTH, Relief::width, (r, l) -> new Relief(r.from(), l, r.depth()));
        relief(SectionKey.RELIEF_DEPTH, Relief::depth, (r, l) -> new Relief(r.from(), r.width(), l));
    }

    private void relief(SectionKey key, Function<Relief, Length> read, BiFunction<Relief, Length, Relief> write) {
        add(
                key,
                s -> read.apply(s.relief().orElseThrow()),
                (s, l) -> s.withRelief(Optional.of(write.apply(s.relief().orElseThrow(), l))));
    }

    private void band() {
        band(SectionKey.BAND_WIDTH, Band::width, Band::withWidth);
        band(SectionKey.BAND_HEIGHT, Band::height, Band::withHeight);
        band(SectionKey.BAND_REVEAL, Band::reveal, Band::withReveal);
        if (section.band().orElseThrow().outer().kind() != Edging.Kind.SQUARE) {
            band(
                    SectionKey.BAND_EDGE,
                    b -> b.outer().width(),
                    (b, l) -> b.withOuter(new Edging(b.outer().kind(), l, l)));
        }
    }

    private void band(SectionKey key, Function<Band, Length> read, BiFunction<Band, Length, Band> write) {
        add(
                key,
                s -> read.apply(s.band().orElseThrow()),
                (s, l) -> s.withBand(Optional.of(write.apply(s.band().orElseThrow(), l))));
    }
}
