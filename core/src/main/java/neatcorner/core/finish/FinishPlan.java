package neatcorner.core.finish;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Placement;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Station;

/**
 * The finish with the time each step starts after the first.
 *
 * @param steps in order
 * @param total from the first step until the last has dried
 */
public record FinishPlan(List<Step> steps, Duration total) {
    /**
     * One step.
     *
     * @param coat  what is done
     * @param after how long after the first step it may start
     */
    public record Step(Coat coat, Duration after) {
    }

    /** Lays the steps one after another. */
    public static Planned<FinishPlan> plan(Frame frame) {
        Ledger ledger = new Ledger();
        return ledger.planned(plan(frame, ledger));
    }

    private static FinishPlan plan(Frame frame, Ledger ledger) {
        List<Step> steps = new ArrayList<>();
        Duration after = Duration.ZERO;
        List<Coat> coats = frame.job().choices().finish();
        ledger.decide(Station.FINISH, coats);
        for (int i = 0; i < coats.size(); i++) {
            Coat coat = coats.get(i);
            steps.add(new Step(coat, after));
            after = after.plus(coat.pause());
            if (coat.kind().isNamed() && coat.product().isBlank()) {
                ledger.find(Finding.of(Severity.CAUTION, Station.FINISH, "product_not_written", coat.kind(), i + 1)
                        .remedy(new Remedy.Visit(Words.of("remedy.write_product"), Station.FINISH)));
            }
            cautions(coat.kind()).forEach(ledger::warn);
        }
        Species species = frame.job().section().species();
        boolean metal = !frame.isWoodwork();
        if (metal && !coats.isEmpty()) {
            ledger.find(Finding.of(Severity.NOTE, Station.FINISH, "finish_on_metal", species)
                    .remedy(new Remedy.OnJob(Words.of("remedy.no_finish"), new Edit.Finish(List.of()))));
        }
        if (species.stuff() == Stuff.PRESSED && coats.stream().anyMatch(coat -> coat.kind() == Coat.Kind.STAIN)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.FINISH, "stain_on_board", species)
                    .remedy(new Remedy.OnJob(Words.of("remedy.painted"), new Edit.Finish(Recipes.PAINTED))));
        }
        boolean unseen = frame.job().isStretcher()
                || frame.job().placement().filter(Placement.InBack.class::isInstance).isPresent();
        if (coats.isEmpty() && (unseen || metal)) {
            // Cloth or tape covers it, or it is as it was bought.
            return new FinishPlan(List.of(), after);
        }
        if (coats.isEmpty()) {
            ledger.find(Finding.of(Severity.NOTE, Station.FINISH, "no_finish").remedy(new Remedy.OnJob(
                    Words.of("remedy.plain_oil"), new Edit.Finish(Recipes.OIL))));
        } else if (!metal) {
            findUnsanded(coats, ledger);
            CoatOrder.check(coats, ledger);
        }
        return new FinishPlan(List.copyOf(steps), after);
    }

    private static void findUnsanded(List<Coat> coats, Ledger ledger) {
        if (coats.stream().noneMatch(coat -> coat.kind() == Coat.Kind.SAND)) {
            List<Coat> sanded = new ArrayList<>(coats);
            sanded.addFirst(Coat.of(Coat.Kind.SAND, ""));
            ledger.find(Finding.of(Severity.NOTE, Station.FINISH, "not_sanded").remedy(new Remedy.OnJob(
                    Words.of("remedy.sand_first"), new Edit.Finish(sanded))));
        }
    }

    /** What is said to the hands of such a step. */
    public static List<Safety> cautions(Coat.Kind kind) {
        List<Safety> cautions = new ArrayList<>();
        if (kind == Coat.Kind.SAND || kind == Coat.Kind.RUB_DOWN) {
            cautions.add(Safety.DUST);
        }
        if (kind.isOily()) {
            cautions.add(Safety.OILY_RAGS);
        }
        if (kind == Coat.Kind.LACQUER || kind == Coat.Kind.SHELLAC || kind == Coat.Kind.OIL_VARNISH) {
            cautions.add(Safety.SOLVENT);
        }
        return cautions;
    }
}
