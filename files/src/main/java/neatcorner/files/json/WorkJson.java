package neatcorner.files.json;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.job.Trouble;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A job's work log, and each of its lines, as {@code docs/formats/work.md} describes them. */
public final class WorkJson {
    private static final String FORMAT = "neat-corner work";
    private static final int VERSION = 1;
    private static final String DONE = "done";
    private static final String TAKEN_BACK = "taken_back";
    private static final String MEASURED = "measured";
    private static final String REMARK = "remark";
    private static final String PHOTO = "photo";
    private static final String WENT_WRONG = "went_wrong";
    private static final String CORNER_WENT_WRONG = "corner_went_wrong";
    private static final String GOOD_AFTER_ALL = "good_after_all";
    private static final String TOOK_UP = "took_up";
    private static final List<String> DEEDS = List.of(
            DONE, TAKEN_BACK, MEASURED, REMARK, PHOTO, WENT_WRONG, CORNER_WENT_WRONG, GOOD_AFTER_ALL, TOOK_UP);

    private WorkJson() {
    }

    /** A whole log. */
    public static String write(WorkLog log) {
        ObjectNode node = Trees.object().put("format", FORMAT).put("version", VERSION);
        ArrayNode entries = node.putArray("entries");
        log.entries().forEach(entry -> entries.add(node(entry)));
        return Trees.write(node);
    }

    /**
     * Reads a whole log.
     *
     * @throws FormatException when it cannot be
     */
    public static WorkLog read(String text) {
        Fields fields = Fields.of(text);
        if (!fields.text("format").equals(FORMAT)) {
            throw new FormatException("format", Words.of("refused.work.format", fields.text("format"), FORMAT));
        }
        fields.whole("version", VERSION, 1, VERSION);
        return new WorkLog(fields.list("entries", WorkJson::entry));
    }

    /** One line. */
    public static String write(LogLine entry) {
        return Trees.write(node(entry));
    }

    /**
     * Reads one line.
     *
     * @throws FormatException when it cannot be
     */
    public static LogLine readEntry(String text) {
        return entry(Fields.of(text));
    }

    private static ObjectNode node(LogLine entry) {
        ObjectNode node = Trees.object().put("at", entry.at().toString());
        if (!entry.by().isEmpty()) {
            node.put("by", entry.by());
        }
        node.put("deed", deed(entry.deed()));
        node.set("words", WordsJson.node(entry.said()));
        act(entry.deed().act(), node);
        switch (entry.deed()) {
            case Deed.Done done -> node.put("seconds", done.took().toSeconds());
            case Deed.TakenBack _, Deed.GoodAfterAll _ -> { }
            case Deed.Measured measured -> node.put("planned", measured.planned().toExactMm())
                    .put("value", measured.value().toExactMm())
                    .put("instrument", Fields.name(measured.by()));
            case Deed.Remark remark -> node.put("text", remark.text());
            case Deed.Photo photo -> node.put("picture", photo.picture());
            case Deed.WentWrong wrong -> node.put("what", Fields.name(wrong.what()))
                    .put("lost", wrong.lost().toExactMm());
            case Deed.CornerWentWrong wrong -> node.put("what", Fields.name(wrong.trouble().kind()))
                    .put("corner", wrong.trouble().corner())
                    .put("amount", wrong.trouble().amount().toExactMm());
            case Deed.TookUp took -> {
                ArrayNode sticks = node.putArray("sticks");
                took.sticks().forEach(stick -> sticks.add(stick(stick)));
            }
        }
        return node;
    }

    private static String deed(Deed deed) {
        return switch (deed) {
            case Deed.Done _ -> DONE;
            case Deed.TakenBack _ -> TAKEN_BACK;
            case Deed.Measured _ -> MEASURED;
            case Deed.Remark _ -> REMARK;
            case Deed.Photo _ -> PHOTO;
            case Deed.WentWrong _ -> WENT_WRONG;
            case Deed.CornerWentWrong _ -> CORNER_WENT_WRONG;
            case Deed.GoodAfterAll _ -> GOOD_AFTER_ALL;
            case Deed.TookUp _ -> TOOK_UP;
        };
    }

