package neatcorner.files.json;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Body;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Choices;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Extras;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Note;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Panel;
import neatcorner.core.job.Part;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Print;
import neatcorner.core.job.Progress;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.Slats;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.StickId;
import neatcorner.core.job.StripId;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Through;
import neatcorner.core.job.Trim;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The fields of a job document, as {@code docs/formats/job.schema.json} publishes them. */
final class JobJson {
    private static final String CHOICES = "choices";
    private static final String JOINT = "joint";
    private static final String BOTTOM_FACE = "bottom_face";

    private JobJson() {
    }

    /** The first part and what holds for all stand at the top, as they did when there was no other. */
    static Job read(Fields fields) {
        Heading heading = fields.build(() ->
                new Heading(fields.text("title"), fields.text("order", ""), fields.whole("quantity", 1)));
        Part first = fields.build(() -> new Part(
                fields.text("part", Job.FIRST),
                Optional.empty(),
                body(fields, OutlineJson.read(fields)),
                fields.has(CHOICES) ? choices(fields.object(CHOICES)) : Choices.NONE,
                progress(fields)));
        List<Part> parts = new ArrayList<>(List.of(first));
        List<String> strained = new ArrayList<>();
        if (isStrained(fields)) {
            strained.add(first.name());
        }
        fields.list("parts", part -> {
            parts.add(part(part, parts));
            return isStrained(part) && strained.add(parts.getLast().name());
        });
        Job job = fields.build(() -> new Job(
                heading,
                parts,
                0,
                index(fields, "holder", parts),
                index(fields, "carrier", parts),
                contents(fields),
                HabitsJson.read(fields),
                fields.list("notes", note -> new Note(note.instant("at"), note.text("text"))),
                fields.has("saw") ? Optional.of(fields.text("saw")) : Optional.empty()));
        for (String part : strained) {
            job = strained(job, part);
        }
        return job;
    }

    /** Before it was a part of its own, a strainer was wished of the part it lies in. */
    private static boolean isStrained(Fields fields) {
        return fields.has(CHOICES) && fields.object(CHOICES).flag("strainer", false);
    }

    /** With a strainer in this part; without, as before, where it has no room for one. */
    private static Job strained(Job job, String on) {
        Job seen = job.at(job.indexOf(on));
        try {
            return PartOffer.named("strainer")
                    .by(Assembly.of(seen, Shop.starting()).seen(), job.freeName("strainer"))
                    .map(part -> new Edit.AddPart(part).apply(seen).at(job.seen()))
                    .orElse(job);
        } catch (Refusal cannotBeWorkedOut) {
            return job;
        }
    }

    private static Body body(Fields fields, Outline outline) {
        Body body = fields.build(() ->
                new Body(
                        outline,
                        SectionJson.read(fields.object("section")),
                        faces(fields),
                        lean(fields),
                        fields.has("construction")
                                ? construction(fields.object("construction"))
                                : Construction.MITRED,
                        extras(fields)));
        return isJoinedSolid(fields) && body.canBe(Construction.ONE_PIECE) ? body.with(Construction.ONE_PIECE) : body;
    }

    /** Before there were constructions, one piece was a joint. */
    private static boolean isJoinedSolid(Fields fields) {
        return fields.has(CHOICES)
                && fields.object(CHOICES).text(JOINT, "").equals(JointKind.SOLID.id());
    }

    private static Extras extras(Fields fields) {
        return new Extras(
                fields.has("cross_bars") ? cross(fields.object("cross_bars")) : CrossBars.NONE,
                fields.has("shaped_edge") ? Optional.of(edge(fields.object("shaped_edge"))) : Optional.empty(),
                fields.has("slats") ? Optional.of(slats(fields.object("slats"))) : Optional.empty(),
                fields.has("panel") ? Optional.of(panel(fields.object("panel"))) : Optional.empty(),
                fields.has("trim") ? Optional.of(trim(fields.object("trim"))) : Optional.empty(),
                fields.has("outer_shape") ? Optional.of(outer(fields.object("outer_shape"))) : Optional.empty());
    }

    private static OuterShape outer(Fields fields) {
        return fields.build(
                () -> new OuterShape(fields.constant("form", OuterShape.Form.class), fields.length("size")));
    }

    private static Panel panel(Fields fields) {
        return fields.build(() -> new Panel(
                SpeciesJson.read(fields),
                fields.length("thickness"),
                fields.length("groove"),
                fields.length("play")));
    }

