package neatcorner.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;

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

    private void add(String id, Function<Section, Length> read, BiFunction<Section, Length, Section> write) {
        entries.add(new Entry(id, j -> read.apply(j.section()), (j, l) -> j.withSection(write.apply(j.section(), l))));
    }

    private void whole() {
        add("section.face", Section::face, Section::withFace);
        add("section.thickness", Section::thickness, Section::withThickness);
    }

    private void recess() {
        switch (section.recess()) {
            case Recess.Covering covering -> {
                add("section.lip", Section::lip, (s, l) -> s.withRecess(covering.withLip(l)));
                add("section.rabbet_depth", Section::recessDepth, (s, l) -> s.withRecess(covering.withDepth(l)));
                switch (covering) {
                    case Recess.Rabbet _, Recess.TiltedRabbet _ -> {
                    }
                    case Recess.DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) -> {
                        add("section.back_lip", _ -> backLip, (s, l) -> s.withRecess(new Recess.DoubleRabbet(lip, depth, l, backDepth)));
                        add("section.back_depth", _ -> backDepth, (s, l) -> s.withRecess(new Recess.DoubleRabbet(lip, depth, backLip, l)));
                    }
                    case Recess.Slot(Length lip, Length fromBack, Length width) ->
                        add("section.slot_from_back", _ -> fromBack, (s, l) -> s.withRecess(new Recess.Slot(lip, l, width)));
                }
            }
            case Recess.Floater(Length ledge, Length thickness) -> {
                add("section.ledge", s -> s.recess().ledge(), (s, l) -> s.withRecess(new Recess.Floater(l, thickness)));
                add("section.ledge_thickness", _ -> thickness, (s, l) -> s.withRecess(new Recess.Floater(ledge, l)));
            }
            case Recess.Bar() -> {
            }
        }
    }

    private void strip(int index) {
        Strip strip = section.strips().get(index);
        String id = "strip." + (index + 1) + ".";
        if (section.strips().size() > 1) {
            strip(id + "width", index, Strip::width, Strip::withWidth);
            strip(id + "thickness", index, Strip::thickness, Strip::withThickness);
            strip(id + "set_in", index, Strip::setIn, Strip::withSetIn);
        }
        if (strip.front().shape() != Profile.Shape.FLAT) {
            strip(id + "drop", index, s -> s.front().drop(), (s, l) -> s.withFront(new Profile(s.front().shape(), l)));
        }
        edging(id + "inner_", index, strip.inner(), Strip::inner, Strip::withInner);
        edging(id + "outer_", index, strip.outer(), Strip::outer, Strip::withOuter);
    }

    private void edging(String id, int index, Edging edging, Function<Strip, Edging> read, BiFunction<Strip, Edging, Strip> write) {
        if (edging.kind() != Edging.Kind.SQUARE) {
            strip(id + "width", index, s -> read.apply(s).width(), (s, l) -> write.apply(s, read.apply(s).withWidth(l)));
            if (edging.kind() != Edging.Kind.CHAMFER) {
                strip(id + "depth", index, s -> read.apply(s).depth(), (s, l) -> write.apply(s, read.apply(s).withDepth(l)));
            }
        }
    }

    private void strip(String id, int index, Function<Strip, Length> read, BiFunction<Strip, Length, Strip> write) {
        add(id, s -> read.apply(s.strips().get(index)), (s, l) -> s.withStrip(index, write.apply(s.strips().get(index), l)));
    }

    private void relief() {
        relief("relief.from", Relief::from, (r, l) -> new Relief(l, r.width(), r.depth()));
        relief("relief.width", Relief::width, (r, l) -> new Relief(r.from(), l, r.depth()));
        relief("relief.depth", Relief::depth, (r, l) -> new Relief(r.from(), r.width(), l));
    }

    private void relief(String id, Function<Relief, Length> read, BiFunction<Relief, Length, Relief> write) {
        add(id, s -> read.apply(s.relief().orElseThrow()), (s, l) -> s.withRelief(Optional.of(write.apply(s.relief().orElseThrow(), l))));
    }

    private void band() {
        band("band.width", Band::width, Band::withWidth);
        band("band.height", Band::height, Band::withHeight);
        band("band.reveal", Band::reveal, Band::withReveal);
        if (section.band().orElseThrow().outer().kind() != Edging.Kind.SQUARE) {
            band("band.edge", b -> b.outer().width(), (b, l) -> b.withOuter(new Edging(b.outer().kind(), l, l)));
        }
    }

    private void band(String id, Function<Band, Length> read, BiFunction<Band, Length, Band> write) {
        add(id, s -> read.apply(s.band().orElseThrow()), (s, l) -> s.withBand(Optional.of(write.apply(s.band().orElseThrow(), l))));
    }
}