    private static ObjectNode stick(Deed.Laid stick) {
        ObjectNode node = Trees.object()
                .put("section", stick.section())
                .put("stick", stick.stick().toString());
        ArrayNode spots = node.putArray("pieces");
        for (Deed.Spot spot : stick.spots()) {
            ObjectNode one = Trees.object()
                    .put("part", spot.part())
                    .put("piece", spot.piece().toString())
                    .put("start", spot.start().toExactMm())
                    .put("end", spot.end().toExactMm());
            if (spot.swapped()) {
                one.put("swapped", true);
            }
            if (spot.mirrored()) {
                one.put("mirrored", true);
            }
            spots.add(one);
        }
        return node;
    }

    private static Deed.Laid stick(Fields fields) {
        return new Deed.Laid(
                fields.text("section"),
                StickId.read(fields.text("stick")),
                fields.list("pieces", spot -> new Deed.Spot(
                        spot.text("part"),
                        piece(spot),
                        spot.length("start"),
                        spot.length("end"),
                        spot.flag("swapped", false),
                        spot.flag("mirrored", false))));
    }

    private static void act(Act act, ObjectNode node) {
        node.put("part", act.part());
        switch (act) {
            case Act.Saw saw -> {
                node.put("piece", saw.piece().toString()).put("right_end", saw.right());
                if (saw.again() > 0) {
                    node.put("again", saw.again());
                }
            }
            case Act.Size size -> {
                node.put("size", size.size());
                if (size.station() != Station.FIT) {
                    node.put("station", size.station().id());
                }
            }
            case Act.Step step -> node.put("station", step.station().id())
                    .put("step", step.what())
                    .put("nth", step.nth());
        }
    }

    private static LogLine entry(Fields fields) {
        Act act = act(fields);
        Deed deed = fields.build(() -> switch (fields.text("deed")) {
            case DONE -> new Deed.Done(act, Duration.ofSeconds(fields.whole("seconds", 0)));
            case TAKEN_BACK -> new Deed.TakenBack(act);
            case MEASURED -> new Deed.Measured(
                    act,
                    fields.length("planned"),
                    fields.length("value"),
                    fields.constant("instrument", Instrument.class));
            case REMARK -> new Deed.Remark(act, fields.text("text"));
            case PHOTO -> new Deed.Photo(act, fields.text("picture"));
            case WENT_WRONG -> new Deed.WentWrong(
                    saw(act, fields), fields.constant("what", Deed.Spoilt.class), fields.length("lost"));
            case CORNER_WENT_WRONG -> new Deed.CornerWentWrong(
                    act,
                    new Trouble(
                            fields.constant("what", Trouble.Kind.class),
                            fields.whole("corner", 0),
                            fields.length("amount")));
            case GOOD_AFTER_ALL -> new Deed.GoodAfterAll(act);
            case TOOK_UP -> new Deed.TookUp(act, fields.list("sticks", WorkJson::stick));
            case String other -> throw new FormatException(
                    fields.path("deed"),
                    Words.of("refused.work.deed", other, String.join(", ", DEEDS)));
        });
        Instant at = fields.instant("at");
        Words said = WordsJson.of(fields.any("words"))
                .orElseThrow(() -> new FormatException(fields.path("words"), Words.of("refused.history.words")));
        return fields.build(() -> new LogLine(at, fields.text("by", ""), deed, said));
    }

    private static Act.Saw saw(Act act, Fields fields) {
        if (act instanceof Act.Saw saw) {
            return saw;
        }
        throw new FormatException(fields.path("piece"), Words.of("refused.work.no_piece"));
    }

    private static Act act(Fields fields) {
        String part = fields.text("part");
        if (fields.has("size")) {
            return new Act.Size(
                    part,
                    fields.text("size"),
                    fields.has("station") ? fields.constant("station", Station.class) : Station.FIT);
        }
        if (!fields.has("piece")) {
            return new Act.Step(
                    part,
                    fields.constant("station", Station.class),
                    fields.text("step"),
                    fields.whole("nth", 1, 1, 100_000));
        }
        return new Act.Saw(
                part, piece(fields), fields.flag("right_end", false), fields.whole("again", 0, 0, 1000));
    }

    private static PieceId piece(Fields fields) {
        return PieceId.read(fields.text("piece"))
                .orElseThrow(() -> new FormatException(
                        fields.path("piece"), Words.of("refused.job_json.is_letters_of_piece", fields.text("piece"))));
    }
}