    private static Trim trim(Fields fields) {
        return fields.build(() -> new Trim(
                fields.length("strip"),
                fields.whole("strips", 1),
                fields.length("proud"),
                fields.length("beyond")));
    }

    private static CrossBars cross(Fields fields) {
        return fields.build(() -> new CrossBars(
                fields.whole("upright", 0), fields.whole("level", 0), fields.flag("at_wire", false)));
    }

    private static ShapedEdge edge(Fields fields) {
        return fields.build(() -> new ShapedEdge(
                fields.constant("form", ShapedEdge.Form.class),
                fields.length("pitch"),
                fields.length("rise"),
                fields.length("corner")));
    }

    private static Slats slats(Fields fields) {
        return fields.build(() -> new Slats(
                fields.length("width"),
                fields.length("thickness"),
                fields.length("pitch"),
                fields.whole("degrees", 0),
                fields.length("groove"),
                fields.length("play")));
    }

    private static Construction construction(Fields fields) {
        String kind = fields.text("kind");
        return switch (kind) {
            case "mitred" -> Construction.MITRED;
            case "one_piece" -> Construction.ONE_PIECE;
            case "squared" ->
                new Construction.Squared(
                        fields.constant("corner", SquareCorner.class), fields.constant("through", Through.class));
            default ->
                throw fields.wrong(
                        "kind", Words.of("refused.fields.is_one_of", kind, "mitred, squared, one_piece"));
        };
    }

    private static Progress progress(Fields fields) {
        Set<Station> settled = EnumSet.noneOf(Station.class);
        settled.addAll(fields.constants("settled", Station.class));
        return fields.build(() -> new Progress(
                fields.lengthsBy("measured", Tape.class),
                settled,
                fields.optional("trouble", name -> trouble(fields.object(name)))));
    }

    private static Trouble trouble(Fields fields) {
        return fields.build(() -> new Trouble(
                fields.constant("kind", Trouble.Kind.class), fields.whole("corner"), fields.length("amount")));
    }

    /** A placed part has the shape of the one it lies by until its own sizes are worked out. */
    private static Part part(Fields fields, List<Part> before) {
        Placement placement = placement(fields.object("placement"));
        Part base = before.stream()
                .filter(other -> other.name().equals(placement.on()))
                .findFirst()
                .orElseThrow(() -> fields.object("placement")
                        .wrong(
                                "on",
                                Words.of(
                                        "refused.job_json.is_a_part_before",
                                        placement.on(),
                                        before.stream().map(Part::name).collect(Collectors.joining(", ")))));
        return fields.build(() -> new Part(
                fields.text("name"),
                Optional.of(placement),
                body(fields, placement.like(base.body().outline())),
                fields.has(CHOICES) ? choices(fields.object(CHOICES)) : Choices.NONE,
                progress(fields)));
    }

    private static Placement placement(Fields fields) {
        String kind = fields.text("kind");
        String on = fields.text("on");
        Length gap = fields.length("gap", Length.ZERO);
        return fields.build(() -> switch (kind) {
            case "around" -> new Placement.Around(on, gap, fields.length("proud", Length.ZERO));
            case "inside" -> new Placement.Inside(on, gap);
            case "behind" -> new Placement.Behind(on, gap);
            case "in_back" -> new Placement.InBack(on, gap);
            case "hinged" ->
                new Placement.Hinged(on, gap, fields.constant("leaves", Placement.Hinged.Leaves.class));
            case "on" -> new Placement.OnFront(on, gap);
            case "on_top" -> new Placement.OnTop(on, gap, fields.length("high"));
            default ->
                throw fields.wrong(
                        "kind",
                        Words.of(
                                "refused.fields.is_one_of",
                                kind,
                                "around, inside, behind, in_back, hinged, on, on_top"));
        });
    }

    private static int index(Fields fields, String name, List<Part> parts) {
        if (!fields.has(name)) {
            return 0;
        }
        List<String> names = parts.stream().map(Part::name).toList();
        int index = names.indexOf(fields.text(name));
        if (index < 0) {
            throw fields.wrong(
                    name, Words.of("refused.fields.is_one_of", fields.text(name), String.join(", ", names)));
        }
        return index;
    }

    /** The bottom rail has had a field of its own from the first. */
    private static Map<String, Length> faces(Fields fields) {
        Map<String, Length> faces = new TreeMap<>();
        if (fields.has("faces")) {
            faces.putAll(fields.object("faces").lengths());
        }
        fields.optional(BOTTOM_FACE, fields::length).ifPresent(face -> faces.put("bottom", face));
        return faces;
    }

