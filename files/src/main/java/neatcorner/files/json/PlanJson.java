package neatcorner.files.json;

import java.util.List;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.Placement;
import neatcorner.core.making.MakingStep;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Area;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Volume;
import neatcorner.core.mend.Mending;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.sawing.Effort;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Working;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A whole plan as JSON: every figure in millimetres, degrees, kilograms and newtons, unrounded. */
public final class PlanJson {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_TENTH);

    private static final int VERSION = 1;

    private PlanJson() {
    }

    /** The text of the plan. */
    public static String write(Plan plan) {
        ObjectNode node = Trees.object();
        node.put("format", "neat-corner plan");
        node.put("version", VERSION);
        node.put("title", plan.job().title());
        node.put("quantity", plan.job().quantity());
        List<Plan> parts = Planner.ofParts(plan);
        part(parts.getFirst(), node);
        ArrayNode others = node.putArray("parts");
        parts.stream().skip(1).forEach(other -> {
            ObjectNode item = others.addObject();
            item.put("name", other.job().part().name());
            Placement placement = other.job().placement().orElseThrow();
            item.put("placement", placement.id()).put("on", placement.on());
            part(other, item);
        });
        return Trees.write(node);
    }

    /** One part; the sticks are cut for all of them, and stand with the first. */
    private static void part(Plan plan, ObjectNode node) {
        ObjectNode figures = node.putObject("figures");
        plan.figures().forEach((key, figure) -> figure(figure, figures.putObject(key.id())));
        ArrayNode members = node.putArray("members");
        plan.frame().pieces().forEach(member -> member(member, members.addObject()));
        ArrayNode making = node.putArray("making");
        plan.making().steps().forEach(step -> making(step, making.addObject()));
        joints(plan, node.putObject("joints"));
        if (plan.job().seen() == 0) {
            boolean several = plan.job().parts().size() > 1;
            ArrayNode sticks = node.putArray("sticks");
            plan.cuts().sticks().forEach(stick -> stick(stick, several, sticks.addObject()));
            sawing(plan.toSaw().inOrder(), node.putObject("sawing"));
        }
        ObjectNode glue = node.putObject("glue_up");
        glue.put("adhesive", Fields.name(plan.glue().adhesive()));
        ArrayNode steps = glue.putArray("steps");
        plan.glue().steps().forEach(step -> steps.add(BOOK.say(step)));
        finish(plan, node.putArray("finish"));
        node.putObject("hang").put("hardware", Fields.name(plan.hang().chosen()))
                .put("recommended", Fields.name(plan.hang().recommended()));
        ArrayNode findings = node.putArray("findings");
        plan.findings().forEach(finding -> finding(finding, findings.addObject()));
        ArrayNode safety = node.putArray("safety");
        plan.safety().forEach(caution -> safety.add(BOOK.say(Phrasebook.keyOf(caution))));
    }

    private static void figure(Figure<?> figure, ObjectNode node) {
        node.put("station", figure.key().station().id());
        node.put("name", BOOK.say(figure.name()));
        QuantityJson.write(figure.value(), node);
        node.put("origin", Fields.name(figure.origin()));
        node.put("rounding", Fields.name(figure.rounding()));
        if (!figure.working().lines().isEmpty()) {
            ArrayNode lines = node.putArray("working");
            for (Working.Line line : figure.working().lines()) {
                ObjectNode item = lines.addObject();
                item.put("step", line.step().sign());
                item.put("words", BOOK.say(line.words()));
                QuantityJson.write(line.amount(), item);
            }
        }
        figure.working().note().ifPresent(note -> node.put("note", BOOK.say(note)));
    }

    private static void member(Member member, ObjectNode node) {
        node.put("side", member.side().id());
        node.put("letters", member.side().letters());
        node.put("section", member.section().name());
        node.put("face_mm", member.section().face().toExactMm());
        node.put("long_mm", member.longPoint().value().toExactMm());
        node.put("short_mm", member.shortPoint().value().toExactMm());
        node.put("rabbet_mm", member.rabbet().value().toExactMm());
        node.put("overall_mm", member.overall().toExactMm());
        end(member.left(), "right", "left", node.putObject("left_end"));
        end(member.right(), "left", "right", node.putObject("right_end"));
        member.curve()
                .ifPresent(curve -> node.putObject("curve")
                        .put("blank_width_mm", curve.blank().value().toExactMm())
                        .put("turn_degrees", curve.turn().toDegrees())
                        .put("grain_run_out_degrees", curve.runOut().toDegrees()));
    }

    /** A swing to the far side of square is written to the other side, never as a negative angle. */
    private static void end(Mitre cut, String usual, String other, ObjectNode node) {
        double swing = cut.swing().toDegrees();
        node.put("swing_degrees", Math.abs(swing)).put("swing_to", swing < 0 ? other : usual);
        if (!cut.isUpright()) {
            node.put("tilt_degrees", cut.tilt().toDegrees());
            node.put("standing_swing_degrees", cut.standingSwing().toDegrees());
            node.put("standing_tilt_degrees", cut.standingTilt().toDegrees());
        }
    }

    private static void making(MakingStep step, ObjectNode node) {
        node.put("tool", Fields.name(step.tool()));
        node.put("what", BOOK.say(step.what()));
        ArrayNode how = node.putArray("how");
        step.how().forEach(words -> how.add(BOOK.say(words)));
        step.lies()
                .ifPresent(
                        lies -> node.put("down", Fields.name(lies.down())).put("against", Fields.name(lies.against())));
        step.fence().ifPresent(f -> node.put("fence_mm", f.value().toExactMm()));
        step.height().ifPresent(h -> node.put("height_mm", h.value().toExactMm()));
        ArrayNode passes = node.putArray("passes_mm");
        step.passes().forEach(pass -> passes.add(pass.toExactMm()));
        node.put("supported", step.supported());
    }

    private static void joints(Plan plan, ObjectNode node) {
        node.put("chosen", plan.joints().chosen().id());
        node.put("recommended", plan.joints().recommended().id());
        plan.joints().cuts().corner().ifPresent(corner -> {
            node.put("corner", Fields.name(corner));
            ArrayNode shaping = node.putArray("shaping");
            plan.joints().cuts().settings().forEach(setting -> shaping.add(setting.id()));
        });
        if (!plan.joints().work().isEmpty()) {
            ArrayNode work = node.putArray("work");
            plan.joints().work().forEach(words -> work.add(BOOK.say(words)));
        }
        Mending mending = plan.get(Mending.class);
        mending.trouble().ifPresent(trouble -> {
            ObjectNode item = node.putObject("mending").put("kind", Fields.name(trouble.kind()));
            item.put("corner", trouble.corner()).put("amount_mm", trouble.amount().toExactMm());
            ArrayNode steps = item.putArray("steps");
            mending.steps().forEach(step -> steps.add(BOOK.say(step)));
        });
        ArrayNode options = node.putArray("options");
        plan.joints().options().forEach(option -> {
            ObjectNode item = options.addObject();
            item.put("kind", option.kind().id());
            item.put("enough", option.enough());
            item.put("fits", option.fits());
            item.put("suits_shop", option.suits());
            item.put("minutes_a_corner", option.minutes());
            item.put("fasteners_a_corner", option.count());
            option.lasting().ifPresent(strain -> item.put("lasting_percent", strain.share().toPercent()));
            option.handled().ifPresent(strain -> item.put("lifted_percent", strain.share().toPercent()));
            ArrayNode why = item.putArray("why");
            option.why().forEach(words -> why.add(BOOK.say(words)));
            ArrayNode settings = item.putArray("settings");
            option.settings().forEach(setting -> settings.add(setting.id()));
        });
    }

    private static void stick(StickLayout stick, boolean several, ObjectNode node) {
        node.put("section", stick.section().name());
        node.put("length_mm", stick.length().toExactMm());
        node.put("bought", stick.bought());
        node.put("stick", stick.id().toString());
        node.put("remnant_mm", stick.remnant().toExactMm());
        ArrayNode pieces = node.putArray("pieces");
        stick.placed().forEach(placed -> {
            ObjectNode piece = pieces.addObject();
            if (several) {
                piece.put("of_part", placed.piece().job());
            }
            piece.put("letters", placed.piece().member().side().letters())
                    .put("frame", placed.piece().frame())
                    .put("start_mm", placed.start().toExactMm())
                    .put("end_mm", placed.end().toExactMm());
        });
    }

    private static void sawing(Sawing sawing, ObjectNode node) {
        node.put("proven", sawing.isProven());
        effort(sawing.effort(), node.putObject("in_order"));
        effort(sawing.plainly(), node.putObject("stick_by_stick"));
        ArrayNode cuts = node.putArray("cuts");
        sawing.cuts().forEach(cut -> {
            ObjectNode item = cuts.addObject();
            item.put("stick", cut.on().number())
                    .put("place", cut.on().place() + 1)
                    .put("makes", Fields.name(cut.stroke()))
                    .put("what", BOOK.say(cut.title()))
                    .put("setting", BOOK.say(cut.setting().words()))
                    .put("where", BOOK.say(cut.measure().words()))
                    .put("where_mm", cut.measure().length().toExactMm())
                    .put("turned", cut.on().turned());
            ArrayNode checks = item.putArray("checks");
            cut.checks().forEach(check -> checks.add(BOOK.say(check)));
        });
    }

    private static void effort(Effort effort, ObjectNode node) {
        node.put("saw_set", effort.settings()).put("lengths_carried", effort.lengths());
    }

    private static void finish(Plan plan, ArrayNode node) {
        plan.finish().steps().forEach(step -> node.addObject().put("kind", Fields.name(step.coat().kind()))
                .put("product", step.coat().product()).put("after_minutes", step.after().toMinutes())
                .put("wait_minutes", step.coat().pause().toMinutes()));
    }

    private static void finding(Finding finding, ObjectNode node) {
        node.put("id", finding.id());
        node.put("severity", Fields.name(finding.severity()));
        node.put("station", finding.station().id());
        node.put("what", BOOK.say(finding.what()));
        node.put("cure", BOOK.say(finding.cure()));
        finding.amount().ifPresent(amount -> QuantityJson.write(amount, node.putObject("amount")));
        finding.remedy().ifPresent(remedy -> node.put("remedy", BOOK.say(remedy.words())));
    }
}
