package neatcorner.app.desk;

import java.nio.file.Path;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import neatcorner.core.cut.Booking;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.frame.GiveWay;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.job.Note;
import neatcorner.core.job.Tape;
import neatcorner.core.joint.FastenerKey;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Remedy;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.json.Document;
import neatcorner.files.store.Revision;
import neatcorner.files.store.ShopFolder;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;

/**
 * The job in hand. Used from the interface thread only; the store is written on a thread of its own,
 * one edit after another in the order they were made.
 */
public final class Desk implements AutoCloseable {
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
    private Optional<String> unsaved = Optional.empty();
    private final Improver improver;
    private final List<Runnable> listeners = new ArrayList<>();
    private Consumer<String> complaints = _ -> { };
    private final List<ShopStore.Listed> jobs;
    private Document<Shop> shop;
    private String jobId;
    private Document<Job> job;
    private Plan plan;
    private Plan shown;
    private Station station = Station.BRIEF;
    private FigureKey<?> selected = Line.OUTSIDE.size(Axis.WIDTH);
    private Appearance appearance;
    private Phrasebook book;
    private Page page = Page.JOB;
    private boolean isMoving;
    private final CutDesk cuts;

    /**
     * Opens the desk on a shop; a shop without jobs gets a first one.
     *
     * @param interfaceThread runs work on the interface thread
     */
    public Desk(ShopStore store, Clock clock, Executor interfaceThread) {
        this.store = store;
        this.clock = clock;
        this.interfaceThread = interfaceThread;
        this.improver = new Improver(interfaceThread, this::replan);
        this.saver = new Saver(interfaceThread, this::unsaved, this::fault);
        this.cuts = new CutDesk(this, new Gatherer(store, work -> saver.after(() -> reader.execute(work)), reader, interfaceThread), improver, this::changed);
        this.shop = store.shop();
        this.jobs = new ArrayList<>(store.jobs());
        this.appearance = store.setting("appearance").map(Appearance::of).orElse(Appearance.USUAL);
        this.book = new Phrasebook(appearance.graduation());
        if (jobs.isEmpty()) {
            Document<Job> first = Document.of(firstJob("First frame"));
            store.add(first, "new job");
            jobs.addAll(store.jobs());
        }
        String last = store.setting("job").orElse("");
        String id = jobs.stream().filter(entry -> entry.id().equals(last)).findFirst().orElse(jobs.getFirst()).id();
        take(id, store.job(id));
        cuts.search();
    }

    private Job firstJob(String title) {
        return Job.starting(title, Length.inches(8), Length.inches(10), shop.value().mouldings().isEmpty()
                ? Shop.starting().mouldings().getFirst().section() : shop.value().mouldings().getFirst().section());
    }

    private void planned(Job planned, Shop in) {
        plan = Planner.plan(planned, in, improver.answers());
        shown = plan;
    }

    /** What is laid out to be cut. */
    public CutDesk cuts() {
        return cuts;
    }

