package neatcorner.files.text;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.clash.Clashes;
import neatcorner.core.cut.SheetPiece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.frame.EdgeRunKey;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.frame.Paneling;
import neatcorner.core.frame.Slatting;
import neatcorner.core.frame.Trimming;
import neatcorner.core.job.EdgeKey;
import neatcorner.core.job.Job;
import neatcorner.core.job.SlatKey;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointPlanner;
import neatcorner.core.making.MakingKey;
import neatcorner.core.making.MakingStep;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.sawing.Effort;
import neatcorner.core.sawing.Run;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.strength.Burden;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** A whole plan as text for a terminal, station by station, in one reader's units. */
public final class PlanText {
    private final Plan plan;
    private final Phrasebook book;
    private final StringBuilder text;

    private PlanText(Plan plan, Phrasebook book, StringBuilder text) {
        this.plan = plan;
        this.book = book;
        this.text = text;
    }

    /** The text of all parts of its job, ending with a line break. */
    public static String write(Plan plan, Phrasebook book) {
        StringBuilder text = new StringBuilder();
        List<PlanText> parts = Planner.ofParts(plan).stream()
                .map(part -> new PlanText(part, book, text))
                .toList();
        PlanText first = parts.getFirst();
        first.head();
        for (PlanText part : parts) {
            part.named(parts.size());
            part.brief();
            part.section();
            part.corners();
            part.pieces();
            if (parts.size() == 1) {
                part.sticks();
                part.atTheSaw();
            }
            part.glueUp();
            part.finish();
        }
        if (parts.size() > 1) {
            first.together();
            first.sticks();
            first.atTheSaw();
        }
        parts.get(plan.job().holder()).fit();
        first.hang();
        findings(parts);
        return text.toString();
    }

    private void line(String key, Object... args) {
        text.append("  ").append(book.say("text." + key, args)).append('\n');
    }

    private void said(Words words) {
        text.append("  ").append(book.say(words)).append('\n');
    }

    private void figure(Figure<?> figure) {
        text.append(String.format("  %-44s %s%n", book.say(figure.name()), book.write(figure)));
    }

    private void heading(Station station) {
        text.append('\n').append(book.say(Phrasebook.keyOf(station)).toUpperCase(Locale.ROOT)).append('\n');
    }

    /** Cautions stand with the work they belong to. */
    private void cautions(Station station) {
        plan.safety().stream().filter(caution -> caution.station() == station)
                .forEach(caution -> text.append("  ! ").append(book.say(Phrasebook.keyOf(caution))).append('\n'));
    }

    private void head() {
        Job job = plan.job();
        text.append(job.title()).append(job.order().isBlank() ? "" : " (" + job.order() + ")").append('\n');
        line("quantity", job.quantity());
        line("read_plus");
    }

    /** What a part is called and how it lies; a part that is alone needs no name. */
    private void named(int parts) {
        if (parts > 1) {
            text.append('\n').append("== ").append(plan.job().part().name()).append(" ==\n");
            plan.job().lying().ifPresent(this::said);
        }
    }

    private void together() {
        text.append('\n').append("== ").append(book.say("text.all_parts")).append(" ==\n");
        heading(Station.CUTS);
    }

    private void brief() {
        heading(Station.BRIEF);
        for (Line line : Line.values()) {
            if (plan.frame().has(line)) {
                text.append(String.format("  %-14s %16s × %-16s%n", book.say(Phrasebook.keyOf(line)),
                        book.write(plan.frame().size(line, Axis.WIDTH).orElseThrow()),
                        book.write(plan.frame().size(line, Axis.HEIGHT).orElseThrow())));
            }
        }
        Stream.<Predicate<FigureKey<?>>>of(
                        EdgeKey.class::isInstance,
                        SlatKey.class::isInstance,
                        EdgeRunKey.class::isInstance,
                        OuterShaping::isOne)
                .flatMap(kind -> plan.figures(Station.BRIEF).stream().filter(figure -> kind.test(figure.key())))
                .forEach(this::figure);
        Stream.of(Frame.DEPTH, Frame.FRONT_STANDS_OUT).flatMap(key -> plan.figure(key).stream()).forEach(this::figure);
    }

    private void section() {
        heading(Station.SECTION);
        cautions(Station.SECTION);
        line("section", plan.job().section().name(), plan.job().section().species());
        plan.figures(Station.SECTION).stream().filter(f -> matters(f.key())).forEach(this::figure);
        int number = 1;
        for (MakingStep step : plan.making().steps()) {
            text.append("  ").append(number++).append(". ").append(book.say(step.what())).append('\n');
            step.fence().ifPresent(this::figure);
            step.height().ifPresent(this::figure);
            step.how().forEach(how -> text.append("     ").append(book.say(how)).append('\n'));
        }
        plan.making().cautions().forEach(this::said);
    }

