package neatcorner.files.json;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sections in job and shop documents. A plain moulding has its species, face, thickness and profile as
 * fields of its own, as from the first; anything else is written strip by strip.
 */
final class SectionJson {
    private SectionJson() {
    }

    static Section read(Fields fields) {
        Fields recess = fields.object("recess");
        Optional<Relief> relief = fields.optional("relief", name -> relief(fields.object(name)));
        Optional<Band> band = fields.optional("band", name -> band(fields.object(name)));
        if (!fields.has("strips")) {
            return fields.build(() -> new Section(
                            fields.text("name"),
                            SpeciesJson.read(fields),
                            fields.length("face"),
                            fields.length("thickness"),
                            recess.build(() -> recess(recess)),
                            profile(fields, "profile"))
                    .withRelief(relief)
                    .withBand(band));
        }
        return fields.build(() -> new Section(
                fields.text("name"),
                fields.list("strips", SectionJson::strip),
                recess.build(() -> recess(recess)),
                relief,
                band));
    }

    private static Recess.Slot.Groove groove(Fields fields) {
        return fields.build(() -> new Recess.Slot.Groove(fields.length("from_back"), fields.length("width")));
    }

    private static Recess recess(Fields fields) {
        return switch (fields.text("kind")) {
            case "rabbet" -> new Recess.Rabbet(fields.length("lip"), fields.length("depth"));
            case "tilted_rabbet" ->
                new Recess.TiltedRabbet(fields.length("lip"), fields.length("depth"), fields.number("tilt"));
            case "double_rabbet" ->
                new Recess.DoubleRabbet(
                        fields.length("lip"),
                        fields.length("depth"),
                        fields.length("back_lip"),
                        fields.length("back_depth"));
            case "slot" ->
                new Recess.Slot(
                        fields.length("lip"),
                        fields.length("from_back"),
                        fields.length("width"),
                        fields.optional("behind", name -> groove(fields.object(name))));
            case "floater" -> new Recess.Floater(fields.length("ledge"), fields.length("thickness"));
            case "over" ->
                new Recess.Over(fields.length("overlap"), fields.length("clips"), fields.length("stands_off"));
            case "bar" -> new Recess.Bar();
            default ->
                throw new FormatException(
                        "recess.kind", Words.of("refused.section_json.is_one_of_rabbet", fields.text("kind")));
        };
    }

    private static Profile profile(Fields section, String name) {
        if (!section.has(name)) {
            return Profile.FLAT;
        }
        Fields fields = section.object(name);
        return fields.build(() -> new Profile(fields.constant("shape", Profile.Shape.class),
                fields.length("drop", Length.ZERO)));
    }

    private static Strip strip(Fields fields) {
        return new Strip(
                SpeciesJson.read(fields),
                fields.length("width"),
                fields.length("thickness"),
                fields.length("set_in", Length.ZERO),
                profile(fields, "front"),
                edging(fields, "inner"),
                edging(fields, "outer"),
                fields.has("source") ? fields.constant("source", Strip.Source.class) : Strip.Source.BOARD);
    }

    private static Edging edging(Fields strip, String name) {
        if (!strip.has(name)) {
            return Edging.SQUARE;
        }
        Fields fields = strip.object(name);
        return fields.build(() -> {
            Edging.Kind kind = fields.constant("kind", Edging.Kind.class);
            return kind == Edging.Kind.SQUARE
                    ? Edging.SQUARE
                    : new Edging(kind, fields.length("width"), fields.length("depth"));
        });
    }

    private static Relief relief(Fields fields) {
        return fields.build(() -> new Relief(fields.length("from"), fields.length("width"), fields.length("depth")));
    }

    private static Band band(Fields fields) {
        return fields.build(() -> new Band(SpeciesJson.read(fields), fields.length("width"), fields.length("height"),
                fields.length("reveal", Length.ZERO), edging(fields, "inner"), edging(fields, "outer")));
    }