    private static Lean lean(Fields fields) {
        if (!fields.has("lean")) {
            return Lean.FLAT;
        }
        Fields lean = fields.object("lean");
        return lean.build(() -> new Lean(lean.number("degrees"), lean.constant("way", Lean.Way.class)));
    }

    private static Contents contents(Fields fields) {
        List<Layer> layers = fields.list("contents", layer -> {
            Material material = layer.constant("material", Material.class);
            return new Layer(material, layer.has("thickness") ? layer.length("thickness") : material.usualThickness());
        });
        return fields.build(() ->
                new Contents(
                        layers,
                        fields.optional("borders", name -> borders(fields.object(name))),
                        fields.optional("picture", fields::text),
                        fields.list("behind", JobJson::fixture)));
    }

    private static Fixture fixture(Fields fields) {
        return fields.build(() -> new Fixture(
                fields.constant("kind", Fixture.Kind.class),
                fields.has("right") ? fields.length("right") : Length.ZERO,
                fields.has("up") ? fields.length("up") : Length.ZERO,
                fields.length("width"),
                fields.length("height"),
                fields.length("depth"),
                fields.has("kg") ? Mass.kg(fields.number("kg")) : Mass.ZERO));
    }

    private static Borders borders(Fields fields) {
        return fields.build(() -> new Borders(fields.length("top"), fields.length("sides"), fields.length("bottom")));
    }

    private static Choices choices(Fields fields) {
        return fields.build(() -> new Choices(
                fields.optional(JOINT, name -> joint(fields, name)).filter(kind -> !kind.equals(JointKind.SOLID)),
                fields.optional("fastener", fields::length),
                fields.has("adhesive") ? fields.constant("adhesive", Adhesive.class) : Adhesive.PVA,
                fields.list("finish", JobJson::coat),
                fields.optional("hardware", name -> fields.constant(name, Hardware.class)),
                fields.has("rabbeting") ? fields.constant("rabbeting", Rabbeting.class) : Rabbeting.BEFORE_MITRING,
                fields.has("grain") ? fields.constant("grain", Species.Grain.class) : Species.Grain.FLAT_SAWN,
                fields.has("cutting") ? cutting(fields.object("cutting")) : Cutting.FREE));
    }

    private static JointKind joint(Fields fields, String name) {
        String id = fields.text(name);
        return Joints.named(id).orElseThrow(() -> fields.wrong(name, Words.of("refused.fields.is_one_of", id,
                Joints.kinds().stream().map(JointKind::id).collect(Collectors.joining(", ")))));
    }

    private static Cutting cutting(Fields fields) {
        return fields.build(() -> new Cutting(
                fields.flag("matched", false),
                fields.flag("one_batch", false),
                fields.list("locks", lock -> new Cutting.Lock(piece(lock), StickId.read(lock.text("stick")))),
                fields.list("forbidden", stick -> StickId.read(stick.text("stick"))),
                fields.list(
                        "made",
                        made -> new Cutting.Made(
                                made.has("of") ? made.constant("of", Cutting.Stuff.class) : Cutting.Stuff.STICK,
                                made.text("stick"),
                                made.text("section", ""),
                                made.length("length"),
                                made.length("width", Length.ZERO),
                                made.text("pieces", ""),
                                made.text("off_cut", ""),
                                made.length("left", Length.ZERO),
                                made.list("strips", JobJson::strip))),
                fields.flag("partly", false),
                fields.optional("print", name -> print(fields.object(name)))));
    }

    private static Print print(Fields fields) {
        return fields.build(() -> new Print(fields.length("repeat"), fields.flag("upright", false)));
    }

    private static StripId strip(Fields strip) {
        return StripId.read(strip.text("strip"))
                .orElseThrow(() -> new FormatException(
                        strip.path("strip"), Words.of("refused.job_json.is_piece_and_layer", strip.text("strip"))));
    }

    private static PieceId piece(Fields lock) {
        return PieceId.read(lock.text("piece"))
                .orElseThrow(() -> new FormatException(
                        lock.path("piece"), Words.of("refused.job_json.is_letters_of_piece", lock.text("piece"))));
    }

