package neatcorner.app.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.BoardBooking;
import neatcorner.core.mill.Buying;
import neatcorner.core.mill.Milling;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.Strips;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Problem;
import neatcorner.files.store.ShopStore;

/**
 * What is laid out to be cut: the job in hand or all open jobs, on sticks, boards or sheets. On the interface thread.
 */
public final class CutDesk {
    private final Desk desk;
    private final Gatherer gatherer;
    private final Improver improver;
    private final Runnable changed;
    private boolean wantsTogether;
    private Optional<Laid> chosen = Optional.empty();
    private Optional<Gathered> together = Optional.empty();
    private final BoardDesk boards;
    private final Aside<ToSaw, Sawing> sawing;
    private int cut;

    /**
     * For a desk.
     *
     * @param gatherer reads and lays all open jobs
     * @param boards   lays the strips of the job in hand
     * @param interfaceThread on which answers come in
     * @param changed  called after every change of its own
     */
    CutDesk(
            Desk desk,
            Gatherer gatherer,
            BoardDesk boards,
            Improver improver,
            Executor interfaceThread,
            Runnable changed) {
        this.desk = desk;
        this.gatherer = gatherer;
        this.boards = boards;
        this.improver = improver;
        this.sawing = new Aside<>(interfaceThread);
        this.changed = changed;
    }

    /**
     * Looks for better cuts; called when job and shop are in hand and their saving is under way, so that all jobs are
     * read as they are now.
     */
    void search() {
        if (wantsTogether) {
            gather();
        } else {
            improve();
        }
    }

    /** Better answers came in: all open jobs are laid anew with them. */
    void relay() {
        boards.stale();
        together.ifPresent(all -> gatherer.relay(all, desk.shop(), improver.answers(), laid(), anew -> {
            together = Optional.of(anew);
            changed.run();
        }));
    }

    private void improve() {
        Stream<Problem<?>> sticks = CutPlan.problems(lots()).map(problem -> problem);
        Stream<Problem<?>> more = switch (laid()) {
            case STICKS -> Stream.empty();
            case SHEETS -> sheets().stream().flatMap(lot -> lot.problem().stream());
            case BOARDS -> milling().problems().stream().map(problem -> problem);
        };
        improver.improve(Stream.concat(sticks, more).toList());
    }

    /** Reads and lays all open jobs aside, behind the edits under way. */
    private void gather() {
        List<String> ids = desk.jobs().stream().filter(entry -> !entry.away()).map(ShopStore.Listed::id).toList();
        gatherer.gather(ids, desk.shop(), improver.answers(), laid(), gathered -> {
            together = Optional.of(gathered);
            improve();
            changed.run();
        });
    }

    /** All open jobs together, when they are wanted together. */
    public Optional<Gathered> together() {
        return together;
    }

    /** Plans all open jobs together from now on, or only the job in hand. */
    public void showTogether(boolean wanted) {
        wantsTogether = wanted;
        if (wanted) {
            gather();
        } else {
            gatherer.drop();
            together = Optional.empty();
            improve();
        }
        changed.run();
    }

    /** What is laid on sticks in the order of its cuts; empty as long as that is worked out, beside the window. */
    public Optional<Sawing> sawing() {
        ToSaw now = toSaw();
        if (!sawing.isAsked(now)) {
            cut = 0;
            sawing.ask(now, now::inOrder, changed);
        }
        return sawing.answer(now);
    }

    private ToSaw toSaw() {
        boolean complete = lots().stream().allMatch(lot -> lot.answer().isPresent());
        List<StickLayout> sticks = complete ? CutPlan.sticks(lots()) : List.of();
        return together.filter(all -> !all.orders().isEmpty())
                .map(all -> ToSaw.of(sticks, all.orders(), desk.shop().machines()))
                .orElseGet(() -> new ToSaw(
                        sticks, desk.plan().frame().habits(), desk.shop().machines()));
    }

    /** What the blade takes. */
    public Length kerf() {
        return toSaw().kerf();
    }

    /** The cut one stands at; empty where there is none, or none is known yet. */
    public Optional<SawCut> cut() {
        return sawing().map(Sawing::cuts).filter(cuts -> !cuts.isEmpty()).map(cuts -> cuts.get(cut));
    }

    /** Goes to a cut, from 1; past either end nowhere. */
    public void goToCut(int number) {
        if (sawing().filter(all -> number >= 1 && number <= all.cuts().size()).isPresent()) {
            cut = number - 1;
            changed.run();
        }
    }

    /** Whether the jobs are being read and laid just now, so that what is shown may be of before. */
    public boolean isGathering() {
        return gatherer.isGathering();
    }

    /** Whether all open jobs are wanted together. */
    public boolean isTogether() {
        return wantsTogether;
    }