    /**
     * What is laid out is cut, of the job in hand or of all open jobs: it goes off the rack, what is worth keeping comes on it.
     * That is one step: the rack and the jobs are undone together.
     *
     * @return why it was refused, in the maker's units; empty when it was booked
     */
    public Optional<String> cut() {
        if (saver.isFailing()) {
            return Optional.of(book.say("desk.not_saved_first"));
        }
        try {
            shown = plan;
            Booking booking = cuts.booking();
            boolean sheets = cuts.laid() == Laid.SHEETS;
            Map<String, List<Cutting.Made>> made = new LinkedHashMap<>();
            Map<String, String> ids = cuts.ids();
            booking.made().forEach((name, from) -> made.put(ids.get(name), from));
            Document<Shop> after = shop.with(booking.edit().apply(shop.value()));
            Job cut = !made.containsKey(jobId) ? job.value()
                    : Planner.edited(plan, new Edit.Cut(job.value().choices().cutting().withMade(sheets, made.get(jobId))), after.value());
            planned(cut, after.value());
            shop = after;
            job = job.with(cut);
            String words = book.say(booking.edit().words());
            String inHand = jobId;
            Document<Job> mine = job;
            write(() -> {
                Map<String, Document<Job>> saved = new LinkedHashMap<>();
                made.forEach((id, from) -> saved.put(id, id.equals(inHand) ? mine : cut(store.job(id), sheets, from)));
                store.saveTogether(after, saved, words);
            });
            cuts.search();
            changed();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    private static Document<Job> cut(Document<Job> document, boolean sheets, List<Cutting.Made> from) {
        return document.with(new Edit.Cut(document.value().choices().cutting().withMade(sheets, from)).apply(document.value()));
    }

    /** Better answers came in on another thread: the same job is planned anew with them, unless a number is being typed just now. */
    private void replan() {
        if (shown == plan) {
            plan = Planner.plan(job.value(), shop.value(), improver.answers());
            shown = plan;
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

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    private void write(Runnable work) {
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
        return shown;
    }

    /** The edit that typing this text on this figure's tag stands for; empty when the figure follows from others. */
    public Optional<Edit> typed(FigureKey<?> figure, Length value) {
        return switch (figure) {
            case Tape tape -> Optional.of(new Edit.Measure(tape, value));
            case FastenerKey _ -> Optional.of(new Edit.ChooseFastener(Optional.of(value)));
            default -> Entry.of(plan.job(), figure).map(entry -> new Edit.Enter(entry.key(), value));
        };
    }

    /** A length typed by the maker; the exception says what would be understood. */
    public Length parsed(String text) {
        return MeasureText.length(text, appearance.graduation().unit());
    }

    /** Shows what an edit would do without making it; without an edit, the job as it is. */
    public void preview(Optional<Edit> edit) {
        Plan before = shown;
        try {
            shown = edit.isEmpty() ? plan : Planner.plan(edit.get().apply(job.value()), shop.value(), improver.answers());
        } catch (Refusal notYet) {
            shown = plan;
        }
        if (shown != before) {
            changed();
        }
    }

    /**
     * Shows what a drag would do. While {@code moving}, only the drawing that is dragged needs to follow;
     * what is read beside it may wait until the hand rests.
     */
    public void drag(Optional<Edit> edit, boolean moving) {
        isMoving = moving;
        Plan before = shown;
        preview(edit);
        if (shown == before && !moving) {
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
        return shop.value();
    }

    /** All jobs of the shop. */
    public List<ShopStore.Listed> jobs() {
        return List.copyOf(jobs);
    }

    /** The job in hand, by its name in the store. */
    public String jobId() {
        return jobId;
    }

    /** Where the maker is. */
    public Station station() {
        return station;
    }

    /** Whether a page of the shop is shown instead of the job. */
    public boolean isInShop() {
        return page != Page.JOB;
    }

    /** Which page is shown. */
    public Page page() {
        return page;
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
        return plan.figure(selected).isPresent() ? selected : natural(station);
    }

    /** Goes to a station. */
    public void go(Station other) {
        station = other;
        page = Page.JOB;
        selected = natural(other);
        changed();
    }

    /** The number one comes to a station for. */
    private FigureKey<?> natural(Station other) {
        return switch (other) {
            case BRIEF, CUTS, FINISH, LOG -> first();
            case SECTION -> DepthCheck.LEFT;
            case CORNERS -> plan.joints().used().settings().stream().findFirst().<FigureKey<?>>map(Figure::key).orElse(first());
            case GLUE_UP -> plan.figure(GluePlanner.LEAN).isPresent() ? GluePlanner.LEAN : GluePlanner.DIAGONAL;
            case FIT -> plan.fit().sheets().stream().findFirst().<FigureKey<?>>map(sheet -> sheet.width().key()).orElse(first());
            case HANG -> HangPlanner.HOOK_HEIGHT;
        };
    }

    /** The length of the first piece. */
    private FigureKey<?> first() {
        return plan.frame().members().getFirst().longPoint().key();
    }

    /** Shows another page; asked for the one that is shown, the job again. */
    public void show(Page other) {
        page = page == other ? Page.JOB : other;
        changed();
    }

    /** Shows a figure's working. */
    public void select(FigureKey<?> figure) {
        if (!figure.equals(selected)) {
            selected = figure;
            changed();
        }
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
            Job after = Planner.edited(plan, edit, shop.value());
            if (after.equals(job.value())) {
                return Optional.empty();
            }
            take(jobId, job.with(after));
            String words = book.say(edit.words());
            Document<Job> saved = job;
            String id = jobId;
            write(() -> store.save(id, saved, words));
            cuts.search();
            changed();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(said(refused));
        }
    }

    private void take(String id, Document<Job> document) {
        planned(document.value(), shop.value());
        jobId = id;
        job = document;
        jobs.replaceAll(entry -> entry.id().equals(id)
                ? new ShopStore.Listed(id, document.value().title(), document.value().order(), entry.away()) : entry);
    }

    /** Why something was refused, in the maker's units. */
    public String said(Refusal refused) {
        return book.say(refused.words());
    }

    /** Makes a change of the shop and saves it; says why when it is refused. */
    public Optional<String> edit(ShopEdit edit) {
        try {
            Document<Shop> after = shop.with(edit.apply(shop.value()));
            planned(job.value(), after.value());
            shop = after;
            String words = book.say(edit.words());
            write(() -> store.saveShop(after, words));
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
        };
    }

    /** The ways in which a worked-out size could become what was typed; empty for any other figure. */
    public List<GiveWay.Option> giveWay(FigureKey<?> figure, Length wanted) {
        return GiveWay.sizeOf(plan.job(), figure).map(size -> GiveWay.options(plan.job(), shop.value(), size, wanted)).orElse(List.of());
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
        wait(() -> take(id, store.job(id)));
        page = Page.JOB;
        write(() -> store.setting("job", id));
        cuts.search();
        changed();
    }

    /** A new job, taken up at once. */
    public void newJob() {
        Document<Job> document = Document.of(firstJob(book.say("desk.new_job", jobs.size() + 1)));
        takenUp(document, "new job");
    }

    private void takenUp(Document<Job> document, String words) {
        int before = jobs.size();
        wait(() -> jobs.add(new ShopStore.Listed(store.add(document, words), document.value().title(), document.value().order())));
        if (jobs.size() > before) {
            station = Station.BRIEF;
            open(jobs.getLast().id());
        }
    }

    /** Puts a job away, or takes it out again; the job in hand stays in hand. */
    public void putAway(String id, boolean away) {
        jobs.replaceAll(entry -> entry.id().equals(id) ? new ShopStore.Listed(id, entry.title(), entry.order(), away) : entry);
        write(() -> store.putAway(id, away));
        cuts.search();
        changed();
    }

    /** Takes a job out for good, with its history; not the job in hand. */
    public void remove(String id) {
        if (!id.equals(jobId)) {
            jobs.removeIf(entry -> entry.id().equals(id));
            write(() -> store.remove(id));
            cuts.search();
            changed();
        }
    }

    /** The job in hand as a file of the published format. */
    public String exported() {
        return job.text();
    }

    /** Writes the whole shop as open files to a new folder, behind all saves and aside; what came of it is told like a complaint. */
    public void exportAll(Path folder) {
        saver.after(() -> reader.execute(() -> {
            String said;
            try {
                said = book.say("desk.exported", ShopFolder.write(store, folder), folder.toString());
            } catch (StoreException | FileRefused refused) {
                said = book.say("desk.not_exported", refused.getMessage());
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
            Planner.plan(document.value(), shop.value());
            takenUp(document, "taken in from a file");
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
        String id = isInShop() ? ShopStore.shopId() : jobId;
        wait(() -> {
            Optional<ShopStore.Moved> moved = back ? store.undo(id) : store.redo(id);
            moved.ifPresent(step -> {
                if (!step.done()) {
                    interfaceThread.execute(() -> complaints.accept(book.say("redo.not_by_halves", step.words(), step.leftAlone())));
                    return;
                }
                shop = store.shop();
                take(jobId, store.job(jobId));
                if (step.leftAlone() > 0) {
                    interfaceThread.execute(() -> complaints.accept(book.say("undo.left_alone", step.words(), step.leftAlone())));
                }
            });
        });
        cuts.search();
        changed();
    }

    /** Every edit of the job in hand. */
    public List<Revision> history() {
        List<Revision> history = new ArrayList<>();
        wait(() -> history.addAll(store.history(jobId)));
        return history;
    }

    /** Runs behind all saves that are under way, and waits for it; reading one job takes well under a frame. */
    private void wait(Runnable work) {
        if (saver.isFailing()) {
            complaints.accept(book.say("desk.not_saved_first"));
            return;
        }
        try {
            saver.ask(Executors.callable(work));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof StoreException said) {
                complaints.accept(said.getMessage());
            } else {
                FaultLog.keep("reading", failed.getCause());
                complaints.accept(book.say("desk.fault"));
            }
        }
        store.notices().forEach(complaints);
    }

    /** Saves what is under way and closes the shop. */
    @Override
    public void close() {
        improver.close();
        reader.shutdownNow();
        saver.close();
        store.close();
    }
}
