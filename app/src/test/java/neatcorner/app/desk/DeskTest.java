package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import neatcorner.core.drawing.Palette;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.Weight;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Tape;
import neatcorner.core.joint.Slot;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.SizeKey;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Station;
import neatcorner.files.picture.CustomerPicture;
import neatcorner.files.store.ShopFolder;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DeskTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-24T12:00:00Z"), ZoneOffset.UTC);
    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("shop.neatcorner");
    }

    private Desk demo() {
        return new Desk(Demo.store(file(), NOON), NOON, Runnable::run);
    }

    private Desk reopened() {
        return new Desk(ShopStore.open(file(), NOON), NOON, Runnable::run);
    }

    private static Length width(Desk desk) {
        return desk.plan().frame().width(Line.GLASS);
    }

    @Test
    void aNewShopStartsWithAFrameToWorkOn() {
        try (Desk desk = reopened()) {
            assertThat(desk.jobs()).hasSize(1);
            assertThat(width(desk)).isEqualTo(Length.inches(8));
        }
    }

    @Test
    void anEditIsPlannedSavedAndUndoneAlsoAfterAReopen() {
        try (Desk desk = demo()) {
            List<String> told = new ArrayList<>();
            desk.addListener(() -> told.add("changed"));
            assertThat(desk.edit(new Edit.Give(Axis.WIDTH, Line.GLASS, Length.inches(14)))).isEmpty();
            assertThat(width(desk)).isEqualTo(Length.inches(14));
            assertThat(told).hasSize(1);
        }
        try (Desk desk = reopened()) {
            assertThat(width(desk)).isEqualTo(Length.inches(14));
            desk.undo();
            assertThat(width(desk)).isEqualTo(Length.inches(12));
            desk.redo();
            assertThat(width(desk)).isEqualTo(Length.inches(14));
            assertThat(desk.history())
                    .extracting(revision -> desk.book().say(revision.words()))
                    .containsExactly("demonstration", "glass, wide: 14\"");
            desk.look(desk.appearance().with(Graduation.MM_TENTH));
            assertThat(desk.book().say(desk.history().getLast().words()))
                    .as("it is told in the units in use")
                    .isEqualTo("glass, wide: 355.6 mm");
        }
    }

    @Test
    void aRefusedEditChangesNothingAndSaysWhyInTheMakersUnits() {
        try (Desk desk = demo()) {
            assertThat(desk.edit(new Edit.Enter(SectionKey.LIP, Length.inches(3)))
                            .orElseThrow())
                    .contains("lip would be 3\"")
                    .contains("1 1/2\"");
            assertThat(desk.edit(new Edit.Give(Axis.WIDTH, Line.OUTSIDE, Length.inches(2)))
                            .orElseThrow())
                    .contains("wide would be");
            assertThat(desk.edit(new Edit.Quantity(0)).orElseThrow()).contains("from 1 to 999");
            assertThat(desk.history()).hasSize(1);
            assertThat(width(desk)).isEqualTo(Length.inches(12));
        }
    }

    @Test
    void aPreviewShowsWhatWouldBeAndLeavesTheJobAlone() {
        try (Desk desk = demo()) {
            desk.preview(Optional.of(new Edit.Give(Axis.WIDTH, Line.GLASS, Length.inches(20))));
            assertThat(width(desk)).isEqualTo(Length.inches(20));
            desk.preview(Optional.of(new Edit.Give(Axis.WIDTH, Line.GLASS, Length.mm(1))));
            assertThat(width(desk)).isEqualTo(Length.inches(12));
            desk.preview(Optional.empty());
            assertThat(desk.history()).hasSize(1);
        }
    }

    @Test
    void whatIsTypedOnATagBecomesTheRightEdit() {
        try (Desk desk = demo()) {
            Length inch = Length.inches(1);
            SizeKey glass = Line.GLASS.size(Axis.WIDTH);
            SizeKey outside = Line.OUTSIDE.size(Axis.WIDTH);
            assertThat(desk.typed(glass, inch)).contains(new Edit.Enter(glass, inch));
            assertThat(desk.typed(Habit.PLAY, inch)).contains(new Edit.Enter(Habit.PLAY, inch));
            assertThat(desk.typed(Tape.DIAGONAL_AC, inch)).contains(new Edit.Measure(Tape.DIAGONAL_AC, inch));
            assertThat(desk.typed(Slot.SAWN.height(), inch)).contains(new Edit.ChooseFastener(Optional.of(inch)));
            assertThat(desk.typed(outside, inch)).isEmpty();
            assertThat(desk.giveWay(outside, desk.plan().frame().width(Line.OUTSIDE).plus(inch))).isNotEmpty();
            assertThat(desk.giveWay(Weight.TOTAL, inch)).isEmpty();
        }
    }

    @Test
    void aHabitTypedOnAJobIsTheJobsOwnAndCanBeGivenBack() {
        try (Desk desk = demo()) {
            desk.edit(new Edit.Enter(Habit.PLAY, Length.inches(0, 1, 16)));
            assertThat(desk.plan().frame().habits().get(Habit.PLAY)).isEqualTo(Length.inches(0, 1, 16));
            assertThat(desk.shop().habits().says(Habit.PLAY)).isFalse();
            desk.edit(new Edit.AsUsual(Habit.PLAY));
            assertThat(desk.plan().frame().habits().get(Habit.PLAY)).isEqualTo(Habit.PLAY.usual());
        }
    }

    @Test
    void theShopsOwnPageHasAnUndoOfItsOwn() {
        try (Desk desk = demo()) {
            desk.edit(new Edit.Quantity(2));
            desk.show(Page.SHOP);
            desk.edit(new ShopEdit.SetHabit(Habit.PLAY, Length.inches(0, 1, 16)));
            assertThat(desk.plan().frame().width(Line.RABBET)).isEqualTo(Length.inches(12, 1, 16));
            desk.undo();
            assertThat(desk.plan().frame().width(Line.RABBET)).isEqualTo(Length.inches(12, 1, 8));
            assertThat(desk.plan().job().quantity()).isEqualTo(2);
        }
    }

    @Test
    void jobsAreTakenUpAndNewOnesBegun() {
        try (Desk desk = demo()) {
            desk.open(desk.jobs().get(4).id());
            assertThat(desk.plan().job().title()).isEqualTo("Hall mirror");
            int before = desk.jobs().size();
            desk.newJob();
            assertThat(desk.jobs()).hasSize(before + 1);
            assertThat(desk.plan().job().title()).startsWith("New frame");
            desk.edit(new Edit.Name("Renamed"));
            assertThat(desk.jobs().getLast().title()).isEqualTo("Renamed");
        }
        try (Desk desk = reopened()) {
            assertThat(desk.plan().job().title()).as("the last job in hand").isEqualTo("Renamed");
        }
    }

    @Test
    void remediesDoWhatTheySay() {
        try (Desk desk = demo()) {
            desk.open(desk.jobs().get(3).id());
            var finding = desk.plan().findings().stream()
                    .filter(f -> f.id().equals("side_joined"))
                    .findFirst()
                    .orElseThrow();
            assertThat(desk.remedy(finding.remedy().orElseThrow())).isEmpty();
            assertThat(desk.plan().cuts().sticks()).isNotEmpty();
            desk.open(desk.jobs().get(0).id());
            desk.remedy(new Remedy.Visit(Words.plain("there"), Station.HANG));
            assertThat(desk.station()).isEqualTo(Station.HANG);
            assertThat(desk.selected()).isEqualTo(HangPlanner.HOOK_HEIGHT);
        }
    }

    /**
     * Everything out of a running window, to a new folder; another time to the same one is refused in words and changes
     * nothing.
     */
    @Test
    void everythingIsWrittenWhileTheShopIsOpen() throws InterruptedException {
        Path out = folder.resolve("everything");
        try (Desk desk = demo()) {
            BlockingQueue<String> said = new LinkedBlockingQueue<>();
            desk.onComplaint(said::add);
            desk.edit(new Edit.Name("Renamed just now"));
            desk.exportAll(out);
            assertThat(said.poll(20, TimeUnit.SECONDS)).contains("30 jobs", out.toString());
            desk.exportAll(out);
            assertThat(said.poll(20, TimeUnit.SECONDS)).contains("Nothing was written", "not empty");
        }
        Path copy = folder.resolve("copy.neatcorner");
        assertThat(ShopFolder.read(out, copy, NOON)).isEqualTo(30);
        try (ShopStore store = ShopStore.open(copy, NOON)) {
            assertThat(store.jobs())
                    .extracting(ShopStore.Listed::title)
                    .as("the edit made just before is in it")
                    .contains("Renamed just now");
        }
    }

    /** Whoever waits for a picture is told too when there is none: nobody asks for it again and again. */
    @Test
    void aPictureThatIsNotThereIsSaidNotToBe() throws InterruptedException {
        try (Desk desk = demo()) {
            BlockingQueue<Optional<CustomerPicture>> told = new LinkedBlockingQueue<>();
            desk.picture("gone.png", told::add);
            assertThat(told.poll(20, TimeUnit.SECONDS)).isEmpty();
            desk.picture("seaweed.jpg", told::add);
            assertThat(told.poll(20, TimeUnit.SECONDS)).isPresent();
        }
    }

    @Test
    void notesCarryTheirTime() {
        try (Desk desk = demo()) {
            assertThat(desk.note("  a knot  ")).isEmpty();
            assertThat(desk.note(" ")).isPresent();
            assertThat(desk.plan().job().notes()).singleElement().satisfies(note -> {
                assertThat(note.at()).isEqualTo(NOON.instant());
                assertThat(note.text()).isEqualTo("a knot");
            });
        }
    }

    @Test
    void theLookIsKept() {
        try (Desk desk = demo()) {
            desk.look(new Appearance(Graduation.MM_TENTH, Palette.EVENING, 150));
            desk.look(desk.appearance().larger(30));
        }
        try (Desk desk = reopened()) {
            assertThat(desk.appearance()).isEqualTo(new Appearance(Graduation.MM_TENTH, Palette.EVENING, 160));
        }
        assertThat(Appearance.of("nonsense")).isEqualTo(Appearance.USUAL);
        assertThat(Appearance.of("INCH_16 DAY 900")).isEqualTo(Appearance.USUAL);
    }

    /** The store is a port here: a full disk is said, nothing is booked on it, and all is saved once there is room. */
    @Test
    void whatCannotBeSavedIsSaidAndSavedLater() throws InterruptedException {
        StoreException full = mock(StoreException.class);
        when(full.getMessage()).thenReturn("the disk is full");
        AtomicBoolean room = new AtomicBoolean();
        CountDownLatch tried = new CountDownLatch(1);
        ShopStore failing = spy(Demo.store(file(), NOON));
        doAnswer(save -> {
            tried.countDown();
            if (!room.get()) {
                throw full;
            }
            return save.callRealMethod();
        }).when(failing).save(any(), any(), any());
        List<String> told = new CopyOnWriteArrayList<>();
        String job;
        try (Desk desk = new Desk(failing, NOON, Runnable::run)) {
            job = desk.jobId();
            desk.onComplaint(told::add);
            desk.edit(new Edit.Quantity(3));
            tried.await();
            desk.edit(new Edit.Quantity(5));
            assertThat(desk.plan().job().quantity()).isEqualTo(5);
            room.set(true);
        }
        assertThat(told).containsExactly("the disk is full");
        try (ShopStore reopened = ShopStore.open(file(), NOON)) {
            assertThat(reopened.job(job).value().quantity()).isEqualTo(5);
        }
    }

    /** A damaged last edit is told when the window opens, in words; the one before it is worked on. */
    @Test
    void whatWasDamagedIsToldOnOpening() throws Exception {
        String job;
        try (Desk desk = demo()) {
            job = desk.jobId();
            desk.edit(new Edit.Quantity(3));
            desk.edit(new Edit.Quantity(5));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement()) {
            statement.execute("UPDATE revision SET body = 'rot' WHERE document = '" + job
                    + "' AND number = (SELECT max(number) FROM revision WHERE document = '" + job + "')");
        }
        List<String> told = new ArrayList<>();
        try (Desk desk = reopened()) {
            desk.onComplaint(told::add);
            assertThat(desk.plan().job().quantity()).isEqualTo(3);
        }
        assertThat(told).isNotEmpty().allSatisfy(words -> assertThat(words).doesNotContain(job));
    }

    @Test
    void theShopIsKeptWhereThePlatformKeepsSuchThings() {
        Path home = Path.of("/home/maker");
        assertThat(Places.shop("Linux", home, Map.of()))
                .isEqualTo(home.resolve(".local/share/neat-corner/shop.neatcorner"));
        assertThat(Places.shop("Linux", home, Map.of("XDG_DATA_HOME", "/data")))
                .isEqualTo(Path.of("/data/neat-corner/shop.neatcorner"));
        assertThat(Places.shop("Mac OS X", home, Map.of()))
                .isEqualTo(home.resolve("Library/Application Support/Neat Corner/shop.neatcorner"));
        assertThat(Places.shop("Windows 11", home, Map.of("APPDATA", "/roaming")))
                .isEqualTo(Path.of("/roaming/Neat Corner/shop.neatcorner"));
    }
}
