package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.BudgetDrawing;
import neatcorner.core.drawing.DoctorDrawing;
import neatcorner.core.drawing.DriftDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.PracticeDrawing;
import neatcorner.core.drawing.ProvingDrawing;
import neatcorner.core.drawing.SawCutDrawing;
import neatcorner.core.measure.Angle;
import neatcorner.core.saw.SawPlanner;

/** The saw: how it is proved, and what its errors do to the job in hand. */
final class SawPage extends PartedPage {
    private static final double PANEL = 430;
    private static final double DRIFT = 176;
    private final PictureView scraps;
    private final PictureView drift;
    private final PictureView frame;
    private final Label verdict = head("saw.scraps");
    private final Label error = large();
    private final Label likely = head("saw.seen");
    private final Label likelySize = large();
    private final LateScroll plot = new LateScroll();
    private final ProvingPanel proving;
    private final BudgetPanel budget;
    private final Part provingPart;
    private final Part budgetPart;
    private final PictureView seen;
    private final DoctorPanel doctor;
    private final Part doctorPart;
    private final PictureView strip;
    private final Label cutTitle = head("saw.at_the_saw");
    private final Part orderPart;
    private final PictureView exercise;
    private final Part practicePart;

    SawPage(Desk desk) {
        super(desk, "saw");
        this.scraps = picture("proving-picture");
        this.drift = picture("drift-picture");
        this.frame = picture("budget-picture");
        this.seen = picture("doctor-picture");
        this.proving = new ProvingPanel(desk, this::drawProving);
        this.budget = new BudgetPanel(desk, this::drawBudget);
        HBox said = said(error, verdict);
        plot.show(drift);
        this.provingPart = part(
                "proving",
                Page.PROVING,
                beside(card(said, scraps, head("saw.drift"), plot), proving),
                () -> {
                    proving.update();
                    drawProving();
                });
        this.budgetPart = part("budget", Page.BUDGET, beside(card(head("saw.frame"), frame), budget), () -> {
            budget.update();
            drawBudget();
        });
        this.doctor = new DoctorPanel(desk, this::drawDoctor);
        this.doctorPart = part("doctor", Page.DOCTOR, beside(card(said(likelySize, likely), seen), doctor), () -> {
            doctor.update();
            drawDoctor();
        });
        this.strip = picture("order-picture");
        OrderPanel order = new OrderPanel(desk);
        this.orderPart = part("order", Page.ORDER, beside(card(cutTitle, strip), order), () -> {
            order.update();
            drawCut();
        });
        this.exercise = picture("practice-picture");
        PracticePanel practice = new PracticePanel(desk);
        this.practicePart = part(
                "practice", Page.PRACTICE, beside(card(exercise), practice), () -> {
                    practice.update();
                    drawExercise();
                });
        consistOf(List.of(provingPart, budgetPart, doctorPart, orderPart, practicePart));
    }

    /** A part that is a page of its own, which the desk remembers. */
    private Part part(String name, Page page, Node content, Runnable update) {
        Part part = part(name, () -> { }, content, update);
        part.button().setOnAction(_ -> desk().goTo(page));
        return part;
    }

    /** The part that is this page. */
    void show(Page page) {
        go(
                switch (page) {
                    case BUDGET -> budgetPart;
                    case DOCTOR -> doctorPart;
                    case ORDER -> orderPart;
                    case PRACTICE -> practicePart;
                    default -> provingPart;
                });
    }

    private PictureView picture(String id) {
        PictureView picture = new PictureView(desk(), NoTyping.HERE);
        picture.setId(id);
        VBox.setVgrow(picture, Priority.ALWAYS);
        return picture;
    }

    /** As large as it is read from where the saw stands. */
    private static Label large() {
        Label large = new Label();
        large.getStyleClass().add("saw-figure");
        large.setMinWidth(Region.USE_PREF_SIZE);
        return large;
    }

    private static HBox said(Label figure, Label words) {
        words.setWrapText(true);
        HBox said = new HBox(18, figure, words);
        said.setAlignment(Pos.CENTER_LEFT);
        return said;
    }

    private static void say(Label figure, Optional<String> number) {
        figure.setText(number.orElse(""));
        figure.setManaged(number.isPresent());
    }

    private static Label head(String name) {
        Label head = new Label(Labels.get(name));
        head.getStyleClass().add("heading");
        return head;
    }

    private static VBox card(Node... content) {
        VBox card = new VBox(6, content);
        card.getStyleClass().addAll("card", "padded");
        return card;
    }

    private static HBox beside(VBox card, Panel panel) {
        ScrollPane pane = new ScrollPane(panel);
        pane.setFitToWidth(true);
        pane.getStyleClass().add("card");
        pane.setMinWidth(PANEL);
        pane.setPrefWidth(PANEL);
        HBox.setHgrow(card, Priority.ALWAYS);
        HBox row = new HBox(12, card, pane);
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    private void drawProving() {
        say(error, proving.figure());
        verdict.setText(proving.title().orElseGet(() -> Labels.get("saw.scraps")));
        double high = DRIFT * desk().appearance().textSize() / 100.0;
        plot.setMinHeight(high);
        plot.setPrefHeight(high);
        scraps.draw(verdict.getText(), space -> proving.drawn()
                .map(proof -> ProvingDrawing.draw(
                        proof, PictureView.reader(desk()), space.getWidth(), space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
        Angle allowed = desk().plan().figure(SawPlanner.ALLOWED)
                .map(figure -> figure.value())
                .orElse(Angle.degrees(0));
        proving.machine().ifPresent(machine -> drift.drawTall(
                Labels.get("saw.drift"),
                width -> DriftDrawing.draw(machine, allowed, PictureView.reader(desk()), width)));
    }

    private void drawCut() {
        strip.draw(cutTitle.getText(), space -> desk().cuts().cut()
                .map(cut -> SawCutDrawing.draw(
                        cut, desk().cuts().kerf(), PictureView.reader(desk()), space.getWidth(), space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
    }

    private void drawExercise() {
        exercise.draw(Labels.get("practice.heading"), space -> desk().practice().exercise()
                .map(one -> PracticeDrawing.draw(
                        one.shown(desk().practice().answers()),
                        PictureView.reader(desk()),
                        space.getWidth(),
                        space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
    }

    private void drawBudget() {
        frame.draw(Labels.get("saw.frame"), space -> budget.budget()
                .map(worked -> BudgetDrawing.draw(
                        budget.plan(), worked, PictureView.reader(desk()), space.getWidth(), space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
    }

    private void drawDoctor() {
        say(likelySize, doctor.figure());
        likely.setText(doctor.title().orElseGet(() -> Labels.get("saw.seen")));
        seen.draw(likely.getText(), space -> doctor.shown()
                .map(guess -> DoctorDrawing.draw(
                        doctor.ring(),
                        guess,
                        doctor.seen(),
                        PictureView.reader(desk()),
                        space.getWidth(),
                        space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
    }
}