    private static void writeCutting(Cutting cutting, ObjectNode node) {
        node.put("matched", cutting.matched()).put("one_batch", cutting.oneBatch());
        cutting.print()
                .ifPresent(print -> node.putObject("print")
                        .put("repeat", print.repeat().toExactMm())
                        .put("upright", print.upright()));
        ArrayNode locks = node.putArray("locks");
        cutting.locks()
                .forEach(lock -> locks.addObject()
                        .put("piece", lock.piece().toString())
                        .put("stick", lock.stick().toString()));
        ArrayNode forbidden = node.putArray("forbidden");
        cutting.forbidden().forEach(stick -> forbidden.addObject().put("stick", stick.toString()));
        ArrayNode made = node.putArray("made");
        for (Cutting.Made one : cutting.made()) {
            ObjectNode from = made.addObject()
                    .put("of", Fields.name(one.of()))
                    .put("stick", one.stick())
                    .put("section", one.section())
                    .put("length", one.length().toExactMm())
                    .put("width", one.width().toExactMm())
                    .put("pieces", one.pieces())
                    .put("off_cut", one.offCut())
                    .put("left", one.left().toExactMm());
            if (!one.strips().isEmpty()) {
                ArrayNode strips = from.putArray("strips");
                one.strips().forEach(strip -> strips.addObject().put("strip", strip.toString()));
            }
        }
        if (cutting.partly()) {
            node.put("partly", true);
        }
    }

    private static Coat coat(Fields fields) {
        Coat.Kind kind = fields.constant("kind", Coat.Kind.class);
        return new Coat(kind, fields.text("product", ""), fields.minutes("minutes", kind.usualWait()));
    }

    static void write(Job job, ObjectNode node) {
        Part first = job.parts().getFirst();
        node.put("title", job.title());
        node.put("order", job.order());
        node.put("quantity", job.quantity());
        node.put("part", first.name());
        OutlineJson.write(first.body().outline(), node);
        SectionJson.write(first.body().section(), node.putObject("section"));
        Map<String, Length> others = new TreeMap<>(first.body().faces());
        Optional.ofNullable(others.remove("bottom")).ifPresent(face -> node.put(BOTTOM_FACE, face.toExactMm()));
        writeFaces(others, node);
        writeLean(first.body().lean(), node);
        writeConstruction(first.body(), node);
        ArrayNode layers = node.putArray("contents");
        for (Layer layer : job.packed().layers()) {
            ObjectNode item = layers.addObject();
            item.put("material", Fields.name(layer.material()));
            item.put("thickness", layer.thickness().toExactMm());
        }
        job.packed().picture().ifPresent(picture -> node.put("picture", picture));
        job.packed().borders().ifPresent(borders -> {
            ObjectNode item = node.putObject("borders");
            item.put("top", borders.top().toExactMm());
            item.put("sides", borders.sides().toExactMm());
            item.put("bottom", borders.bottom().toExactMm());
        });
        for (Fixture fixture : job.packed().behind()) {
            ObjectNode item = node.withArray("behind").addObject();
            item.put("kind", Fields.name(fixture.kind()));
            item.put("right", fixture.right().toExactMm());
            item.put("up", fixture.up().toExactMm());
            item.put("width", fixture.width().toExactMm());
            item.put("height", fixture.height().toExactMm());
            item.put("depth", fixture.depth().toExactMm());
            item.put("kg", fixture.mass().toKg());
        }
        HabitsJson.write(job.overrides(), node);
        writeChoices(first.choices(), node.putObject(CHOICES));
        writeProgress(first.progress(), node);
        ArrayNode notes = node.putArray("notes");
        for (Note note : job.notes()) {
            ObjectNode item = notes.addObject();
            item.put("at", note.at().toString());
            item.put("text", note.text());
        }
        node.put("holder", job.parts().get(job.holder()).name());
        node.put("carrier", job.parts().get(job.carrier()).name());
        job.saw().ifPresent(saw -> node.put("saw", saw));
        ArrayNode parts = node.putArray("parts");
        job.parts().stream().skip(1).forEach(part -> writePart(part, parts.addObject()));
    }

