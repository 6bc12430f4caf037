package neatcorner.files.json;

import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import neatcorner.core.phrase.Words;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import tools.jackson.databind.node.ObjectNode;

/** A wood: the key of a known one, or an object with a maker's own values. */
final class SpeciesJson {
    private static final String NAME = "species";
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-fA-F]{6}");
    private static final int HEX = 16;

    private SpeciesJson() {
    }

    static Species read(Fields fields) {
        if (fields.isObject(NAME)) {
            Fields own = fields.object(NAME);
            return own.build(() -> {
                Species wood = Species.own(
                        own.text("name"),
                        own.number("density"),
                        own.number("radial"),
                        own.number("tangential"),
                        own.constant("hardness", Species.Hardness.class),
                        own.flag("splinters", false));
                Species coloured = own.has("colour") ? wood.withColour(colour(own)) : wood;
                return own.has("stuff") ? coloured.of(own.constant("stuff", Stuff.class)) : coloured;
            });
        }
        String key = fields.text(NAME);
        return Species.known().stream()
                .filter(s -> s.name().equals(key))
                .findFirst()
                .orElseThrow(() -> new FormatException(
                        fields.path(NAME),
                        Words.of(
                                "refused.species_json.is_one_of_object",
                                key,
                                Species.known().stream().map(Species::name).collect(Collectors.joining(", ")))));
    }

    private static int colour(Fields own) {
        String said = own.text("colour");
        if (!COLOUR.matcher(said).matches()) {
            throw own.wrong("colour", Words.of("refused.species_json.colour", said));
        }
        return Integer.parseInt(said.substring(1), HEX);
    }

    static void write(Species species, ObjectNode node) {
        if (!species.isOwn()) {
            node.put(NAME, species.name());
            return;
        }
        node.putObject(NAME)
                .put("name", species.name())
                .put("density", species.density())
                .put("radial", species.radial())
                .put("tangential", species.tangential())
                .put("hardness", Fields.name(species.hardness()))
                .put("splinters", species.isSplintering())
                .put("colour", String.format(Locale.ROOT, "#%06x", species.colour()))
                .put("stuff", Fields.name(species.stuff()));
    }
}
