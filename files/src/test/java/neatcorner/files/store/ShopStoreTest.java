package neatcorner.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.files.Jobs;
import neatcorner.files.json.Document;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
            id = store.add(job, Words.plain("new"));
            store.save(id, named(job, "Renamed"), Words.plain("title"));
            store.saveShop(
                    store.shop()
                            .with(new ShopEdit.SetHabit(Habit.PLAY, Length.mm(2))
                                    .apply(store.shop().value())),
                    Words.plain("play"));
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
            String one = store.add(job, Words.plain("new"));
            String two = store.add(job, Words.plain("new"));
            Document<Shop> before = store.shop();
            Document<Shop> after = before.with(
                    before.value().withHabits(before.value().habits().with(Habit.PLAY, Length.mm(3))));
            store.saveTogether(
                    after, Map.of(one, named(job, "cut one"), two, named(job, "cut two")), Words.plain("cut"));
            assertThat(store.undo(two)).contains(new ShopStore.Moved(Words.plain("cut"), 0, true));
            assertThat(store.jobs()).extracting(ShopStore.Listed::title).containsExactly("Plain", "Plain");
            assertThat(store.shop().value()).isEqualTo(before.value());
            assertThat(store.redo(ShopStore.shopId())).contains(new ShopStore.Moved(Words.plain("cut"), 0, true));
            assertThat(store.job(one).value().title()).isEqualTo("cut one");
            assertThat(store.job(two).value().title()).isEqualTo("cut two");
            store.save(two, named(job, "edited since"), Words.plain("edit"));
            assertThat(store.undo(one)).contains(new ShopStore.Moved(Words.plain("cut"), 1, true));
            assertThat(store.job(two).value().title()).isEqualTo("edited since");
            assertThat(store.shop().value()).isEqualTo(before.value());
        }
    }

    @Test
    void undoAndRedoGoOnAfterAReopenAndANewEditEndsTheRedo() {
        String id;
        try (ShopStore store = open()) {
            Document<Job> job = Document.of(Jobs.plain());
            id = store.add(job, Words.plain("new"));
            store.save(id, named(job, "one"), Words.plain("to one"));
            store.save(id, named(job, "two"), Words.plain("to two"));
            assertThat(store.undo(id)).contains(new ShopStore.Moved(Words.plain("to two"), 0, true));
        }
        try (ShopStore store = open()) {
            assertThat(store.job(id).value().title()).isEqualTo("one");
            assertThat(store.redo(id)).contains(new ShopStore.Moved(Words.plain("to two"), 0, true));
            assertThat(store.redo(id)).isEmpty();
            assertThat(store.undo(id)).contains(new ShopStore.Moved(Words.plain("to two"), 0, true));
            assertThat(store.undo(id)).contains(new ShopStore.Moved(Words.plain("to one"), 0, true));
            assertThat(store.undo(id)).isEmpty();
            assertThat(store.jobs().getFirst().title()).isEqualTo("Plain");
            store.save(id, named(store.job(id), "three"), Words.plain("to three"));
            assertThat(store.redo(id)).isEmpty();
            assertThat(store.history(id))
                    .extracting(Revision::words)
                    .containsExactly(Words.plain("new"), Words.plain("to three"));
            assertThat(store.history(id).getLast())
                    .isEqualTo(new Revision(2, NOON.instant(), Words.plain("to three"), true));
        }
    }

    @Test
    void fieldsOfOthersAreKeptInTheStore() {
        try (ShopStore store = open()) {
            Document<Job> foreign = Document.readJob(
                    Document.of(Jobs.plain()).text().replaceFirst("\"title\"", "\"mood\" : 1, \"title\""));
            String id = store.add(foreign, Words.plain("new"));
            store.save(id, named(store.job(id), "again"), Words.plain("title"));
            assertThat(store.job(id).text()).contains("\"mood\" : 1");
        }
    }

    @Test
    void aSecondWindowIsRefusedAndTheFirstGoesOn() {
        try (ShopStore first = open()) {
            assertThatThrownBy(this::open)
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("open in another window")
                    .hasMessageContaining(file().toString());
            first.add(Document.of(Jobs.plain()), Words.plain("new"));
        }
        try (ShopStore again = open()) {
            assertThat(again.jobs()).hasSize(1);
        }
    }

    @Test
    void aFileThatIsNoShopIsLeftAsItIs() throws IOException {
        Path other = Files.writeString(
                folder.resolve("letter.txt"), "Dear museum, this is not a shop at all, it is a letter.");
        assertThatThrownBy(() -> ShopStore.open(other, NOON))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("letter.txt");
        assertThat(Files.readString(other)).startsWith("Dear museum");
    }

    @Test
    void aShopFromANewerVersionIsRefused() throws Exception {
        open().close();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement()) {
            statement.execute(
                    "INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                            + " installed_by, execution_time, success) VALUES (99, '99', 'future', 'SQL',"
                            + " 'V99__future.sql', 1, 'x', 1, 1)");
        }
        assertThatThrownBy(this::open).isInstanceOf(StoreException.class).hasMessageContaining("newer Neat Corner");
    }

    /**
     * A file of every older version, written by the migrations of that time: opened, edited, opened again, and a copy
     * kept beside it.
     */
    @ParameterizedTest
    @ValueSource(strings = {"1", "2"})
    void shopsOfOlderVersionsOpenAndSave(String version) throws Exception {
        Files.createDirectories(file().getParent());
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + file(), null, null)
                .locations("classpath:db/migration")
                .target(version)
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file())) {
            for (String[] row : new String[][] {
                {"shop", "shop", "", Document.of(Shop.starting()).text()},
                {"job-1", "job", "Old frame", Document.of(Jobs.full()).text()}
            }) {
                try (var document = connection.prepareStatement(
                                "INSERT INTO document (id, kind, place, title, for_whom, revision) VALUES (?, ?, 1, ?,"
                                        + " '', 1)");
                        var revision = connection.prepareStatement(
                                "INSERT INTO revision (document, number, made_at, words, body) VALUES (?, 1,"
                                        + " '2026-11-24T12:00:00Z', 'old', ?)")) {
                    document.setString(1, row[0]);
                    document.setString(2, row[1]);
                    document.setString(3, row[2]);
                    document.execute();
                    revision.setString(1, row[0]);
                    revision.setString(2, row[3]);
                    revision.execute();
                }
            }
        }
        try (ShopStore store = open()) {
            assertThat(store.job("job-1").value()).isEqualTo(Jobs.full());
            store.save("job-1", named(store.job("job-1"), "New name"), Words.plain("title"));
        }
        try (ShopStore store = open()) {
            assertThat(store.job("job-1").value().title()).isEqualTo("New name");
            assertThat(store.shop().value()).isEqualTo(Shop.starting());
        }
        assertThat(file().resolveSibling("shop.neatcorner.before-6")).isRegularFile();
    }

    /** One broken revision costs the last edit, not the shop: the newest good one is shown and it is said. */
    @Test
    void aDamagedRevisionFallsBackToTheOneBefore() throws Exception {
        String id;
        try (ShopStore store = open()) {
            id = store.add(Document.of(Jobs.full()), Words.plain("new"));
            store.save(id, named(store.job(id), "Good"), Words.plain("title"));
            store.save(id, named(store.job(id), "Spoilt"), Words.plain("title"));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement()) {
            statement.execute("UPDATE revision SET body = 'rot' WHERE document = '" + id
                    + "' AND number = (SELECT max(number) FROM revision WHERE document = '" + id + "')");
        }
        try (ShopStore store = open()) {
            assertThat(store.job(id).value().title()).isEqualTo("Good");
            assertThat(store.notices())
                    .isNotEmpty()
                    .allSatisfy(notice -> assertThat(notice).doesNotContain(id).doesNotContainIgnoringCase("sqlite"));
        }
    }

    /** Two names of one file are one shop. */
    @Test
    void aLinkToAnOpenShopIsRefused() throws IOException {
        try (ShopStore store = open()) {
            Path link = Files.createSymbolicLink(folder.resolve("link.neatcorner"), file());
            assertThatThrownBy(() -> ShopStore.open(link, NOON)).isInstanceOf(StoreException.class);
            assertThat(store.jobs()).isEmpty();
        }
    }

    /** A file that the disk had no room for is not taken for a new shop. */
    @Test
    void anEmptyFileIsNoNewShop() throws IOException {
        Files.createDirectories(file().getParent());
        Files.createFile(file());
        assertThatThrownBy(this::open).isInstanceOf(StoreException.class).hasMessageContaining("empty");
        assertThat(file()).isEmptyFile();
    }

    /** A copy of a running shop holds all that was saved, and is a shop of its own. */
    @Test
    void aBackupOfAnOpenShopIsWhole() {
        try (ShopStore store = open()) {
            String id = store.add(Document.of(Jobs.full()), Words.plain("new"));
            Path copy = folder.resolve("copy.neatcorner");
            ShopStore.backup(file(), copy);
            try (ShopStore copied = ShopStore.open(copy, NOON)) {
                assertThat(copied.job(id).value()).isEqualTo(Jobs.full());
            }
            assertThatThrownBy(() -> ShopStore.backup(file(), copy))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("already");
        }
    }

    /**
     * A rack of a thousand sheets of which one is counted eighty times: differences are kept, and every step is
     * undone in turn.
     */
    @Test
    void manyEditsOfALargeShopStaySmall() throws IOException {
        List<RackItem> items = IntStream.range(0, 1000)
                .<RackItem>mapToObj(i -> new Sheet(
                        "S-" + i,
                        Material.ACRYLIC,
                        Length.mm(600 + i % 50),
                        Length.mm(900),
                        Length.mm(3),
                        1,
                        false,
                        Sheet.Grain.NONE,
                        "clear",
                        Optional.empty(),
                        "shelf " + i % 7))
                .toList();
        try (ShopStore store = open()) {
            store.saveShop(store.shop().with(store.shop().value().withRack(new Rack(items))), Words.plain("rack"));
            for (int i = 2; i <= 80; i++) {
                store.saveShop(
                        store.shop()
                                .with(new ShopEdit.Shelve(List.of(((Sheet) items.get(500)).withCount(i)))
                                        .apply(store.shop().value())),
                        Words.plain("count"));
            }
            int whole = store.shop().text().length();
            store.compact();
            assertThat(Files.size(file())).isLessThan(6L * whole);
            assertThat(count(store)).isEqualTo(80);
            for (int i = 79; i > 40; i--) {
                store.undo(ShopStore.shopId());
                assertThat(count(store)).isEqualTo(i);
            }
        }
    }

    private static int count(ShopStore store) {
        return ((Sheet) store.shop().value().rack().item("S-500").orElseThrow()).count();
    }

    @Test
    void aJobThatIsTakenOutIsGoneWithItsHistory() throws Exception {
        try (ShopStore store = open()) {
            String id = store.add(Document.of(Jobs.plain()), Words.plain("new"));
            store.remove(id);
            assertThat(store.jobs()).isEmpty();
            assertThatThrownBy(() -> store.job(id)).isInstanceOf(StoreException.class);
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT count(*) FROM revision WHERE document <> 'shop'")) {
            assertThat(rows.getInt(1)).isZero();
        }
    }

    /** A list of thousands reads none of them: a job whose text is broken does not stop the list. */
    @Test
    void thousandsOfJobsAreListedWithoutBeingRead() throws Exception {
        try (ShopStore store = open()) {
            store.add(Document.of(Jobs.plain()), Words.plain("new"));
        }
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement()) {
            statement.execute(
                    "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 3000) INSERT INTO"
                        + " document (id, kind, place, title, for_whom, revision) SELECT 'job' || i, 'job', 100 + i,"
                        + " 'Frame ' || i, 'Order ' || (i / 50), 1 FROM n");
            statement.execute("INSERT INTO revision (document, number, made_at, words, body) SELECT id, 1,"
                    + " '2026-11-24T12:00:00Z', 'new', 'broken' FROM document WHERE id LIKE 'job%'");
        }
        try (ShopStore store = open()) {
            assertThat(store.jobs()).hasSize(3001);
            assertThat(store.jobs().getLast()).isEqualTo(new ShopStore.Listed("job3000", "Frame 3000", "Order 60"));
            assertThatThrownBy(() -> store.job("job7"))
                    .hasMessageContaining("can be read")
                    .hasMessageNotContaining("job7");
        }
    }

    /** Pulls the plug many times while edits stream in: what was acknowledged is there, whole, and the shop opens. */
    @Test
    void killingTheProcessLosesNothingThatWasAcknowledged() throws Exception {
        Random moments = new Random(20261124);
        int acknowledged = 0;
        for (int round = 0; round < 6; round++) {
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
        assertThat(acknowledged).as("the test really wrote").isGreaterThan(5);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
                var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA integrity_check")) {
            assertThat(rows.getString(1)).isEqualTo("ok");
        }
    }

    /**
     * Lets a child process acknowledge so many edits, kills it a moment later, and returns the last edit it
     * acknowledged.
     */
    private int killedAfter(int edits, int milliseconds) throws Exception {
        Process child = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        EditingProcess.class.getName(),
                        file().toString())
                .redirectErrorStream(true)
                .start();
        int last = 0;
        try (BufferedReader answers =
                new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
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