    /** Room for points only where there are points, the bit only where a rabbet is routed. */
    private boolean matters(FigureKey<?> key) {
        Recess recess = plan.job().section().recess();
        return switch (key) {
            case MakingKey _ -> false;
            case Habit habit -> switch (habit) {
                case POINT_ROOM ->
                    !plan.fit().points().isEmpty()
                            && plan.job().seen() == plan.job().holder();
                case BIT_RADIUS -> plan.figure(MakingKey.RABBET_LATER).isPresent();
                case FRONT_WOOD -> recess instanceof Recess.Covering;
                default -> true;
            };
            default -> !(key.equals(DepthCheck.FRONT_WOOD) && !(recess instanceof Recess.Covering))
                    && !((key.equals(DepthCheck.STACK) || key.equals(DepthCheck.LEFT))
                            && (!recess.takesPackage() || plan.job().seen() != plan.job().holder()));
        };
    }

    private void mending(Mending mending) {
        mending.trouble().ifPresent(trouble -> line(
                        "trouble",
                        trouble.kind(),
                        plan.frame().members().get(trouble.corner()).side().to()));
        plan.figures(Mending.FIGURES).forEach(this::figure);
        for (int i = 0; i < mending.steps().size(); i++) {
            text.append("    ").append(i + 1).append(". ").append(book.say(mending.steps().get(i))).append('\n');
        }
    }

    private void corners() {
        heading(Station.CORNERS);
        cautions(Station.CORNERS);
        line("joint", plan.joints().said());
        // The figures below say it again, with how they came about.
        plan.joints().used().why().stream()
                .filter(why -> !why.key().equals("joint.bears"))
                .forEach(this::said);
        plan.joints().settings().forEach(this::figure);
        plan.joints().work().forEach(this::said);
        plan.figure(Clashes.LEAST).ifPresent(this::figure);
        mending(plan.get(Mending.class));
        List<Figure<?>> strength = plan.figures(JointPlanner.STRENGTH);
        strength.forEach(this::figure);
        if (!strength.isEmpty()) {
            plan.get(Burden.class).said().forEach(this::said);
        }
        for (HiddenPlan.Fit fit :
                plan.job().isFitted() ? List.<HiddenPlan.Fit>of() : plan.hidden().others(plan.joints().chosen())) {
            line(
                    "hidden",
                    Words.of(
                            "hidden.fits",
                            fit.fastener().kind(),
                            fit.fastener().thick(),
                            fit.fastener().along(),
                            fit.fastener().deep()),
                    fit.place());
        }
        if (plan.hidden().fits().isEmpty() && plan.frame().takesHidden() && !plan.job().isFitted()) {
            line("hidden_none", plan.hidden().none());
        }
        if (plan.frame().isOpening()) {
            figure(plan.movement().dry());
            figure(plan.movement().damp());
        }
    }

    private void pieces() {
        heading(Station.CUTS);
        cautions(Station.CUTS);
        for (Member member : plan.frame().pieces().filter(piece -> !piece.side().isOneOfMany()).toList()) {
            if (member.isSquare()) {
                line("member_square", member.side().words(), member.side().letters(), member.longPoint());
                continue;
            }
            line(
                    plan.job().section().lip().isPositive() ? "member" : "member_bar",
                    member.side().words(),
                    member.side().letters(),
                    member.longPoint(),
                    member.shortPoint(),
                    member.rabbet());
            line("ends", plan.setting(member.left(), true), plan.setting(member.right(), false));
            if (!member.left().isUpright() || !member.right().isUpright()) {
                line("standing", member.left().saidStanding(), member.right().saidStanding());
            }
            member.curve().ifPresent(curve -> line("curve", curve.blank(), curve.turn(), curve.runOut()));
        }
        alike("slats", plan.frame().slats());
        alike("trim", plan.frame().trim());
        plan.figures(Station.CUTS).stream()
                .filter(figure -> Slatting.isOne(figure.key())
                        || Paneling.isOne(figure.key())
                        || Trimming.isOne(figure.key()))
                .forEach(this::figure);
        plan.job().choices().cutting().print().ifPresent(print -> said(print.said()));
        List<SheetPiece> sheeted = plan.cuts().sheeted().stream()
                .filter(sawn -> plan.job().parts().size() == 1
                        || sawn.piece().job().equals(plan.job().part().name()))
                .toList();
        sheeted.stream()
                .filter(SheetPiece::isWhole)
                .collect(Collectors.groupingBy(SheetPiece::from, LinkedHashMap::new, Collectors.toList()))
                .forEach(this::fromSheet);
        sheeted.stream()
                .filter(sawn -> !sawn.isWhole() || sawn.piece().part().isPresent())
                .forEach(sawn -> line(
                        "sheet_piece",
                        sawn.letters(),
                        sawn.from(),
                        sawn.length(),
                        sawn.strip().sheetWidth()));
        plan.figure(Frame.BEST_COUNT).ifPresent(this::figure);
    }

    /** Pieces of one thickness, by their letters where the part has others that come from elsewhere. */
    private void fromSheet(Words from, List<SheetPiece> sawn) {
        List<String> letters = sawn.stream()
                .map(one -> one.piece().member().side().letters())
                .distinct()
                .toList();
        if (letters.size() == plan.frame().pieces().count()) {
            line("from_sheet", from);
        } else {
            line("some_from_sheet", Words.plain(String.join(", ", letters)), from);
        }
    }