    static void write(Section section, ObjectNode node) {
        node.put("name", section.name());
        Strip first = section.strips().getFirst();
        Section plain = new Section(
                section.name(), first.species(), section.face(), section.thickness(), section.recess(), first.front());
        if (plain.equals(section)) {
            SpeciesJson.write(first.species(), node);
            node.put("face", section.face().toExactMm());
            node.put("thickness", section.thickness().toExactMm());
            profile(first.front(), node.putObject("profile"));
        } else {
            strips(section.strips(), node.putArray("strips"));
            section.relief().ifPresent(r -> node.putObject("relief").put("from", r.from().toExactMm())
                    .put("width", r.width().toExactMm()).put("depth", r.depth().toExactMm()));
            section.band().ifPresent(b -> {
                ObjectNode band = node.putObject("band");
                SpeciesJson.write(b.species(), band);
                band.put("width", b.width().toExactMm()).put("height", b.height().toExactMm())
                        .put("reveal", b.reveal().toExactMm());
                edging(b.inner(), "inner", band);
                edging(b.outer(), "outer", band);
            });
        }
        recess(section.recess(), node.putObject("recess"));
    }

    private static void recess(Recess recess, ObjectNode node) {
        switch (recess) {
            case Recess.Rabbet(Length lip, Length depth) ->
                node.put("kind", "rabbet").put("lip", lip.toExactMm()).put("depth", depth.toExactMm());
            case Recess.TiltedRabbet(Length lip, Length depth, double tilt) ->
                node.put("kind", "tilted_rabbet")
                        .put("lip", lip.toExactMm())
                        .put("depth", depth.toExactMm())
                        .put("tilt", tilt);
            case Recess.DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) ->
                node.put("kind", "double_rabbet")
                        .put("lip", lip.toExactMm())
                        .put("depth", depth.toExactMm())
                        .put("back_lip", backLip.toExactMm())
                        .put("back_depth", backDepth.toExactMm());
            case Recess.Slot slot -> {
                node.put("kind", "slot")
                        .put("lip", slot.lip().toExactMm())
                        .put("from_back", slot.fromBack().toExactMm())
                        .put("width", slot.width().toExactMm());
                slot.behind()
                        .ifPresent(second -> node.putObject("behind")
                                .put("from_back", second.fromBack().toExactMm())
                                .put("width", second.width().toExactMm()));
            }
            case Recess.Floater(Length ledge, Length thickness) ->
                node.put("kind", "floater").put("ledge", ledge.toExactMm()).put("thickness", thickness.toExactMm());
            case Recess.Over(Length overlap, Length clips, Length stands) ->
                node.put("kind", "over")
                        .put("overlap", overlap.toExactMm())
                        .put("clips", clips.toExactMm())
                        .put("stands_off", stands.toExactMm());
            case Recess.Bar() -> node.put("kind", "bar");
        }
    }

    private static void profile(Profile profile, ObjectNode node) {
        node.put("shape", Fields.name(profile.shape())).put("drop", profile.drop().toExactMm());
    }

    private static void strips(List<Strip> strips, ArrayNode node) {
        for (Strip strip : strips) {
            ObjectNode item = node.addObject();
            SpeciesJson.write(strip.species(), item);
            item.put("width", strip.width().toExactMm())
                    .put("thickness", strip.thickness().toExactMm()).put("set_in", strip.setIn().toExactMm());
            profile(strip.front(), item.putObject("front"));
            edging(strip.inner(), "inner", item);
            edging(strip.outer(), "outer", item);
            item.put("source", Fields.name(strip.source()));
        }
    }

    private static void edging(Edging edging, String name, ObjectNode node) {
        if (edging.kind() != Edging.Kind.SQUARE) {
            node.putObject(name).put("kind", Fields.name(edging.kind())).put("width", edging.width().toExactMm())
                    .put("depth", edging.depth().toExactMm());
        }
    }
}
