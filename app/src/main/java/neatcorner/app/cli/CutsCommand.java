package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Proof;
import neatcorner.core.cut.SheetPiece;
import neatcorner.core.cut.SheetPieces;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Money;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Severity;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.KnownAnswers;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.text.CutList;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner cuts JOB.json...}. */
@Command(
        name = "cuts",
        description = "Lay the pieces of one or several jobs on the sticks of a shop, with a proven bound.",
        mixinStandardHelpOptions = true)
final class CutsCommand implements Runnable {
    @Parameters(
            paramLabel = "JOB.json",
            arity = "1..*",
            description = "The jobs; pieces of one section share their sticks.")
    private List<Path> jobs = new ArrayList<>();

    @Option(
            names = {"--shop-file", "--shop"},
            paramLabel = "SHOP.json",
            description = "The shop to plan for; a new shop without it.")
    private @Nullable Path shopFile;

    @Option(names = {"-o", "--out"}, paramLabel = "OUT.csv", description = "Write the cut list as CSV.")
    private @Nullable Path out;

    @Option(
            names = "--seconds",
            paramLabel = "S",
            defaultValue = "5",
            description = "Time to look at each section; ${DEFAULT-VALUE} when not said.")
    private double seconds;

    private final Phrasebook book = new Phrasebook(Graduation.MM_TENTH);

    @Override
    public void run() {
        if (!(seconds > 0 && seconds <= 86_400)) {
            throw new CommandException("--seconds is " + seconds + "; it must be over 0 and up to 86400");
        }
        Shop shop = JobFile.shop(Optional.ofNullable(shopFile));
        List<Plan> plans = jobs.stream().map(job -> JobFile.plan(job, Optional.ofNullable(shopFile))).toList();
        for (int i = 0; i < plans.size(); i++) {
            refuseTheImpossible(jobs.get(i), plans.get(i));
        }
        List<Lot> lots = solved(plans, shop);
        List<StickLayout> sticks = CutPlan.sticks(lots);
        List<SheetPiece> sheeted = orders(plans).stream()
                .filter(order -> !order.cutting().isSheetsMade())
                .flatMap(order -> SheetPieces.of(order, shop).stream())
                .toList();
        if (out != null) {
            ToSaw toSaw = ToSaw.of(sticks, orders(plans), shop.machines());
            WholeFile.write(out, CutList.write(toSaw, sheeted, orders(plans)).getBytes(StandardCharsets.UTF_8));
        }
        lots.forEach(lot -> System.out.println(said(lot, shop)));
        if (!sheeted.isEmpty()) {
            System.out.println("sheets: pieces " + sheeted.size());
        }
    }

    private void refuseTheImpossible(Path file, Plan plan) {
        plan.findings().stream()
                .filter(f -> f.severity() == Severity.STOP
                        && f.station() == Station.CUTS
                        && !plan.cuts().complete())
                .findFirst()
                .ifPresent(f -> {
                    throw new CommandException(file + ": " + book.say(f.what()) + " " + book.say(f.cure()));
                });
    }

    /** One job with its own habits and wishes, several together with the shop's. */
    private List<Lot> solved(List<Plan> plans, Shop shop) {
        KnownAnswers known = new KnownAnswers();
        CutPlan.problems(lots(plans, shop, known)).distinct().forEach(problem -> {
            long start = System.nanoTime();
            problem.solve(() -> System.nanoTime() - start > seconds * 1e9, _ -> {})
                    .ifPresent(answer -> known.put(problem, answer));
        });
        return lots(plans, shop, known);
    }

    private static List<Lots.Order> orders(List<Plan> plans) {
        return plans.size() == 1 ? Lots.orders(plans.getFirst().assembly()) : Orders.of(plans);
    }

    private static List<Lot> lots(List<Plan> plans, Shop shop, Answers answers) {
        if (plans.size() == 1) {
            Job job = plans.getFirst().job();
            return Planner.plan(job, shop, answers).cuts().lots();
        }
        return Lots.ofAll(orders(plans), shop, answers);
    }

    private String said(Lot lot, Shop shop) {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "%s, %s face: pieces %d, sticks %d",
                lot.section().name(),
                lot.section().face(),
                lot.pieces().size(),
                lot.sticks().size()));
        lot.toBuy().forEach((length, count) -> text.append(", to buy ").append(count).append(" × ").append(length));
        if (lot.stock().isPriced() && !lot.toBuy().isEmpty()) {
            text.append(", ")
                    .append(new Money(lot.answer().orElseThrow().cost(), shop.currency())
                            .text()
                            .replace('\u00a0', ' '));
        }
        return text.append(", ").append(book.say(Proof.of(List.of(lot)).words())).toString();
    }
}