    /** Pieces of which there are many, once. */
    private void alike(String line, List<Member> pieces) {
        pieces.stream()
                .findFirst()
                .ifPresent(piece -> line(
                        line,
                        pieces.size(),
                        piece.longPoint(),
                        piece.section().face(),
                        piece.section().thickness()));
    }

    private void sticks() {
        int number = 1;
        for (StickLayout stick : plan.cuts().sticks()) {
            String pieces = String.join(", ", StickWords.of(stick, plan.job(), book));
            String left = String.join(
                    ", ",
                    stick.offCuts(Length.ZERO).stream()
                            .map(rest -> book.write(rest.length()))
                            .toList());
            line(
                    left.isEmpty() ? "stick_full" : "stick",
                    number++,
                    stick.length(),
                    stick.source().said(),
                    pieces,
                    left);
        }
        plan.cuts().waste().ifPresent(this::figure);
        plan.cuts().share().ifPresent(this::figure);
        plan.cuts().biggest().ifPresent(biggest -> line("biggest", biggest.stick(), biggest.width(), biggest.height()));
    }

    /** Setting by setting, what is cut at each; what is tried and clamped on the way. */
    private void atTheSaw() {
        Sawing sawing = plan.toSaw().inOrder();
        if (sawing.cuts().isEmpty()) {
            return;
        }
        line("at_the_saw");
        for (Run run : sawing.runs()) {
            said(run.words());
            for (SawCut cut : run.cuts()) {
                text.append("    ").append(book.say(cut.said())).append('\n');
            }
        }
        Effort ours = sawing.effort();
        if (!sawing.saves()) {
            line("effort_even", ours.settings(), ours.lengths(), sawing.proof());
            return;
        }
        line(
                "effort",
                ours.settings(),
                ours.lengths(),
                sawing.plainly().settings(),
                sawing.plainly().lengths(),
                sawing.proof());
    }

    private void glueUp() {
        heading(Station.GLUE_UP);
        cautions(Station.GLUE_UP);
        if (!plan.glue().times().isEmpty()) {
            line("adhesive", plan.glue().adhesive());
        }
        plan.glue().times().forEach(this::said);
        plan.glue().checks().forEach(this::figure);
        plan.glue().least().ifPresent(this::figure);
        plan.glue().most().ifPresent(this::figure);
        steps(plan.glue().steps());
    }

    private void steps(List<Words> steps) {
        int number = 1;
        for (Words step : steps) {
            text.append("  ").append(number++).append(". ").append(book.say(step)).append('\n');
        }
    }

    private void finish() {
        heading(Station.FINISH);
        cautions(Station.FINISH);
        plan.finish()
                .steps()
                .forEach(step -> line(
                        "coat",
                        step.coat().kind(),
                        step.coat().product().isBlank()
                                ? Words.of("text.no_product")
                                : Words.of("text.product", step.coat().product()),
                        step.after().isZero() ? Words.of("finish.at_once") : Words.of("finish.after", step.after())));
        if (plan.finish().steps().isEmpty()) {
            line(plan.frame().isWoodwork() ? "bare" : "as_bought");
        }
    }

    private void fit() {
        heading(Station.FIT);
        cautions(Station.FIT);
        plan.fit().sheets().forEach(this::sheet);
        plan.fit().matOpenings().forEach(this::sheet);
        plan.fit().points().forEach(points -> said(points.said()));
        plan.fit().behind().forEach(this::figure);
        steps(plan.fit().order());
        if (plan.fit().sheets().isEmpty() && plan.fit().order().isEmpty()) {
            line("nothing_in");
        }
    }

    private void sheet(Pane sheet) {
        line("sheet", sheet.name(), sheet.width(), sheet.height());
    }

    private void hang() {
        heading(Station.HANG);
        cautions(Station.HANG);
        line("hardware", plan.hang().chosen());
        plan.job().carriedBy().ifPresent(this::said);
        plan.figures(Station.HANG).stream()
                .filter(figure -> plan.job().isHung() || !(figure.key() instanceof Habit))
                .forEach(this::figure);
    }

    /** Those of all parts; what concerns all is said once. */
    private static void findings(List<PlanText> parts) {
        PlanText first = parts.getFirst();
        first.text.append('\n').append(first.book.say("text.findings").toUpperCase(Locale.ROOT)).append('\n');
        Set<Words> said = new LinkedHashSet<>();
        for (PlanText part : parts) {
            List<Finding> more =
                    part.plan.findings().stream()
                            .filter(finding -> said.add(finding.what()))
                            .toList();
            if (parts.size() > 1 && !more.isEmpty()) {
                first.text.append("  ").append(part.plan.job().part().name()).append(":\n");
            }
            more.forEach(finding ->
                    part.line("finding", finding.severity(), finding.station(), finding.what(), finding.cure()));
        }
        if (said.isEmpty()) {
            first.line("no_findings");
        }
        first.text.append('\n');
        first.said(Words.of("safety.rule"));
    }
}
