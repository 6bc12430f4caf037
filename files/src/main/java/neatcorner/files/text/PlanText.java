package neatcorner.files.text;

import java.util.List;
import java.util.Locale;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Job;
import neatcorner.core.job.Station;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.making.MakingStep;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Safety;
import neatcorner.core.stock.StickLayout;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Words;

/** A whole plan as text for a terminal, station by station, in one reader's units. */
public final class PlanText {
    private final Plan plan;
    private final Phrasebook book;
    private final StringBuilder text = new StringBuilder();

    private PlanText(Plan plan, Phrasebook book) {
        this.plan = plan;
        this.book = book;
    }

    /** The text, ending with a line break. */
    public static String write(Plan plan, Phrasebook book) {
        PlanText text = new PlanText(plan, book);
        text.brief();
        text.section();
        text.corners();
        text.cuts();
        text.glueUp();
        text.finish();
        text.fit();
        text.hang();
        text.findings();
        return text.text.toString();
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

    private void brief() {
        Job job = plan.job();
        text.append(job.title()).append(job.order().isBlank() ? "" : " (" + job.order() + ")").append('\n');
        line("quantity", job.quantity());
        heading(Station.BRIEF);
        for (Line line : Line.values()) {
            if (plan.frame().has(line)) {
                text.append(String.format("  %-14s %16s × %-16s%n", book.say(Phrasebook.keyOf(line)),
                        book.write(plan.frame().size(line, Axis.WIDTH).orElseThrow()),
                        book.write(plan.frame().size(line, Axis.HEIGHT).orElseThrow())));
            }
        }
    }

    private void section() {
        heading(Station.SECTION);
        line("section", plan.job().section().name(), plan.job().section().species());
        plan.figures().values().stream().filter(f -> plan.stations().get(f.id()) == Station.SECTION && !f.id().startsWith("making.")).forEach(this::figure);
        int number = 1;
        for (MakingStep step : plan.making().steps()) {
            text.append("  ").append(number++).append(". ").append(book.say(step.what())).append('\n');
            step.fence().ifPresent(this::figure);
            step.height().ifPresent(this::figure);
            step.how().forEach(how -> text.append("     ").append(book.say(how)).append('\n'));
        }
        plan.making().cautions().forEach(this::said);
    }

    private void corners() {
        heading(Station.CORNERS);
        line("joint", plan.joints().chosen());
        plan.joints().used().why().forEach(this::said);
        plan.joints().used().settings().forEach(this::figure);
        for (HiddenPlan.Fit fit : plan.hidden().fits()) {
            line("hidden", Words.of("hidden.fits", fit.fastener().kind(), fit.fastener().thick(), fit.fastener().along(), fit.fastener().deep()),
                    Words.of("hidden.place", fit.fromBack(), fit.fromFace(), fit.fromPoint()));
        }
        figure(plan.movement().dry());
        figure(plan.movement().damp());
    }

    private void cuts() {
        heading(Station.CUTS);
        for (Member member : plan.frame().pieces().toList()) {
            line("member", member.side().words(), member.side().letters(), member.longPoint(), member.shortPoint(), member.rabbet());
            line("ends", member.left().said(true), member.right().said(false));
            if (!member.left().isUpright() || !member.right().isUpright()) {
                line("standing", member.left().saidStanding(), member.right().saidStanding());
            }
            member.curve().ifPresent(curve -> line("curve", curve.blank(), curve.turn(), curve.runOut()));
        }
        plan.figure("curve.best").ifPresent(this::figure);
        int number = 1;
        for (StickLayout stick : plan.cuts().sticks()) {
            String pieces = String.join(", ", stick.placed().stream().map(p -> p.piece().member().side().letters()
                    + p.piece().part().map(part -> book.say("stick.part", part.number(), part.of())).orElse("") + (plan.job().quantity() > 1 ? " #" + p.piece().frame() : "")).toList());
            line("stick", number++, stick.length(), stick.source().said(), pieces, stick.remnant());
        }
        plan.cuts().waste().ifPresent(this::figure);
        plan.cuts().share().ifPresent(this::figure);
        plan.cuts().biggest().ifPresent(biggest -> line("biggest", biggest.stick(), biggest.width(), biggest.height()));
    }

    private void glueUp() {
        heading(Station.GLUE_UP);
        line("adhesive", plan.glue().adhesive());
        plan.glue().times().forEach(this::said);
        plan.glue().checks().forEach(this::figure);
        figure(plan.glue().least());
        figure(plan.glue().most());
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
        plan.finish().steps().forEach(step -> line("coat", step.coat().kind(), step.coat().product().isBlank() ? Words.of("text.no_product") : Words.of("text.product", step.coat().product()),
                step.after().isZero() ? Words.of("finish.at_once") : Words.of("finish.after", step.after())));
        if (plan.finish().steps().isEmpty()) {
            line("bare");
        }
    }

    private void fit() {
        heading(Station.FIT);
        plan.fit().sheets().forEach(this::sheet);
        plan.fit().matOpenings().forEach(this::sheet);
        plan.fit().points().forEach(points -> line("points", points.sides(), points.each(), points.first(), points.apart()));
        plan.fit().strainer().ifPresent(strainer -> {
            figure(strainer.rail());
            figure(strainer.stile());
            figure(strainer.brace());
        });
        steps(plan.fit().order());
    }

    private void sheet(FitPlan.Sheet sheet) {
        line("sheet", sheet.name(), sheet.width(), sheet.height());
    }

    private void hang() {
        heading(Station.HANG);
        line("hardware", plan.hang().chosen());
        plan.figures().values().stream().filter(f -> plan.stations().get(f.id()) == Station.HANG).forEach(this::figure);
    }

    private void findings() {
        text.append('\n').append(book.say("text.findings").toUpperCase(Locale.ROOT)).append('\n');
        for (Finding finding : plan.findings()) {
            line("finding", finding.severity(), finding.station(), finding.what(), finding.cure());
        }
        if (plan.findings().isEmpty()) {
            line("no_findings");
        }
        text.append('\n').append(book.say("text.safety").toUpperCase(Locale.ROOT)).append('\n');
        said(Words.of("safety.rule"));
        for (Safety caution : plan.safety()) {
            said(Words.of(Phrasebook.keyOf(caution)));
        }
    }
}