    private static void writePart(Part part, ObjectNode node) {
        node.put("name", part.name());
        Placement placement = part.placement().orElseThrow();
        ObjectNode place = node.putObject("placement")
                .put("kind", placement.id())
                .put("on", placement.on())
                .put("gap", placement.gap().toExactMm());
        if (placement instanceof Placement.Around around) {
            place.put("proud", around.proud().toExactMm());
        }
        if (placement instanceof Placement.OnTop top) {
            place.put("high", top.high().toExactMm());
        }
        if (placement instanceof Placement.Hinged hinged) {
            place.put("leaves", Fields.name(hinged.leaves()));
        }
        SectionJson.write(part.body().section(), node.putObject("section"));
        writeFaces(part.body().faces(), node);
        writeLean(part.body().lean(), node);
        writeConstruction(part.body(), node);
        writeChoices(part.choices(), node.putObject(CHOICES));
        writeProgress(part.progress(), node);
    }

    private static void writeProgress(Progress progress, ObjectNode node) {
        HabitsJson.lengths(progress.measured(), "measured", node);
        ArrayNode settled = node.putArray("settled");
        progress.settled().forEach(station -> settled.add(Fields.name(station)));
        progress.trouble()
                .ifPresent(trouble -> node.putObject("trouble")
                        .put("kind", Fields.name(trouble.kind()))
                        .put("corner", trouble.corner())
                        .put("amount", trouble.amount().toExactMm()));
    }

    private static void writeFaces(Map<String, Length> faces, ObjectNode node) {
        if (!faces.isEmpty()) {
            ObjectNode each = node.putObject("faces");
            faces.forEach((side, face) -> each.put(side, face.toExactMm()));
        }
    }

    private static void writeLean(Lean lean, ObjectNode node) {
        if (!lean.isFlat()) {
            node.putObject("lean").put("degrees", lean.degrees()).put("way", Fields.name(lean.way()));
        }
    }

    private static void writeConstruction(Body body, ObjectNode node) {
        if (!body.cross().isNone()) {
            node.putObject("cross_bars")
                    .put("upright", body.cross().upright())
                    .put("level", body.cross().level())
                    .put("at_wire", body.cross().atWire());
        }
        body.edge().ifPresent(edge -> node.putObject("shaped_edge")
                .put("form", Fields.name(edge.form()))
                .put("pitch", edge.pitch().toExactMm())
                .put("rise", edge.rise().toExactMm())
                .put("corner", edge.corner().toExactMm()));
        body.slats().ifPresent(slats -> node.putObject("slats")
                .put("width", slats.width().toExactMm())
                .put("thickness", slats.thickness().toExactMm())
                .put("pitch", slats.pitch().toExactMm())
                .put("degrees", slats.degrees())
                .put("groove", slats.groove().toExactMm())
                .put("play", slats.play().toExactMm()));
        body.panel().ifPresent(panel -> {
            ObjectNode own = node.putObject("panel");
            SpeciesJson.write(panel.species(), own);
            own.put("thickness", panel.thickness().toExactMm())
                    .put("groove", panel.groove().toExactMm())
                    .put("play", panel.play().toExactMm());
        });
        body.trim().ifPresent(trim -> node.putObject("trim")
                .put("strip", trim.strip().toExactMm())
                .put("strips", trim.strips())
                .put("proud", trim.proud().toExactMm())
                .put("beyond", trim.beyond().toExactMm()));
        body.outer().ifPresent(outer -> node.putObject("outer_shape")
                .put("form", Fields.name(outer.form()))
                .put("size", outer.size().toExactMm()));
        if (body.isOnePiece()) {
            node.putObject("construction").put("kind", "one_piece");
        }
        if (body.construction() instanceof Construction.Squared(SquareCorner corner, Through through)) {
            node.putObject("construction")
                    .put("kind", "squared")
                    .put("corner", Fields.name(corner))
                    .put("through", Fields.name(through));
        }
    }

    private static void writeChoices(Choices choices, ObjectNode node) {
        choices.joint().ifPresent(joint -> node.put(JOINT, joint.id()));
        choices.fastener().ifPresent(length -> node.put("fastener", length.toExactMm()));
        node.put("adhesive", Fields.name(choices.adhesive()));
        ArrayNode finish = node.putArray("finish");
        for (Coat coat : choices.finish()) {
            ObjectNode item = finish.addObject();
            item.put("kind", Fields.name(coat.kind()));
            item.put("product", coat.product());
            item.put("minutes", coat.pause().toMinutes());
        }
        choices.hardware().ifPresent(hardware -> node.put("hardware", Fields.name(hardware)));
        node.put("rabbeting", Fields.name(choices.rabbeting()));
        node.put("grain", Fields.name(choices.grain()));
        if (!choices.cutting().equals(Cutting.FREE)) {
            writeCutting(choices.cutting(), node.putObject("cutting"));
        }
    }
}