    /** What is laid out below the drawing: sticks until one chooses, but sheets where nothing comes from a stick. */
    public Laid laid() {
        boolean sheetsOnly = together.isEmpty()
                && desk.plan().cuts().lots().isEmpty()
                && !desk.plan().cuts().sheeted().isEmpty();
        return chosen.orElse(sheetsOnly ? Laid.SHEETS : Laid.STICKS);
    }

    /** Lays out something else below the drawing. */
    public void lay(Laid other) {
        chosen = Optional.of(other);
        if (wantsTogether) {
            gather();
        } else {
            improve();
        }
        changed.run();
    }

    /** The pieces of the job in hand, or of all open jobs, by section. */
    public List<Lot> lots() {
        return together.map(Gathered::lots).orElseGet(() -> desk.plan().cuts().lots());
    }

    /**
     * Their panes by material, with the best answers known; those of a job whose panes are cut are not among them, nor
     * what is still being gathered.
     */
    public List<SheetLot> sheets() {
        if (together.isPresent()) {
            return together.get().sheets().orElse(List.of());
        }
        return SheetLot.of(
                orders().filter(order -> !order.cutting().isSheetsMade()).toList(),
                desk.shop(),
                improver.answers());
    }

    /**
     * Their members from the boards of the rack; those of the job in hand while boards are not what is laid out. What
     * has changed is laid aside, and what was laid before stands until then.
     */
    public Milling milling() {
        if (together.isPresent() && laid() == Laid.BOARDS) {
            return together.get().milling().orElse(Milling.NONE);
        }
        return boards.milling(wish(desk.shop()), (before, milling) -> {
            if (laid() == Laid.BOARDS && together.isEmpty() && !milling.problems().equals(before.problems())) {
                improve();
            }
            changed.run();
        });
    }

    /** What is done along the strips that are laid on boards. */
    public Strips strips() {
        return new Strips(
                milling(),
                together.map(Gathered::orders).orElseGet(() -> orders().toList()),
                desk.shop().habits());
    }

    /** Lays what is laid out now, wherever it is asked to: the strips of the job in hand, or of all open jobs. */
    public Supplier<Milling> boards() {
        Optional<Milling> all = together.flatMap(Gathered::milling);
        BoardDesk.Wish wish = wish(desk.shop());
        return () -> all.orElseGet(() -> wish.milling(improver.answers()));
    }

    /** Lays the strips of the job in hand aside as if the rack were as after this edit. */
    public void tryBoards(ShopEdit edit, Consumer<Milling> then) {
        boards.trial(wish(edit.apply(desk.shop())), then);
    }

    private BoardDesk.Wish wish(Shop shop) {
        return new BoardDesk.Wish(desk.jobId(), desk.plan(), shop);
    }

    /** What the sticks to buy cost that would give what the boards are to give; empty when that is not known. */
    public Optional<Long> asMoulding() {
        return Buying.asMoulding(lots());
    }

    /** Whether strips are laid on boards just now, so that what is shown may be of before. */
    public boolean isMilling() {
        return together.isEmpty() && boards.isLaying();
    }

    /** The parts of the job in hand. */
    private Stream<Lots.Order> orders() {
        return Lots.orders(desk.plan().assembly()).stream();
    }

    /** Whether everything that is laid out has its place, so that it can be cut. */
    public boolean isReady() {
        return !isGathering()
                && switch (laid()) {
                    case STICKS ->
                        !lots().isEmpty()
                                && lots().stream().allMatch(lot -> lot.answer().isPresent());
                    case BOARDS ->
                        !milling().boards().isEmpty()
                                && !isMilling() && milling().missing().isEmpty();
                    case SHEETS -> {
                        List<SheetLot> sheets = sheets();
                        yield !sheets.isEmpty()
                                && sheets.stream()
                                        .allMatch(lot -> lot.answer().isPresent()
                                                && lot.tooLarge().isEmpty());
                    }
                };
    }

    /** What cutting it does to the rack. */
    Booking booking() {
        return switch (laid()) {
            case STICKS ->
                Booking.ofSticks(
                        lots(),
                        together.isPresent() ? List.of() : desk.bench().mishaps().madeAgain(),
                        desk.shop(),
                        desk.plan().frame().habits().get(Habit.USEFUL));
            case BOARDS -> BoardBooking.of(
                    together.isPresent() ? milling() : boards.now(wish(desk.shop())), desk.shop());
            case SHEETS ->
                Booking.ofSheets(
                        sheets(), desk.shop(), desk.plan().frame().habits().get(Habit.USEFUL_SHEET));
        };
    }

    /** Whose pieces are laid out, by the names they carry. */
    Map<String, Gathered.Whose> whose() {
        return together.map(Gathered::whose)
                .orElseGet(() -> orders().collect(Collectors.toMap(
                        Lots.Order::name,
                        order -> new Gathered.Whose(
                                desk.jobId(), order.frame().job().seen()))));
    }

    /** Which part of the job in hand pieces of this name belong to, from 0. */
    public int partOf(String name) {
        return Optional.ofNullable(whose().get(name)).map(Gathered.Whose::part).orElse(0);
    }
}
