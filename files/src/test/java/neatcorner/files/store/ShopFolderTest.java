package neatcorner.files.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Job;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.practice.Attempt;
import neatcorner.core.practice.Practice;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.Jobs;
import neatcorner.files.Seed;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;
import neatcorner.files.json.History;
import neatcorner.files.picture.CustomerPicture;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A whole shop as open files and back: nothing is lost on the way, not what was undone either. */
class ShopFolderTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-11-24T12:00:00Z"), ZoneOffset.UTC);
    private static final Clock LATER = Clock.fixed(Instant.parse("2026-11-27T09:00:00Z"), ZoneOffset.UTC);
    private static final WorkLog DONE = new WorkLog(List.of(
            line(new Deed.Done(new Act.Saw("frame", new PieceId("A–B", 2, 1), true), Duration.ofSeconds(95))),
            line(new Deed.Measured(
                    Act.Size.of("frame", Line.RABBET.size(Axis.WIDTH)),
                    Length.mm(300),
                    Length.mm(300.6),
                    Instrument.RULE)),
            line(new Deed.Measured(
                    new Act.Size("frame", "wire.drop", Station.HANG), Length.mm(60), Length.mm(71), Instrument.TAPE)),
            line(new Deed.Photo(new Act.Step("rim", Station.GLUE_UP, "close.band", 1), "0123456789abcdef.png")),
            line(new Deed.WentWrong(
                    new Act.Saw("frame", new PieceId("A–B", 2, 1), true), Deed.Spoilt.SPLIT, Length.mm(402.5))),
            line(new Deed.GoodAfterAll(new Act.Saw("frame", new PieceId("A–B", 2, 1), true, 1))),
            line(new Deed.CornerWentWrong(
                    new Act.Step("rim", Station.GLUE_UP, "close.band", 1),
                    new Trouble(Trouble.Kind.GAP, 3, Length.mm(0.4)))),
            line(new Deed.Remark(new Act.Step("rim", Station.GLUE_UP, "close.band", 1), "the second corner slipped")),
            line(new Deed.TookUp(
                    new Act.Saw("frame", new PieceId("A–B", 2, 1), true),
                    List.of(new Deed.Laid("cap", StickId.read("to_buy 2438.4 #2"), List.of(
                            new Deed.Spot(
                                    "frame", new PieceId("A–B", 2, 1), Length.mm(3), Length.mm(405.5), true, false),
                            new Deed.Spot(
                                    "rim", new PieceId("B–C", 1, 0), Length.mm(410), Length.mm(600), false, true)))))),
            line(new Deed.TakenBack(new Act.Saw("frame", new PieceId("A–B", 2, 1), true)))));

    private static LogLine line(Deed deed) {
        return new LogLine(NOON.instant(), "M", deed, Words.of("close.band", 4));
    }

    @TempDir
    Path folder;
    private Path shop;
    private Path out;
    private String first;
    private String second;

    @BeforeEach
    void aShopWithAPast() {
        shop = folder.resolve("shop.neatcorner");
        out = folder.resolve("open");
        try (ShopStore store = ShopStore.open(shop, NOON)) {
            first = store.add(Document.of(Jobs.full()), Words.plain("new"));
            second = store.add(Document.of(Jobs.plain()), Words.plain("new"));
            store.keepPicture(new CustomerPicture("0a1b.png", new byte[] {1, 2, 3}));
            store.save(first, titled(store.job(first), "Second title"), Words.plain("title"));
            Document<Shop> play = store.shop()
                    .with(new ShopEdit.SetHabit(Habit.PLAY, Length.mm(2))
                            .apply(store.shop().value()));
            store.saveTogether(play, Map.of(first, titled(store.job(first), "Cut")), Words.plain("cut"));
            store.undo(first);
            store.putAway(second, true);
            DONE.entries().forEach(line -> store.log(first, line));
            ShopFolder.write(store, out);
        }
    }

    private static Document<Job> titled(Document<Job> job, String title) {
        return job.with(job.value().withTitle(title));
    }

    private Path readBack() {
        Path copy = folder.resolve("copy.neatcorner");
        assertThat(ShopFolder.read(out, copy, LATER)).isEqualTo(2);
        return copy;
    }

    @Test
    void everyEditComesBackAndIsUndoneAndRedoneAsBefore() {
        try (ShopStore before = ShopStore.open(shop, NOON); ShopStore after = ShopStore.open(readBack(), LATER)) {
            assertThat(after.jobs())
                    .extracting(ShopStore.Listed::title, ShopStore.Listed::away)
                    .containsExactlyElementsOf(before.jobs().stream()
                            .map(job -> tuple(job.title(), job.away()))
                            .toList());
            for (int i = 0; i < 2; i++) {
                String was = before.jobs().get(i).id();
                String is = after.jobs().get(i).id();
                assertThat(after.whole(is)).isEqualTo(before.whole(was));
                assertThat(after.history(is)).isEqualTo(before.history(was));
            }
            String worked = after.jobs().getFirst().id();
            assertThat(after.work(worked)).isEqualTo(DONE);
            assertThat(after.work(after.jobs().getLast().id())).isEqualTo(WorkLog.NOTHING);
            assertThat(after.begun(5)).containsExactly(worked);
            Function<LogLine, String> say =
                    line -> line.deed() instanceof Deed.Remark remark ? remark.text() : line.said().key();
            assertThat(after.search("corner SLIP", 10, say))
                    .singleElement()
                    .satisfies(found -> {
                        assertThat(found.job()).isEqualTo(worked);
                        assertThat(found.line()).isEqualTo(DONE.entries().get(7));
                    });
            assertThat(after.search("\"-*( OR", 10, say)).as("no query but words").isEmpty();
            after.log(worked, line(new Deed.Remark(DONE.entries().getFirst().deed().act(), "later")), "später NEAR x");
            assertThat(after.search("spater near", 10, say)).hasSize(1);
            assertThat(after.search("slip", 10, say)).as("nothing is said twice").hasSize(1);
            after.keep(new Attempt(Instant.parse("2026-12-01T09:00:00Z"), Practice.GAP, -7, 50));
            assertThat(after.practised())
                    .containsExactly(new Attempt(Instant.parse("2026-12-01T09:00:00Z"), Practice.GAP, -7, 50));
            assertThat(after.whole(ShopStore.shopId())).isEqualTo(before.whole(ShopStore.shopId()));
            assertThat(after.pictures()).containsExactly("0a1b.png");
            assertThat(after.picture("0a1b.png").orElseThrow().bytes()).containsExactly(1, 2, 3);
            assertThat(after.picture("no.png")).isEmpty();
            String job = after.jobs().getFirst().id();
            assertThat(after.redo(job)).hasValueSatisfying(moved -> assertThat(moved.done()).isTrue());
            assertThat(after.job(job).value().title()).isEqualTo("Cut");
            assertThat(after.shop().value().habits().get(Habit.PLAY))
                    .as("the shop moved in the same step")
                    .isEqualTo(Length.mm(2));
            assertThat(after.undo(job).orElseThrow().leftAlone()).isZero();
            assertThat(after.shop().value()).isEqualTo(before.shop().value());
        }
    }

    /** What was changed in the folder by hand wins, and can be undone. */
    @Test
    void aFileThatWasEditedByHandIsOneEditMore() throws IOException {
        Path file = out.resolve("jobs/0001.json");
        Files.writeString(file, Files.readString(file).replace("Second title", "By hand"));
        try (ShopStore store = ShopStore.open(readBack(), LATER)) {
            String job = store.jobs().getFirst().id();
            assertThat(store.job(job).value().title()).isEqualTo("By hand");
            store.undo(job);
            assertThat(store.job(job).value().title()).isEqualTo("Second title");
        }
    }

    @Test
    void whatCannotBeReadIsNamedAndNoShopIsMade() throws IOException {
        Path copy = folder.resolve("copy.neatcorner");
        Files.writeString(out.resolve("away/0002.json"), "{\"format\": \"neat-corner job\", \"version\": 1}");
        assertThatThrownBy(() -> ShopFolder.read(out, copy, LATER))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("0002.json")
                .hasMessageContaining("title: is missing");
        assertThat(copy).doesNotExist();
        try (ShopStore store = ShopStore.open(shop, NOON)) {
            assertThatThrownBy(() -> ShopFolder.write(store, out))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("not empty");
        }
        assertThatThrownBy(() -> ShopFolder.read(out, shop, LATER))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("already");
    }

    /** A shop on a stick that may not be written is looked at, not changed, and says so. */
    @Test
    void aShopThatMayNotBeWrittenIsOpenedForReading() throws IOException {
        byte[] before = Files.readAllBytes(shop);
        try (ShopStore store = ShopStore.open(shop, NOON, Document.of(Shop.starting()), false)) {
            assertThat(store.isReadOnly()).isTrue();
            assertThat(store.notices()).singleElement().asString().contains("nothing is saved");
            assertThat(store.job(first).value().title()).isEqualTo("Second title");
            assertThatThrownBy(() -> store.save(first, titled(store.job(first), "x"), Words.plain("title")))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("may not be written");
        }
        assertThat(Files.readAllBytes(shop)).isEqualTo(before);
    }

    @Property(tries = 200, seed = Seed.FIXED)
    void aHistoryOfAnyTextsIsReadAsItWasWritten(
            @ForAll @Size(min = 1, max = 8) List<@StringLength(max = 30) String> texts) {
        List<History.Edit> edits = texts.stream()
                .map(text -> new History.Edit(NOON.instant(), Words.plain("edit"), Optional.empty(), text))
                .toList();
        History history = new History(edits, 1 + texts.size() / 2);
        assertThat(History.read(history.text())).isEqualTo(history);
    }

    @Test
    void aHistoryThatKeepsMoreThanThereWasIsRefused() {
        String text = History.started(NOON.instant(), Words.plain("new"), "abc")
                .text()
                .replaceFirst("\"keep_start\"\\s*:\\s*0", "\"keep_start\": 9");
        assertThatThrownBy(() -> History.read(text))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("edits[0]");
    }
}
