package neatcorner.files.json;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The machines of a shop with their proofs. */
final class MachinesJson {
    private MachinesJson() {
    }

    static Machines read(Fields fields) {
        return fields.build(() -> new Machines(fields.list("machines", MachinesJson::machine), Optional.empty()));
    }

    private static Machine machine(Fields fields) {
        return new Machine(
                fields.text("name"),
                fields.constant("kind", MachineKind.class),
                new Machine.Reach(degrees(fields, "left"), degrees(fields, "right"), degrees(fields, "tilt")),
                fields.list("detents", detent -> degrees(detent, "degrees")),
                fields.flag("only_detents", false),
                fields.has("scale") ? fields.constant("scale", Machine.Scale.class) : Machine.Scale.FROM_SQUARE,
                new Machine.Sizes(
                        fields.optional("kerf", fields::length),
                        fields.optional("longest_stop", fields::length),
                        fields.optional("smallest", fields::length)),
                fields.list("proofs", MachinesJson::proof));
    }

    private static Angle degrees(Fields fields, String name) {
        return fields.build(() -> Angle.degrees(fields.number(name)));
    }

    private static Proof proof(Fields fields) {
        ProofKind kind = fields.constant("kind", ProofKind.class);
        LocalDate day = day(fields);
        return kind.isAngle()
                ? new Proof.OfAngle(
                        day, kind, degrees(fields, "at"), degrees(fields, "error"), degrees(fields, "doubt"))
                : new Proof.OfStop(day, fields.length("difference"));
    }

    private static LocalDate day(Fields fields) {
        try {
            return LocalDate.parse(fields.text("day"));
        } catch (DateTimeParseException refused) {
            throw fields.wrong("day", Words.of("refused.fields.is_day", fields.text("day")));
        }
    }

    static void write(Machines machines, ObjectNode parent) {
        if (machines.all().isEmpty()) {
            return;
        }
        ArrayNode all = parent.putArray("machines");
        for (Machine machine : machines.all()) {
            ObjectNode node = all.addObject()
                    .put("name", machine.name())
                    .put("kind", Fields.name(machine.kind()))
                    .put("left", machine.reach().left().toDegrees())
                    .put("right", machine.reach().right().toDegrees())
                    .put("tilt", machine.reach().tilt().toDegrees())
                    .put("only_detents", machine.onlyDetents())
                    .put("scale", Fields.name(machine.scale()));
            ArrayNode detents = node.putArray("detents");
            machine.detents().forEach(detent -> detents.addObject().put("degrees", detent.toDegrees()));
            length(machine.sizes().kerf(), "kerf", node);
            length(machine.sizes().longestStop(), "longest_stop", node);
            length(machine.sizes().smallest(), "smallest", node);
            ArrayNode proofs = node.putArray("proofs");
            machine.proofs().forEach(proof -> write(proof, proofs.addObject()));
        }
    }

    private static void length(Optional<Length> length, String name, ObjectNode node) {
        length.ifPresent(said -> node.put(name, said.toExactMm()));
    }

    private static void write(Proof proof, ObjectNode node) {
        node.put("day", proof.day().toString()).put("kind", Fields.name(proof.kind()));
        switch (proof) {
            case Proof.OfAngle angle ->
                node.put("at", angle.at().toDegrees())
                        .put("error", angle.error().toDegrees())
                        .put("doubt", angle.doubt().toDegrees());
            case Proof.OfStop stop -> node.put("difference", stop.difference().toExactMm());
        }
    }
}
