package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.Desk;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.saw.Budget;
import neatcorner.core.saw.SawPlan;
import neatcorner.core.saw.Spread;
import neatcorner.core.saw.Trust;
import neatcorner.core.words.Phrasebook;

/** What the errors of the saw do to the frame in hand, worked out beside the window. */
final class BudgetPanel extends Panel {
    private final Aside<SawPlan, Optional<Budget>> worked = new Aside<>(Platform::runLater);
    private final ProgressBar progress = new ProgressBar(0);
    private final Button stop = new Button(Labels.get("budget.stop"));
    private final Runnable changed;
    private volatile boolean stopped;

    /**
     * The panel.
     *
     * @param changed is told when something else is to be drawn
     */
    BudgetPanel(Desk desk, Runnable changed) {
        super(desk, NoTyping.HERE);
        this.changed = changed;
        heading(Labels.get("budget.heading"));
        getChildren().add(text(Labels.get("budget.how"), "soft"));
        rows(this::known);
        progress.setId("budget-progress");
        progress.setMaxWidth(Double.MAX_VALUE);
        stop.setId("budget-stop");
        stop.getStyleClass().add("quiet");
        stop.setOnAction(_ -> stop());
        getChildren().addAll(progress, stop);
        rows(this::found);
        onUpdate(this::ask);
    }

    /** The frame in hand and its saw. */
    SawPlan plan() {
        return desk().plan().saw();
    }

    /** What was worked out of it; empty as long as it is not known. */
    Optional<Budget> budget() {
        return worked.answer(plan()).flatMap(answer -> answer);
    }

    private void ask() {
        SawPlan plan = plan();
        if (plan.isRing() && !worked.isAsked(plan)) {
            stopped = false;
            Frame frame = desk().plan().frame();
            worked.ask(
                    plan,
                    gone -> Budget.of(
                            frame,
                            plan,
                            SplittableRandom::new,
                            share -> Platform.runLater(() -> progress.setProgress(share)),
                            () -> gone.getAsBoolean() || stopped),
                    () -> {
                        update();
                        changed.run();
                    });
        }
        boolean busy = plan.isRing() && worked.answer(plan).isEmpty();
        progress.setVisible(busy);
        progress.setManaged(busy);
        stop.setVisible(busy);
        stop.setManaged(busy);
    }

    private void stop() {
        stopped = true;
    }

    /** What is taken for granted: proved, or not. */
    private void known(VBox box) {
        SawPlan plan = plan();
        if (!plan.isRing()) {
            box.getChildren().add(text(Labels.get("budget.no_ring")));
            return;
        }
        box.getChildren().add(text(
                plan.saw().map(saw -> Labels.get("budget.saw", saw.name())).orElseGet(() -> Labels.get("budget.any")),
                "strong"));
        Trust trust = plan.trust();
        box.getChildren().addAll(
                row("budget.left", said(trust.left())),
                row("budget.right", said(trust.right())),
                row("budget.tilt", said(trust.tilt())),
                row("budget.repeat", Labels.get("budget.about", book().write(new Angle(trust.repeat())))),
                row("budget.lengths", Labels.get("budget.about", book().write(Gap.mm(trust.stop())))));
    }

    private Node row(String name, String value) {
        return spread(text(Labels.get(name), "soft"), text(value));
    }

    private String said(Trust.Known known) {
        String doubt = book().write(new Angle(known.doubt()));
        return known.proved()
                ? Labels.get("budget.proved", book().write(new Angle(known.value())), doubt)
                : Labels.get("budget.unproved", doubt);
    }

    private void found(VBox box) {
        if (stopped && budget().isEmpty() && plan().isRing()) {
            Button again = new Button(Labels.get("budget.again"));
            again.getStyleClass().add("quiet");
            again.setOnAction(_ -> worked.forget(this::update));
            box.getChildren().addAll(text(Labels.get("budget.stopped"), "soft"), again);
        }
        budget().ifPresent(budget -> {
            last(budget, box);
            spread(budget, box);
            gains(budget, box);
        });
    }

    private void last(Budget budget, VBox box) {
        box.getChildren().add(text(Labels.get("budget.exactly"), "heading"));
        box.getChildren().add(row("budget.last_turn", book().write(new Angle(budget.last().turn()))));
        box.getChildren().add(row("budget.last_toe", gap(budget.last().openings().toeBack())));
        box.getChildren().add(row("budget.last_heel", gap(budget.last().openings().heelBack())));
        double worst = budget.pulled().stream().mapToDouble(open -> open.widest()).max().orElseThrow();
        box.getChildren().add(row("budget.shared", gap(worst)));
        budget.room().ifPresent(room -> {
            box.getChildren().add(row("budget.play", book().write(new Gap(room.left()))));
            box.getChildren().add(row("budget.play_lost", book().write(new Gap(room.shrunk()))));
            if (room.left().isNegative()) {
                box.getChildren().add(text(Labels.get("budget.no_play"), "caution-word"));
            }
        });
    }

    private String gap(double mm) {
        return mm < 0
                ? Labels.get("budget.overlap", book().write(Gap.mm(-mm)))
                : book().write(Gap.mm(mm));
    }

    private void spread(Budget budget, VBox box) {
        Spread spread = budget.spread();
        box.getChildren().add(text(Labels.get("budget.chance"), "heading"));
        box.getChildren().add(text(
                Labels.get(
                        "budget.of_frames",
                        String.format(Locale.ROOT, "%,d", Spread.FRAMES).replace(',', '\u202f'),
                        book().write(Gap.mm(Spread.under(spread.worst(), 50))),
                        book().write(Gap.mm(Spread.under(spread.worst(), Budget.MOST))),
                        book().write(Gap.mm(Spread.under(spread.last(), 50))),
                        book().write(Gap.mm(Spread.under(spread.last(), Budget.MOST)))),
                "plain"));
    }

    private void gains(Budget budget, VBox box) {
        box.getChildren().add(text(Labels.get("budget.first"), "heading"));
        List<Budget.Gain> help = budget.gains().stream().filter(Budget.Gain::helps).toList();
        if (help.isEmpty()) {
            box.getChildren().add(text(Labels.get("budget.nothing_helps"), "soft"));
        }
        for (Budget.Gain gain : help) {
            box.getChildren()
                    .add(spread(
                            text(book().say(Phrasebook.keyOf(gain.what())), "soft"),
                            text(Labels.get(
                                    "budget.gain",
                                    book().write(Gap.mm(gain.before())),
                                    book().write(Gap.mm(gain.after()))))));
        }
    }
}
