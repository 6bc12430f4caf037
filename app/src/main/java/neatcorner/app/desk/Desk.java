package neatcorner.app.desk;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.cut.Booking;
import neatcorner.core.drawing.Turn;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.GiveWay;
import neatcorner.core.job.Job;
import neatcorner.core.job.Note;
import neatcorner.core.job.Tape;
import neatcorner.core.joint.FastenerKey;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.mill.BoardBooking;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.practice.Attempt;
import neatcorner.core.report.Remedy;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.json.Document;
import neatcorner.files.picture.CustomerPicture;
import neatcorner.files.serial.Cables;
import neatcorner.files.store.Revision;
import neatcorner.files.store.ShopFolder;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;

/**
 * The job in hand. Used from the interface thread only; the store is written on a thread of its own,
 * one edit after another in the order they were made.
 */
public final class Desk implements AutoCloseable {
    private static final int MOST_RECENT = 6;
    private final ShopStore store;
    private final Clock clock;
    private final Executor interfaceThread;
    private final Saver saver;
    /** Reads and lays all open jobs: beside the saving, which never waits for it. */
    private final ExecutorService reader = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "jobs-reader");
        thread.setDaemon(true);
        return thread;
    });
    private final Improver improver;
    private final List<Runnable> listeners = new ArrayList<>();
    private Consumer<String> complaints = _ -> { };
    private DeskState state;
    private Appearance appearance;
    private Phrasebook book;
    private Optional<String> unsaved = Optional.empty();
    private List<Path> recent;
    private boolean isMoving;
    private final CutDesk cuts;
    private final BenchDesk bench;
    private final PracticeDesk practice;
    private final LogDesk logs;
    private final GaugeDesk gauges;

    /**
     * Opens the desk on a shop; a shop without jobs gets a first one.
     *
     * @param interfaceThread runs work on the interface thread
     */
    public Desk(ShopStore store, Clock clock, Executor interfaceThread) {
        this(store, clock, interfaceThread, Improver.USUAL);
    }

    /**
     * Opens the desk on a shop.
     *
     * @param search how long better ways to cut are looked for, for each section and material
     */
    public Desk(ShopStore store, Clock clock, Executor interfaceThread, Duration search) {
        this.store = store;
        this.clock = clock;
        this.interfaceThread = interfaceThread;
        this.improver = new Improver(interfaceThread, search, this::replan);
        this.saver = new Saver(interfaceThread, this::unsaved, this::fault);
        this.cuts = new CutDesk(
                this,
                new Gatherer(store, work -> saver.after(() -> reader.execute(work)), reader, interfaceThread),
                new BoardDesk(reader, interfaceThread, improver.answers()),
                improver,
                interfaceThread,
                this::changed);
        this.bench = new BenchDesk(
                this,
                store.setting(BenchDesk.BY).orElse(""),
                new Together(store, saver, interfaceThread, this::changed),
                clock,
                interfaceThread,
                this::changed);
        this.gauges = new GaugeDesk(
                Cables.SERIAL,
                () -> Duration.ofNanos(System.nanoTime()),
                interfaceThread,
                this::complain,
                this::changed);
        this.appearance = store.setting("appearance").map(Appearance::of).orElse(Appearance.USUAL);
        this.book = new Phrasebook(appearance.graduation());
        this.recent = store.setting("recent").map(Desk::paths).orElse(List.of());
        Document<Shop> shop = asOfToday(store.shop());
        if (store.jobs().isEmpty()) {
            store.add(Document.of(firstJob("First frame", shop.value())), Words.of("job.begun"));
        }
        List<ShopStore.Listed> jobs = store.jobs();
        String last = store.setting("job").orElse("");
        String id = jobs.stream().filter(entry -> entry.id().equals(last)).findFirst().orElse(jobs.getFirst()).id();
        this.state = DeskState.of(
                shop, id, store.job(id), store.work(id), improver.answers(), jobs, DeskState.Where.START);
        this.logs = new LogDesk(this, store, saver, interfaceThread, this::changed);
        this.practice = new PracticeDesk(this, store.practised(), clock, interfaceThread, this::changed);
        cuts.search();
    }

    /** What cannot be a path on this machine is left out. */
    private static List<Path> paths(String lines) {
        List<Path> paths = new ArrayList<>();
        for (String line : lines.lines().toList()) {
            try {
                paths.add(Path.of(line));
            } catch (InvalidPathException elsewhere) {
                // Written on another machine.
            }
        }
        return List.copyOf(paths);
    }

    private static Job firstJob(String title, Shop shop) {
        return Job.starting(title, Length.inches(8), Length.inches(10), shop.mouldings().isEmpty()
                ? Shop.starting().mouldings().getFirst().section() : shop.mouldings().getFirst().section());
    }

    /** What is laid out to be cut. */
    public CutDesk cuts() {
        return cuts;
    }

    /**
     * What is laid out is cut, of the job in hand or of all open jobs: it goes off the rack, what is worth keeping
     * comes on it. That is one step: the rack and the jobs are undone together.
     *
     * @return why it was refused, in the maker's units; empty when it was booked
     */
    public Optional<String> cut() {
        return booked(cuts::booking);
    }

    /** Only this board, and those it goes with, are milled; the rest is as after {@link #cut}. */
    public Optional<String> milled(Milling milling, Milling.Sawn board) {
        return booked(() -> BoardBooking.of(milling, milling.with(board), shop()));
    }

    private Optional<String> booked(Supplier<Booking> work) {
        if (saver.isFailing()) {
            return Optional.of(book.say("desk.not_saved_first"));
        }
        try {
            state = state.previewing(Optional.empty(), improver.answers());
            Booking booking = work.get();
            Laid laid = cuts.laid();
            Map<String, List<Edit>> made = new LinkedHashMap<>();
            Map<String, Gathered.Whose> whose = cuts.whose();
            booking.made().forEach((name, from) -> {
                Gathered.Whose mine = Objects.requireNonNull(whose.get(name));
                made.computeIfAbsent(mine.id(), _ -> new ArrayList<>())
                        .add(new Edit.Make(
                                mine.part(), laid.stuff(), from, !booking.open().contains(name)));
            });
            String inHand = state.jobId();
            DeskState after = state.edited(booking.edit(), improver.answers());
            for (Edit edit : made.getOrDefault(inHand, List.of())) {
                after = after.edited(edit);
            }
            state = after;
            Words words = booking.edit().words();
            Document<Job> mine = after.job();
            Document<Shop> shop = after.shop();
            write(() -> {
                Map<String, Document<Job>> saved = new LinkedHashMap<>();
                made.forEach((id, edits) -> saved.put(id, id.equals(inHand) ? mine : edited(store.job(id), edits)));
                store.saveTogether(shop, saved, words);
            });
            cuts.search();
            changed();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    private static Document<Job> edited(Document<Job> job, List<Edit> edits) {
        Job edited = job.value();
        for (Edit edit : edits) {
            edited = edit.apply(edited);
        }
        return job.with(edited);
    }

    /**
     * Better answers came in on another thread: the same job is planned anew with them, unless a number is being typed
     * just now.
     */
    private void replan() {
        if (state.shown() == state.plan()) {
            state = state.replanned(improver.answers());
        }
        cuts.relay();
        changed();
    }

    /** What looks for better ways to cut. */
    public Improver improver() {
        return improver;
    }

    /** Called after every change, on the interface thread. Remove with {@link #removeListener}. */
    public void addListener(Runnable listener) {
        listeners.add(listener);
    }

    /** No longer called. */
    public void removeListener(Runnable listener) {
        listeners.remove(listener);
    }

    /** Who is told of what could not be saved, and of what the shop said when it was opened. */
    public void onComplaint(Consumer<String> listener) {
        complaints = listener;
        interfaceThread.execute(() -> store.notices().forEach(listener));
    }

    /** Tells whoever is told of complaints. */
    void complain(Words words) {
        complaints.accept(book.say(words));
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** What is done at the bench. */
    public BenchDesk bench() {
        return bench;
    }

    /** What was done to any job. */
    public LogDesk logs() {
        return logs;
    }

    /** The practice bench. */
    public PracticeDesk practice() {
        return practice;
    }

    /** The instruments with a cable. */
    public GaugeDesk gauges() {
        return gauges;
    }

    /** Keeps how an exercise went. */
    void keep(Attempt attempt) {
        write(() -> store.keep(attempt));
    }

    /** What was done and read of the job in hand. */
    WorkLog log() {
        return state.log();
    }

    /** Writes a line more of it down; whoever does so says that something changed. */
    void log(LogLine line) {
        String id = jobId();
        state = state.done(state.log().with(line), improver.answers());
        String words = LogDesk.words(book, line);
        write(() -> store.log(id, line, words));
    }

    /** Writes to the store, after everything that was to be written before. */
    void write(Runnable work) {
        saver.save(work);
    }

    private void unsaved(Optional<String> why) {
        boolean news = !why.equals(unsaved);
        unsaved = why;
        if (news) {
            why.ifPresent(complaints);
            changed();
        }
    }

    private void fault(RuntimeException bug) {
        FaultLog.keep("saving", bug);
        complaints.accept(book.say("desk.fault"));
    }

    /** Why the last edits are not saved yet; empty when all is well. They are tried again and again until they are. */
    public Optional<String> unsaved() {
        return unsaved;
    }

    /** Tries at once again to save. */
    public void saveAgain() {
        saver.retry();
    }

    /** The plan of the job in hand, or of what it would become while a number is being typed. */
    public Plan plan() {
        return state.shown();
    }

    /** The edit that typing this text on this figure's tag stands for; empty when the figure follows from others. */
    public Optional<Edit> typed(FigureKey<?> figure, Length value) {
        return switch (figure) {
            case Tape tape -> Optional.of(new Edit.Measure(tape, value));
            case FastenerKey _ -> Optional.of(new Edit.ChooseFastener(Optional.of(value)));
            default -> Entry.of(state.plan().job(), figure).map(entry -> new Edit.Enter(entry.key(), value));
        };
    }

    /** A length typed by the maker; the exception says what would be understood. */
    public Length parsed(String text) {
        return MeasureText.length(text, appearance.graduation().unit());
    }

    /** Shows what an edit would do without making it; without an edit, the job as it is. */
    public void preview(Optional<Edit> edit) {
        Plan before = state.shown();
        state = state.previewing(edit, improver.answers());
        if (state.shown() != before) {
            changed();
        }
    }

    /**
     * Shows what a drag would do. While {@code moving}, only the drawing that is dragged needs to follow;
     * what is read beside it may wait until the hand rests.
     */
    public void drag(Optional<Edit> edit, boolean moving) {
        isMoving = moving;
        Plan before = state.shown();
        preview(edit);
        if (state.shown() == before && !moving) {
            changed();
        }
        isMoving = false;
    }

    /** Whether a drag is on its way just now. */
    public boolean isMoving() {
        return isMoving;
    }

    /** The shop. */
    public Shop shop() {
        return state.shop().value();
    }

    /** All jobs of the shop. */
    public List<ShopStore.Listed> jobs() {
        return state.jobs();
    }

    /** The job in hand, by its name in the store. */
    public String jobId() {
        return state.jobId();
    }

    /** Where the maker is. */
    public Station station() {
        return state.where().station();
    }

    /** The corner looked at: at the right end of this side, from 0; of the first where the frame has no such side. */
    public int corner() {
        return state.where().corner() < plan().frame().members().size() ? state.where().corner() : 0;
    }

    /** Looks at another part of the job, from 0. */
    public void lookAtPart(int part) {
        state = state.previewing(Optional.empty(), improver.answers()).lookingAt(part);
        changed();
    }

    /** Looks at another corner. */
    public void lookAtCorner(int side) {
        at(state.where().atCorner(side));
    }

    /** From where a corner is seen in space. */
    public Turn turn() {
        return state.where().turn();
    }

    /** Looks at a corner in space from elsewhere. */
    public void lookFrom(Turn turn) {
        at(state.where().turned(turn));
    }

    /** The same while a hand turns it: whoever draws the picture draws it anew, nothing else follows. */
    public void turning(Turn turn) {
        state = state.at(state.where().turned(turn));
    }

    /** Whether a page of the shop is shown instead of the job. */
    public boolean isInShop() {
        return page() != Page.JOB;
    }

    /** Which page is shown. */
    public Page page() {
        return state.where().page();
    }

    /** How it looks. */
    public Appearance appearance() {
        return appearance;
    }

    /** The reader's units and words. */
    public Phrasebook book() {
        return book;
    }

    /** The number whose working is shown. */
    public FigureKey<?> selected() {
        return state.selected();
    }

    /** Goes to a station. */
    public void go(Station other) {
        at(state.where().at(other));
    }

    /** Shows a page, whichever was shown before. */
    public void goTo(Page other) {
        at(state.where().on(other));
    }

    /** The day it is here. */
    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** A shop whose proofs are looked at today. */
    private Document<Shop> asOfToday(Document<Shop> shop) {
        return shop.with(shop.value().withMachines(shop.value().machines().on(today())));
    }

    /** Shows another page; asked for the one that is shown, the job again. */
    public void show(Page other) {
        at(state.where().on(page() == other ? Page.JOB : other));
    }

    /** Shows a figure's working. */
    public void select(FigureKey<?> figure) {
        if (!figure.equals(state.where().selected().orElse(null))) {
            at(state.where().looking(figure));
        }
    }

    private void at(DeskState.Where where) {
        state = state.at(where);
        changed();
    }

    /** Another look. */
    public void look(Appearance other) {
        appearance = other;
        book = new Phrasebook(other.graduation());
        write(() -> store.setting("appearance", other.text()));
        changed();
    }

    /**
     * Makes an edit and saves it.
     *
     * @return why it was refused, in the maker's units; empty when it was made
     */
    public Optional<String> edit(Edit edit) {
        try {
            DeskState after = state.edited(edit);
            if (after == state) {
                return Optional.empty();
            }
            state = after;
            Words words = said(edit);
            write(() -> store.save(after.jobId(), after.job(), words));
            cuts.search();
            changed();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    /** What goes into the history; of a job with several parts, with the part it concerns. */
    private Words said(Edit edit) {
        Job job = state.plan().job();
        int part = edit.madeIn(job.seen());
        return part == 0 || part >= job.parts().size()
                ? edit.words()
                : Words.of("edit.of_part", job.parts().get(part).name(), edit.words());
    }

    /** Why something was refused, in the maker's units. */
    public String said(Refusal refused) {
        return book.say(refused.words());
    }

    /** Ticks the station off where the maker is, or opens it again; says why when it is refused. */
    public Optional<String> toggleSettled() {
        return edit(new Edit.Settle(station(), !isSettled()));
    }

    /** Whether the station is ticked off where the maker is. */
    public boolean isSettled() {
        return plan().job().settled().contains(station());
    }

    /** Makes a change of the shop and saves it; says why when it is refused. */
    public Optional<String> edit(ShopEdit edit) {
        try {
            DeskState after = state.edited(edit, improver.answers());
            state = after;
            Words words = edit.words();
            write(() -> store.saveShop(after.shop(), words));
            cuts.search();
            changed();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    /** Does what a finding offers. */
    public Optional<String> remedy(Remedy remedy) {
        return switch (remedy) {
            case Remedy.OnJob(_, Edit edit) -> edit(edit);
            case Remedy.OnShop(_, ShopEdit edit) -> edit(edit);
            case Remedy.Visit(_, Station where) -> {
                go(where);
                yield Optional.empty();
            }
            case Remedy.Prove _ -> {
                goTo(Page.PROVING);
                yield Optional.empty();
            }
        };
    }

    /** The ways in which a worked-out size could become what was typed; empty for any other figure. */
    public List<GiveWay.Option> giveWay(FigureKey<?> figure, Length wanted) {
        return GiveWay.sizeOf(state.plan().job(), figure)
                .map(size -> GiveWay.options(state.plan().job(), shop(), size, wanted))
                .orElse(List.of());
    }

    /** Writes a note with the time. */
    public Optional<String> note(String text) {
        try {
            return edit(new Edit.Write(new Note(clock.instant().truncatedTo(ChronoUnit.SECONDS), text.strip())));
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    /** Takes up another job. */
    public void open(String id) {
        ask(() -> store.job(id)).ifPresent(job -> {
            state = state.open(id, job, store.work(id), improver.answers());
            write(() -> store.setting("job", id));
        });
        cuts.search();
        changed();
    }

    /** A new job, taken up at once. */
    public void newJob() {
        Document<Job> document = Document.of(firstJob(book.say("desk.new_job", jobs().size() + 1), shop()));
        takenUp(document, Words.of("job.begun"));
    }

    private void takenUp(Document<Job> document, Words words) {
        ask(() -> store.add(document, words)).ifPresent(id -> {
            state = state.withJobs(Stream.concat(
                                    jobs().stream(),
                                    Stream.of(new ShopStore.Listed(
                                            id,
                                            document.value().title(),
                                            document.value().order())))
                            .toList())
                    .at(state.where().at(Station.BRIEF));
            open(id);
        });
    }

    /** Puts a job away, or takes it out again; the job in hand stays in hand. */
    public void putAway(String id, boolean away) {
        state = state.withJobs(jobs().stream()
                .map(entry ->
                        entry.id().equals(id) ? new ShopStore.Listed(id, entry.title(), entry.order(), away) : entry)
                .toList());
        write(() -> store.putAway(id, away));
        cuts.search();
        changed();
    }

    /** Takes a job out for good, with its history; not the job in hand. */
    public void remove(String id) {
        if (!id.equals(jobId())) {
            state = state.withJobs(jobs().stream().filter(entry -> !entry.id().equals(id)).toList());
            write(() -> store.remove(id));
            cuts.search();
            changed();
        }
    }

    /** Files that were written or read lately and can be read again, the last first. */
    public List<Path> recentFiles() {
        return recent;
    }

    /** A file was written or read. */
    public void used(Path file) {
        recent = Stream.concat(
                        Stream.of(file.toAbsolutePath()),
                        recent.stream().filter(other -> !other.equals(file.toAbsolutePath())))
                .limit(MOST_RECENT)
                .toList();
        String kept = recent.stream().map(Path::toString).collect(Collectors.joining("\n"));
        write(() -> store.setting("recent", kept));
    }

    /** The job in hand as a file of the published format. */
    public String exported() {
        return state.job().text();
    }

    /**
     * Writes the whole shop as open files to a new folder, behind all saves and aside; what came of it is told like a
     * complaint.
     */
    public void exportAll(Path folder) {
        saver.after(() -> reader.execute(() -> {
            String said;
            try {
                said = book.say("desk.exported", ShopFolder.write(store, folder), folder.toString());
            } catch (StoreException | FileRefused refused) {
                said = book.say("desk.not_exported", String.valueOf(refused.getMessage()));
            } catch (RuntimeException bug) {
                FaultLog.keep("writing everything", bug);
                said = book.say("desk.fault");
            }
            String text = said;
            interfaceThread.execute(() -> complaints.accept(text));
        }));
    }

    /**
     * Takes in a job from a file and takes it up.
     *
     * @return why it was refused; nothing is changed then
     */
    public Optional<String> takeIn(String text) {
        try {
            Document<Job> document = Document.readJob(text);
            Planner.plan(document.value(), shop());
            takenUp(document, Words.of("shop.taken_in"));
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    /** One edit back, of the job or, on the shop's page, of the shop. */
    public void undo() {
        move(true);
    }

    /** One edit forward again. */
    public void redo() {
        move(false);
    }

    private void move(boolean back) {
        String id = isInShop() ? ShopStore.shopId() : jobId();
        ask(() -> {
            Optional<ShopStore.Moved> step = back ? store.undo(id) : store.redo(id);
            return new Moved(step, store.shop(), store.job(jobId()));
        }).ifPresent(moved -> moved.step().ifPresent(step -> {
            if (!step.done()) {
                complaints.accept(book.say("redo.not_by_halves", step.words(), step.leftAlone()));
                return;
            }
            state = state.with(asOfToday(moved.shop()), moved.job(), improver.answers());
            if (step.leftAlone() > 0) {
                complaints.accept(book.say("undo.left_alone", step.words(), step.leftAlone()));
            }
        }));
        cuts.search();
        changed();
    }

    /** What was undone or redone, and how shop and job stand after it. */
    private record Moved(Optional<ShopStore.Moved> step, Document<Shop> shop, Document<Job> job) {
    }

    /** Puts the customer's picture into the job in hand; the shop keeps it first. */
    public Optional<String> show(CustomerPicture picture) {
        keep(picture);
        return edit(new Edit.ShowPicture(Optional.of(picture.name())));
    }

    /** Keeps a picture in the shop. */
    void keep(CustomerPicture picture) {
        write(() -> store.keepPicture(picture));
    }

    /** Keeps a setting of the shop. */
    void keepSetting(String name, String value) {
        write(() -> store.setting(name, value));
    }

    /** Reads a customer's picture behind all saves; told on the interface thread, empty when it cannot be had. */
    public void picture(String name, Consumer<Optional<CustomerPicture>> then) {
        saver.after(() -> {
            Optional<CustomerPicture> found = Optional.empty();
            try {
                found = store.picture(name);
            } catch (StoreException unread) {
                interfaceThread.execute(() -> complaints.accept(unread.getMessage()));
            }
            Optional<CustomerPicture> told = found;
            interfaceThread.execute(() -> then.accept(told));
        });
    }

    /** Every edit of the job in hand. */
    public List<Revision> history() {
        return ask(() -> store.history(jobId())).orElse(List.of());
    }

    /**
     * Asks the store behind all saves that are under way, and waits; reading one job takes well under a frame. Empty
     * when it cannot answer, which is said.
     */
    private <T> Optional<T> ask(Callable<T> question) {
        if (saver.isFailing()) {
            complaints.accept(book.say("desk.not_saved_first"));
            return Optional.empty();
        }
        Optional<T> answer = Optional.empty();
        try {
            answer = Optional.of(saver.ask(question));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof StoreException said) {
                complaints.accept(said.getMessage());
            } else {
                FaultLog.keep("reading", failed);
                complaints.accept(book.say("desk.fault"));
            }
        }
        store.notices().forEach(complaints);
        return answer;
    }

    /** Saves what is under way and closes the shop. */
    @Override
    public void close() {
        // What still comes in from under way finds nobody any more who would ask for more.
        listeners.clear();
        gauges.close();
        improver.close();
        reader.shutdownNow();
        saver.close();
        store.close();
    }
}
