package neatcorner.files.json;

import neatcorner.core.measure.Length;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;
import tools.jackson.databind.node.ObjectNode;

/** Sections in job and shop documents. */
final class SectionJson {
    private SectionJson() {
    }

    static Section read(Fields fields) {
        Fields recess = fields.object("recess");
        return fields.build(() -> new Section(fields.text("name"), fields.constant("species", Species.class),
                fields.length("face"), fields.length("thickness"), recess.build(() -> recess(recess)),
                fields.has("profile") ? profile(fields.object("profile")) : Profile.FLAT));
    }

    private static Recess recess(Fields fields) {
        return switch (fields.text("kind")) {
            case "rabbet" -> new Recess.Rabbet(fields.length("lip"), fields.length("depth"));
            case "floater" -> new Recess.Floater(fields.length("ledge"), fields.length("thickness"));
            case "bar" -> new Recess.Bar();
            case String other -> throw new FormatException("recess.kind", "is \"" + other + "\"; it must be one of rabbet, floater, bar");
        };
    }

    private static Profile profile(Fields fields) {
        return fields.build(() -> new Profile(fields.constant("shape", Profile.Shape.class),
                fields.has("drop") ? fields.length("drop") : Length.ZERO));
    }

    static void write(Section section, ObjectNode node) {
        node.put("name", section.name());
        node.put("species", Fields.name(section.species()));
        node.put("face", section.face().toExactMm());
        node.put("thickness", section.thickness().toExactMm());
        ObjectNode recess = node.putObject("recess");
        switch (section.recess()) {
            case Recess.Rabbet(Length lip, Length depth) -> {
                recess.put("kind", "rabbet");
                recess.put("lip", lip.toExactMm());
                recess.put("depth", depth.toExactMm());
            }
            case Recess.Floater(Length ledge, Length thickness) -> {
                recess.put("kind", "floater");
                recess.put("ledge", ledge.toExactMm());
                recess.put("thickness", thickness.toExactMm());
            }
            case Recess.Bar() -> recess.put("kind", "bar");
        }
        ObjectNode profile = node.putObject("profile");
        profile.put("shape", Fields.name(section.profile().shape()));
        profile.put("drop", section.profile().drop().toExactMm());
    }
}
