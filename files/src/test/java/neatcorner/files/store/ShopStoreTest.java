package neatcorner.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import neatcorner.core.job.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.files.Jobs;
import neatcorner.files.json.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ShopStoreTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-24T12:00:00Z"), ZoneOffset.UTC);
    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("deep").resolve("shop.neatcorner");
    }

    private ShopStore open() {
        return ShopStore.open(file(), NOON);
    }

    private static Document<Job> named(Document<Job> job, String title) {
        return job.with(new Edit.Name(title).apply(job.value()));
    }

    @Test
    void aNewShopStartsWithPlainMouldings() {
        try (ShopStore store = open()) {
            assertThat(store.shop().value()).isEqualTo(Shop.starting());
            assertThat(store.jobs()).isEmpty();
        }
    }

    @Test
    void everyEditIsThereAfterAReopen() {
        String id;
        try (ShopStore store = open()) {
            Document<Job> job = Document.of(Jobs.full());
            id = store.add(job, "new");
            store.save(id, named(job, "Renamed"), "title");
            store.saveShop(store.shop().with(new ShopEdit.SetHabit(Habit.PLAY, Length.mm(2)).apply(store.shop().value())), "play");
            store.setting("appearance", "x");
            store.setting("appearance", "y");
        }
        try (ShopStore store = open()) {
            assertThat(store.job(id).value().title()).isEqualTo("Renamed");
            assertThat(store.jobs()).containsExactly(new ShopStore.Listed(id, "Renamed", "Autumn"));
            assertThat(store.shop().value().habits().get(Habit.PLAY)).isEqualTo(Length.mm(2));
            assertThat(store.setting("appearance")).contains("y");
            assertThat(store.setting("missing")).isEmpty();
        }
    }

    /** The rack and two jobs in one step: undone from any of them, unless one has been edited since. */
    @Test
    void whatWasDoneTogetherIsUndoneTogether() {
        try (ShopStore store = open()) {
            Document<Job> job = Document.of(Jobs.plain());
            String one = store.add(job, "new");
            String two = store.add(job, "new");
            Document<Shop> before = store.shop();
            Document<Shop> after = before.with(before.value().withHabits(before.value().habits().with(Habit.PLAY, Length.mm(3))));
            store.saveTogether(after, Map.of(one, named(job, "cut one"), two, named(job, "cut two")), "cut");
            assertThat(store.undo(two)).contains(new ShopStore.Moved("cut", 0, true));
            assertThat(store.jobs()).extracting(ShopStore.Listed::title).containsExactly("Plain", "Plain");
            assertThat(store.shop().value()).isEqualTo(before.value());
            assertThat(store.redo(ShopStore.shopId())).contains(new ShopStore.Moved("cut", 0, true));
            assertThat(store.job(one).value().title()).isEqualTo("cut one");
            assertThat(store.job(two).value().title()).isEqualTo("cut two");
            store.save(two, named(job, "edited since"), "edit");
            assertThat(store.undo(one)).contains(new ShopStore.Moved("cut", 1, true));
            assertThat(store.job(two).value().title()).isEqualTo("edited since");
            assertThat(store.shop().value()).isEqualTo(before.value());
        }
    }

    @Test
    void undoAndRedoGoOnAfterAReopenAndANewEditEndsTheRedo() {
        String id;
        try (ShopStore store = open()) {
            Document<Job> job = Document.of(Jobs.plain());
            id = store.add(job, "new");
            store.save(id, named(job, "one"), "to one");
            store.save(id, named(job, "two"), "to two");
            assertThat(store.undo(id)).contains(new ShopStore.Moved("to two", 0, true));
        }
        try (ShopStore store = open()) {
            assertThat(store.job(id).value().title()).isEqualTo("one");
            assertThat(store.redo(id)).contains(new ShopStore.Moved("to two", 0, true));
            assertThat(store.redo(id)).isEmpty();
            assertThat(store.undo(id)).contains(new ShopStore.Moved("to two", 0, true));
            assertThat(store.undo(id)).contains(new ShopStore.Moved("to one", 0, true));
            assertThat(store.undo(id)).isEmpty();
            assertThat(store.jobs().getFirst().title()).isEqualTo("Plain");
            store.save(id, named(store.job(id), "three"), "to three");
            assertThat(store.redo(id)).isEmpty();
            assertThat(store.history(id)).extracting(Revision::words).containsExactly("new", "to three");
            assertThat(store.history(id).getLast()).isEqualTo(new Revision(2, NOON.instant(), "to three", true));
        }
    }

    @Test
    void fieldsOfOthersAreKeptInTheStore() {
        try (ShopStore store = open()) {
            Document<Job> foreign = Document.readJob(Document.of(Jobs.plain()).text().replaceFirst("\"title\"", "\"mood\" : 1, \"title\""));
            String id = store.add(foreign, "new");
            store.save(id, named(store.job(id), "again"), "title");
            assertThat(store.job(id).text()).contains("\"mood\" : 1");
        }
    }

    @Test
    void aSecondWindowIsRefusedAndTheFirstGoesOn() {
        try (ShopStore first = open()) {
            assertThatThrownBy(this::open).isInstanceOf(StoreException.class).hasMessageContaining("open in another window")
                    .hasMessageContaining(file().toString());
            first.add(Document.of(Jobs.plain()), "new");
        }
        try (ShopStore again = open()) {
            assertThat(again.jobs()).hasSize(1);
        }
    }

    @Test
    void aFileThatIsNoShopIsLeftAsItIs() throws IOException {
        Path other = Files.writeString(folder.resolve("letter.txt"), "Dear museum, this is not a shop at all, it is a letter.");
        assertThatThrownBy(() -> ShopStore.open(other, NOON)).isInstanceOf(StoreException.class).hasMessageContaining("letter.txt");
        assertThat(Files.readString(other)).startsWith("Dear museum");
    }

    @Test
    void aShopFromANewerVersionIsRefused() throws Exception {
        open().close();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file()); var statement = connection.createStatement()) {
            statement.execute("INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, checksum, installed_by, "
                    + "execution_time, success) VALUES (99, '99', 'future', 'SQL', 'V99__future.sql', 1, 'x', 1, 1)");
        }
        assertThatThrownBy(this::open).isInstanceOf(StoreException.class).hasMessageContaining("newer Neat Corner");
    }

    @Test
    void aJobThatIsTakenOutIsGoneWithItsHistory() throws Exception {
        try (ShopStore store = open()) {
            String id = store.add(Document.of(Jobs.plain()), "new");
            store.remove(id);
            assertThat(store.jobs()).isEmpty();
            assertThatThrownBy(() -> store.job(id)).isInstanceOf(StoreException.class);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file()); var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT count(*) FROM revision WHERE document <> 'shop'")) {
            assertThat(rows.getInt(1)).isZero();
        }
    }

    /** A list of thousands reads none of them: a job whose text is broken does not stop the list. */
    @Test
    void thousandsOfJobsAreListedWithoutBeingRead() throws Exception {
        try (ShopStore store = open()) {
            store.add(Document.of(Jobs.plain()), "new");
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file()); var statement = connection.createStatement()) {
            statement.execute("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 3000) INSERT INTO document "
                    + "(id, kind, place, title, for_whom, revision) SELECT 'job' || i, 'job', 100 + i, 'Frame ' || i, 'Order ' || (i / 50), 1 FROM n");
            statement.execute("INSERT INTO revision (document, number, made_at, words, body) SELECT id, 1, '2026-11-24T12:00:00Z', 'new', 'broken' "
                    + "FROM document WHERE id LIKE 'job%'");
        }
        try (ShopStore store = open()) {
            assertThat(store.jobs()).hasSize(3001);
            assertThat(store.jobs().getLast()).isEqualTo(new ShopStore.Listed("job3000", "Frame 3000", "Order 60"));
            assertThatThrownBy(() -> store.job("job7")).hasMessageContaining("can be read").hasMessageNotContaining("job7");
        }
    }

    /** Pulls the plug many times while edits stream in: what was acknowledged is there, whole, and the shop opens. */
    @Test
    void killingTheProcessLosesNothingThatWasAcknowledged() throws Exception {
        Random moments = new Random(20261124);
        int acknowledged = 0;
        for (int round = 0; round < 10; round++) {
            acknowledged = Math.max(acknowledged, killedAfter(moments.nextInt(5), moments.nextInt(40)));
            try (ShopStore store = open()) {
                assertThat(store.jobs()).hasSize(1);
                String id = store.jobs().getFirst().id();
                int edits = store.history(id).size() - 1;
                assertThat(edits).as("edits on the disk in round " + round).isGreaterThanOrEqualTo(acknowledged);
                assertThat(store.job(id).value().title()).isEqualTo(edits == 0 ? "Plain" : "edit " + edits);
                acknowledged = edits;
            }
        }
        assertThat(acknowledged).as("the test really wrote").isGreaterThan(8);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file()); var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA integrity_check")) {
            assertThat(rows.getString(1)).isEqualTo("ok");
        }
    }

    /** Lets a child process acknowledge so many edits, kills it a moment later, and returns the last edit it acknowledged. */
    private int killedAfter(int edits, int milliseconds) throws Exception {
        Process child = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "--enable-native-access=ALL-UNNAMED",
                "-cp", System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")), EditingProcess.class.getName(),
                file().toString()).redirectErrorStream(true).start();
        int last = 0;
        try (BufferedReader answers = new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
            String line = answers.readLine();
            assertThat(line).as("the child's first answer").startsWith("ready");
            for (int n = 0; n < edits; n++) {
                last = Integer.parseInt(answers.readLine().strip());
            }
            Thread.sleep(milliseconds);
            child.destroyForcibly();
            while ((line = answers.readLine()) != null) {
                last = Integer.parseInt(line.strip());
            }
        } catch (IOException | NumberFormatException answerCutShort) {
            last = Math.max(last, 0);
        }
        assertThat(child.waitFor(10, TimeUnit.SECONDS)).as("the child is dead").isTrue();
        return last;
    }
}
