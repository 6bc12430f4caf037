package neatcorner.app.view;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.CutDesk;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Gathered;
import neatcorner.app.desk.Laid;
import neatcorner.app.desk.Page;
import neatcorner.core.cut.CutPlanner;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.Proof;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.job.Print;
import neatcorner.core.job.PrintKey;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.mill.Milling;
import neatcorner.core.outline.Axis;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Shortage;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.StripOrder;
import neatcorner.core.sawing.Strips;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.FigureKey;

/**
 * Every piece with its lengths and the saw's settings at both ends; for all open jobs, every section with what it
 * takes.
 */
final class CutsDetail extends Panel {
    private final Aside<Situation, Shortage> shortage = new Aside<>(Platform::runLater);
    private final Aside<Strips, StripOrder> strips = new Aside<>(Platform::runLater);

    /** What a shortage depends on. */
    private record Situation(Job job, Shop shop) {
    }

    CutsDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        rows(this::booking);
        atTheSaw();
        wishes();
        rows(this::laid);
        sawLinks();
        habit(Habit.KERF);
        habit(Habit.END_TRIM);
        habit(Habit.USEFUL);
        habit(Habit.USEFUL_SHEET);
        habit(Habit.SAFE_HOLD);
    }

    /** Which cut is shown below the sticks, and the way to all of them. */
    private void atTheSaw() {
        SawCard card = new SawCard(this);
        rows(box -> order().ifPresent(_ -> box.getChildren().add(text(Labels.get("sawing.heading"), "heading"))));
        getChildren().add(card.steps());
        onUpdate(() -> card.update(order().isPresent()));
        rows(box -> order().ifPresent(sawing -> box.getChildren()
                .addAll(
                        text(
                                Labels.get(
                                        sawing.saves() ? "sawing.saves" : "sawing.even",
                                        sawing.effort().settings(),
                                        sawing.effort().lengths(),
                                        sawing.plainly().settings(),
                                        sawing.plainly().lengths()),
                                "soft"),
                        link("go-order", "saw.order_here", Page.ORDER))));
    }

    /** The order of cuts; empty where no sticks are laid. */
    private Optional<Sawing> order() {
        return desk().cuts().laid() == Laid.STICKS
                ? desk().cuts().sawing().filter(sawing -> !sawing.cuts().isEmpty())
                : Optional.empty();
    }

    private Cutting cutting() {
        return desk().plan().job().choices().cutting();
    }

    private void laid(VBox box) {
        CutDesk cuts = desk().cuts();
        switch (cuts.laid()) {
            case STICKS -> cuts.together().ifPresentOrElse(together -> lots(box, together), () -> pieces(box));
            case BOARDS -> {
                box.getChildren().add(text(Labels.get("cuts.boards"), "heading"));
                StockRows.milling(this, box, cuts.milling());
                strips(box);
                StockRows.list(this, box, cuts.milling(), desk().shop());
            }
            case SHEETS -> {
                box.getChildren().add(text(Labels.get("cuts.materials"), "heading"));
                StockRows.sheets(this, box, cuts.sheets(), desk().shop().currency());
            }
        }
    }

    /** Setting by setting, all strips of all boards; worked out beside the window. */
    private void strips(VBox box) {
        if (desk().cuts().isMilling() || desk().cuts().milling().sawn().isEmpty()) {
            return;
        }
        Strips now = desk().cuts().strips();
        if (!strips.isAsked(now)) {
            strips.ask(now, now::inOrder, this::update);
        }
        strips.answer(now).ifPresent(order -> {
            box.getChildren().add(text(Labels.get("strips.heading"), "heading"));
            box.getChildren().add(text(
                    Labels.get("strips.changes", order.changes(), order.plainly(), book().say(order.proof())), "soft"));
            order.turns().forEach(turn -> {
                box.getChildren().add(text(book().say(turn.what()), "strong"));
                box.getChildren().add(text(book().say(Words.listed(turn.on())), "soft"));
                turn.caution().ifPresent(caution ->
                        box.getChildren().add(text(book().say(caution.words()), "safety")));
            });
        });
    }

    /** The one large step of this station: the sticks are cut. */
    private void booking(VBox box) {
        Laid laid = desk().cuts().laid();
        boolean sheets = laid == Laid.SHEETS;
        List<Cutting.Made> from = cutting().made(sheets);
        if (desk().cuts().together().isEmpty() && !from.isEmpty()) {
            box.getChildren().add(text(Labels.get("cuts.made"), "heading"));
            from.forEach(made -> box.getChildren().add(text(madeOf(made), "soft")));
            Button again = quiet("cuts.again");
            again.setId("cut-again");
            again.setOnAction(_ -> complain(again, desk().edit(new Edit.Cut(cutting().withMade(sheets, List.of())))));
            box.getChildren().add(again);
            if (laid != Laid.BOARDS || !cutting().partly()) {
                return;
            }
        }
        Button cut = quiet((desk().cuts().together().isPresent() ? "cuts.book_all." : "cuts.book.")
                + laid.name().toLowerCase(Locale.ROOT));
        cut.setId("book-cuts");
        boolean ready = desk().cuts().isReady();
        cut.setDisable(!ready);
        cut.setOnAction(_ -> complain(cut, desk().cut()));
        box.getChildren().addAll(cut, text(Labels.get(ready ? "cuts.book_how" : "cuts.not_yet"), "soft"));
        if (laid == Laid.BOARDS && !desk().cuts().isGathering() && !desk().cuts().isMilling()) {
            someBoards(box);
        }
    }

    /** One board is milled and others are not: it is booked with those that hold parts of the same strips. */
    private void someBoards(VBox box) {
        Milling milling = desk().cuts().milling();
        Set<List<Milling.Sawn>> together = new LinkedHashSet<>();
        milling.sawn().forEach(sawn -> together.add(milling.with(sawn)));
        if (together.size() < 2 && milling.missing().isEmpty()) {
            return;
        }
        for (List<Milling.Sawn> boards : together) {
            String labels = boards.stream().map(sawn -> sawn.board().label()).collect(Collectors.joining(", "));
            Button some = new Button(Labels.get("cuts.book_board", labels));
            some.getStyleClass().add("quiet");
            some.setId("book-" + boards.getFirst().board().label());
            some.setOnAction(_ -> complain(some, desk().milled(milling, boards.getFirst())));
            box.getChildren().add(some);
        }
    }

    private String madeOf(Cutting.Made made) {
        String kept = made.offCut().isEmpty() ? "" : book().say("cuts.made_kept", made.offCut());
        return switch (made.of()) {
            case STICK ->
                book().say("cuts.made_of", made.section(), made.length(), made.stick(), made.pieces())
                        + (made.offCut().isEmpty() ? "" : book().say("cuts.made_left", made.left(), made.offCut()));
            case BOARD ->
                book().say("cuts.made_board", made.length(), made.width(), made.stick(), made.pieces()) + kept;
            case SHEET ->
                book().say("cuts.made_sheet", made.length(), made.width(), made.stick(), made.pieces()) + kept;
        };
    }

    private static Button quiet(String key) {
        Button button = new Button(Labels.get(key));
        button.getStyleClass().add("remedy");
        button.setWrapText(true);
        return button;
    }

    private void wishes() {
        CheckBox matched = new CheckBox(Labels.get("cuts.matched"));
        matched.setId("matched");
        matched.setWrapText(true);
        matched.setOnAction(_ ->
                complain(matched, desk().edit(new Edit.Cut(cutting().withMatched(matched.isSelected())))));
        CheckBox batch = new CheckBox(Labels.get("cuts.one_batch"));
        batch.setId("one-batch");
        batch.setWrapText(true);
        batch.setOnAction(_ -> complain(batch, desk().edit(new Edit.Cut(cutting().withOneBatch(batch.isSelected())))));
        onUpdate(() -> {
            matched.setSelected(cutting().matched());
            batch.setSelected(cutting().oneBatch());
            Laid laid = desk().cuts().laid();
            matched.setText(Labels.get(laid == Laid.BOARDS ? "cuts.matched_boards" : "cuts.matched"));
            matched.setVisible(laid != Laid.SHEETS);
            batch.setVisible(laid == Laid.STICKS);
            for (CheckBox wish : List.of(matched, batch)) {
                wish.setManaged(wish.isVisible());
            }
        });
        getChildren().addAll(matched, batch);
        saw();
        print();
        rows(box -> {
            if (desk().cuts().laid() == Laid.STICKS) {
                box.getChildren().add(text(Labels.get("cuts.drag"), "soft"));
            }
        });
    }

    /** The saw of this job, where the shop has more than one. */
    private void saw() {
        ComboBox<Optional<String>> saw = choice(
                Labels.get("cuts.saw"),
                () -> Stream.concat(
                                Stream.of(Optional.<String>empty()),
                                desk().shop().machines().saws().stream().map(one -> Optional.of(one.name())))
                        .toList(),
                () -> desk().plan().job().saw(),
                name -> name.orElse(Labels.get("cuts.saw_any")),
                name -> desk().edit(new Edit.SawOn(name)));
        saw.setId("job-saw");
        onlyWhile(saw, () -> desk().cuts().laid() == Laid.STICKS
                && (desk().shop().machines().saws().size() > 1 || desk().plan().job().saw().isPresent()));
    }

    /** Something printed on the stick: how often it repeats, and whether it has a way up. */
    private void print() {
        CheckBox printed = wish("printed", on -> cutting().withPrint(on ? Optional.of(Print.USUAL) : Optional.empty()));
        entry(PrintKey.REPEAT);
        CheckBox upright = wish(
                "print-upright", on -> cutting().withPrint(cutting().print().map(print -> print.withUpright(on))));
        onUpdate(() -> {
            printed.setSelected(cutting().print().isPresent());
            upright.setSelected(cutting().print().filter(Print::upright).isPresent());
            printed.setVisible(desk().cuts().laid() == Laid.STICKS);
            printed.setManaged(printed.isVisible());
            upright.setVisible(cutting().print().isPresent());
            upright.setManaged(upright.isVisible());
        });
        rows(box -> cutting()
                .print()
                .ifPresent(print -> box.getChildren().add(text(book().say(print.said()), "soft"))));
    }

    private CheckBox wish(String id, Function<Boolean, Cutting> wished) {
        CheckBox box = new CheckBox(Labels.get("cuts." + id.replace('-', '_')));
        box.setId(id);
        box.setWrapText(true);
        box.setOnAction(_ -> complain(box, desk().edit(new Edit.Cut(wished.apply(box.isSelected())))));
        getChildren().add(box);
        return box;
    }

    private void pieces(VBox box) {
        box.getChildren().add(text(Labels.get("cuts.stock"), "heading"));
        for (FigureKey<?> key : List.of(CutPlanner.COST, CutPlanner.WISHES, CutPlanner.STICKS)) {
            desk().plan().figure(key).map(this::figureRow).ifPresent(box.getChildren()::add);
        }
        desk().plan().cuts().waste().map(this::figureRow).ifPresent(box.getChildren()::add);
        desk().plan().figure(CutPlanner.GAP).map(this::figureRow).ifPresent(box.getChildren()::add);
        desk().plan()
                .cuts()
                .biggest()
                .ifPresent(biggest -> box.getChildren()
                        .add(text(
                                book().say("text.biggest", biggest.stick(), biggest.width(), biggest.height()),
                                "soft")));
        if (!desk().plan().cuts().toBuy().isEmpty()
                || desk().plan().cuts().lots().stream()
                        .flatMap(l -> l.pieces().stream())
                        .anyMatch(p -> p.part().isPresent())) {
            shortage(box);
        }
        box.getChildren().addAll(text(Labels.get("cuts.pieces"), "heading"), text(
                        book().say(desk().plan().frame().lying()), "soft"));
        desk().plan().frame().pieces().forEach(member -> member(box, member));
    }

    /** What could be made without buying; looked for when it is asked, beside the window. */
    private void shortage(VBox box) {
        box.getChildren().add(text(Labels.get("cuts.short"), "heading"));
        Situation now = new Situation(desk().plan().job(), desk().shop());
        if (!shortage.isAsked(now)) {
            Button ask = quiet("cuts.ask_rack");
            ask.setId("ask-rack");
            ask.setOnAction(_ -> {
                shortage.ask(now, stop -> Shortage.of(now.job, now.shop, stop), this::update);
                update();
            });
            box.getChildren().add(ask);
            return;
        }
        if (shortage.answer(now).isEmpty()) {
            box.getChildren().add(text(Labels.get("cuts.asking"), "soft"));
            return;
        }
        Shortage found = shortage.answer(now).get();
        found.smaller().ifPresent(job -> {
            String size = job.given(Axis.WIDTH)
                            .map(s -> book().write(s.length()))
                            .orElse("") + " × "
                    + job.given(Axis.HEIGHT).map(s -> book().write(s.length())).orElse("");
            box.getChildren().add(offer(Labels.get("cuts.smaller", size), new Edit.Draw(job.outline())));
        });
        found.others()
                .forEach(section -> box.getChildren()
                        .add(offer(
                                Labels.get("cuts.other", section.name(), book().exactly(section.face())),
                                new Edit.ChooseSection(section))));
        if (found.smaller().isEmpty() && found.others().isEmpty()) {
            box.getChildren().add(text(Labels.get("cuts.no_way"), "soft"));
        }
    }

    private Button offer(String words, Edit edit) {
        Button button = new Button(words);
        button.getStyleClass().add("quiet");
        button.setWrapText(true);
        button.setOnAction(_ -> complain(button, desk().edit(edit)));
        return button;
    }

    private void lots(VBox box, Gathered together) {
        box.getChildren().add(text(Labels.get("cuts.lots"), "heading"));
        for (Lot lot : together.lots()) {
            VBox rows = new VBox(1);
            rows.getStyleClass().add("option");
            rows.getChildren()
                    .add(text(
                            book().say(
                                            "cuts.lot",
                                            lot.section().name(),
                                            book().exactly(lot.section().face())),
                            "strong"));
            long jobs = together.jobs(lot.pieces().stream().map(Piece::job));
            rows.getChildren()
                    .add(text(
                            book().say(
                                            "cuts.lot_pieces",
                                            lot.pieces().size(),
                                            jobs,
                                            lot.sticks().size()),
                            "soft"));
            lot.toBuy()
                    .forEach((length, count) -> rows.getChildren()
                            .add(text(book().say("cuts.lot_buy", count, book().exactly(length)), "soft")));
            if (lot.answer().isEmpty()) {
                rows.getChildren().add(text(Labels.get("cuts.lot_none"), "severity"));
            } else {
                Optional<String> cost = lot.stock().isPriced()
                                && lot.sticks().stream().anyMatch(StickLayout::bought)
                        ? Optional.of(new Money(
                                        lot.answer().get().cost(), desk().shop().currency())
                                .text())
                        : Optional.empty();
                rows.getChildren()
                        .add(text(
                                cost.map(c -> c + ", ").orElse("")
                                        + book().say(Proof.of(List.of(lot)).words()),
                                "soft"));
            }
            box.getChildren().add(rows);
        }
        Length useful = desk().shop().habits().get(Habit.USEFUL);
        long kept = together.lots().stream()
                .flatMap(l -> l.sticks().stream())
                .mapToLong(s -> s.offCuts(useful).size())
                .sum();
        box.getChildren().add(text(book().say("cuts.lot_kept", kept, useful), "soft"));
    }

    private void member(VBox box, Member member) {
        VBox rows = new VBox(1);
        rows.getStyleClass().add("option");
        rows.getChildren()
                .add(spread(
                        text(
                                book().say(
                                                "cuts.member",
                                                member.side().words(),
                                                member.side().letters()),
                                "strong"),
                        text(book().write(member.longPoint()), "strong")));
        if (!member.isSquare()) {
            rows.getChildren()
                    .add(text(
                            book().say(
                                            member.section().lip().isPositive() ? "cuts.inner" : "cuts.inner_bar",
                                            member.shortPoint(),
                                            member.rabbet()),
                            "soft"));
        }
        if (member.isSquare()) {
            rows.getChildren().add(text(book().say("sheet.square_ends"), "soft"));
        } else {
            Plan plan = desk().plan();
            rows.getChildren().add(text(book().say("cuts.left_end", plan.setting(member.left(), true)), "soft"));
            rows.getChildren().add(text(book().say("cuts.right_end", plan.setting(member.right(), false)), "soft"));
        }
        if (!member.left().isUpright() || !member.right().isUpright()) {
            rows.getChildren()
                    .add(text(
                            book().say(
                                            "text.standing",
                                            member.left().saidStanding(),
                                            member.right().saidStanding())
                                    .strip(),
                            "soft"));
        }
        member.curve()
                .ifPresent(curve -> rows.getChildren()
                        .add(text(
                                book().say("text.curve", curve.blank(), curve.turn(), curve.runOut())
                                        .strip(),
                                "soft")));
        rows.setAccessibleText(book().say(member.side().words()));
        box.getChildren().add(rows);
    }
}
