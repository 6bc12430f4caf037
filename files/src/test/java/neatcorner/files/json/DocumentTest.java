package neatcorner.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Construction;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Ready;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Air;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Ware;
import neatcorner.files.Jobs;
import neatcorner.files.Seed;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class DocumentTest {
    private static final Path FORMATS = Path.of("..", "docs", "formats");

    private static Schema schema(String name) throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(FORMATS.resolve(name)));
    }

    static Stream<Job> jobs() {
        Job plain = Jobs.plain();
        Stream<Job> ready = Stream.of(Ready.STEPPED, Ready.BUILT_UP, Ready.BANDED, Ready.PANEL, Ready.GROOVED)
                .map(r -> new Edit.ChooseRabbeting(Rabbeting.AFTER_SQUARED)
                        .apply(new Edit.ChooseSection(r.in(Species.TEAK, "r")
                                        .withRelief(Optional.of(new Relief(Length.mm(5), Length.mm(3), Length.mm(1)))))
                                .apply(plain)));
        return Stream.concat(
                ready,
                Stream.of(
                        Jobs.full(),
                        plain,
                        new Edit.ChooseSection(new Section(
                                        "f",
                                        plain.section().species(),
                                        Length.inches(0, 3, 8),
                                        Length.inches(1, 1, 2),
                                        new Recess.Floater(Length.inches(0, 3, 4), Length.inches(0, 3, 8)),
                                        Profile.FLAT))
                                .apply(plain),
                        bars(plain),
                        new Edit.Cross(new CrossBars(1, 1)).apply(bars(plain)),
                        PartOffer.ALL.getLast()
                                .by(Frame.of(plain, Shop.starting()).result(), "shutters")
                                .map(part -> plain.withPart(part).at(0))
                                .orElseThrow(),
                        new Edit.Build(new Construction.Squared(SquareCorner.MITRE_LAPPED, Through.RAILS))
                                .apply(plain),
                        new Edit.ShapeEdge(Optional.of(new ShapedEdge(
                                        ShapedEdge.Form.WAVES, Length.mm(80), Length.mm(9), Length.mm(20))))
                                .apply(bars(plain)),
                        new Edit.ChooseSection(plain.section()
                                        .withStrip(
                                                0,
                                                plain.section()
                                                        .strips()
                                                        .getFirst()
                                                        .withSpecies(Species.ALUMINIUM
                                                                .named("brass")
                                                                .withDensity(8500)
                                                                .withColour(0xC9A227))))
                                .apply(plain),
                        new Edit.ChooseSection(plain.section()
                                        .withRecess(new Recess.Over(
                                                Length.inches(0, 3, 4), Length.ZERO, Length.inches(0, 1, 4))))
                                .apply(plain),
                        new Edit.Turn().apply(Jobs.full())));
    }

    private static Job bars(Job job) {
        return new Edit.ChooseSection(job.section().withRecess(new Recess.Bar())).apply(job);
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void aJobReadsBackAsItWasWritten(Job job) {
        assertThat(sized(Document.readJob(Document.of(job).text()).value())).isEqualTo(sized(job));
    }

    /** With the sizes that its placed parts have from the others, which are not written. */
    private static Job sized(Job job) {
        return Assembly.of(job, Shop.starting()).job();
    }

    @Test
    void aJobOfTheFirstVersionIsReadAsOnePart() {
        String now = Document.of(Jobs.plain()).text();
        String then = now.replace("\"version\" : 2", "\"version\" : 1")
                .replaceAll("(?m)^  \"(part|holder|carrier)\" : \"frame\",\\n", "")
                .replaceAll(",\\n  \"parts\" : \\[ \\]", "");
        assertThat(then).doesNotContain("part").doesNotContain("holder");
        assertThat(Document.readJob(then).value()).isEqualTo(Jobs.plain());
        assertThat(Document.readJob(then).text()).isEqualTo(now);
    }

    /** What older files wish of a part, a strainer, and what they have as a joint, one piece, are what they are now. */
    @Test
    void wishesOfOlderFilesBecomePartsAndConstructions() {
        String now = Document.of(Jobs.plain()).text();
        Job strained = Document.readJob(now.replace(
                        "\"adhesive\" :", "\"strainer\" : true, \"hardware\" : \"two_hooks\", \"adhesive\" :"))
                .value();
        assertThat(strained.parts().getLast().placement().orElseThrow()).isInstanceOf(Placement.InBack.class);
        assertThat(strained.carrier()).isEqualTo(1);
        assertThat(strained.parts().getLast().choices().hardware()).contains(Hardware.TWO_HOOKS);
        assertThat(Document.readJob(Document.of(strained).text()).value()).isEqualTo(strained);
        Job small = Document.readJob(now.replace("203.2", "60")
                        .replace("\"adhesive\" :", "\"strainer\" : true, \"adhesive\" :"))
                .value();
        assertThat(small.parts()).as("no room for one, and none before").hasSize(1);
        Job solid = Document.readJob(now.replace("\"adhesive\" :", "\"joint\" : \"solid\", \"adhesive\" :"))
                .value();
        assertThat(solid.body().construction()).isEqualTo(Construction.ONE_PIECE);
        assertThat(solid.choices().joint()).isEmpty();
        assertThat(Document.readJob(Document.of(solid).text()).value()).isEqualTo(solid);
    }

    @Test
    void aPartByNothingBeforeItIsSaid() {
        String text = Document.of(Jobs.full()).text();
        assertThatThrownBy(() -> Document.readJob(text.replace("\"on\" : \"rim\"", "\"on\" : \"spacer\"")))
                .hasMessageContaining("parts[1].placement.on")
                .hasMessageContaining("chart frame, rim");
        assertThatThrownBy(() ->
                        Document.readJob(text.replace("\"kind\" : \"behind\"", "\"kind\" : \"beneath\"")))
                .hasMessageContaining("parts[1].placement.kind")
                .hasMessageContaining("around, inside, behind");
        assertThatThrownBy(() -> Document.readJob(text.replace("\"holder\" : \"chart frame\"", "\"holder\" : \"box\"")))
                .hasMessageContaining("holder")
                .hasMessageContaining("chart frame, rim, spacer");
    }

    /** JSON Schema, draft 2020-12: what is written obeys the schema that is published. */
    @ParameterizedTest
    @MethodSource("jobs")
    void whatIsWrittenObeysThePublishedSchema(Job job) throws IOException {
        assertThat(schema("job.schema.json").validate(Document.of(job).text(), InputFormat.JSON)).isEmpty();
    }

    @Test
    void aMachineThatCannotBeNamesItsPlace() {
        String text = Document.of(Shop.starting().withMachines(Jobs.proved())).text();
        refused(text.replace("\"degrees\" : 22.5", "\"degrees\" : 80"), "machines[0]", "reaches no further");
        refused(text.replace("2026-11-28", "the 28th"), "machines[0].proofs[0].day", "it must be a day");
        refused(text.replace("\"mitre_box\"", "\"chop_box\""), "machines[1].kind", "shooting_board");
        refused(text.replace("\"error\" : 0.01", "\"error\" : 5"), "machines[0].proofs[0]", "error of one cut");
    }

    private static void refused(String text, String where, String why) {
        assertThatThrownBy(() -> Document.readShop(text)).hasMessageContaining(where).hasMessageContaining(why);
    }

    @Test
    void theShopReadsBackAndObeysItsSchema() throws IOException {
        Shop shop = new ShopEdit.Receive(Jobs.full().section(), Length.inches(61), 3)
                .apply(new ShopEdit.HaveSize(Ware.SCREW, Length.inches(2), false)
                        .apply(new ShopEdit.HaveSize(Ware.V_FASTENER, Length.mm(7), false)
                                .apply(new ShopEdit.HaveTool(JoiningTool.STAPLER, false).apply(Shop.starting()))))
                .withClimate(new Climate(Air.of(45, 18), Air.of(25.5, 22), Air.of(70, 19)))
                .withMachines(Jobs.proved());
        String text = Document.of(shop).text();
        assertThat(Document.readShop(text).value()).isEqualTo(shop);
        assertThat(schema("shop.schema.json").validate(text, InputFormat.JSON)).isEmpty();
    }

    @Property(tries = 300, seed = Seed.FIXED)
    void everyNanometreSurvives(@ForAll @LongRange(min = 10_000_000L, max = 10_000_000_000L) long nm) {
        Job job = new Edit.Give(Axis.WIDTH, Line.GLASS, new Length(nm)).apply(Jobs.plain());
        assertThat(Document.readJob(Document.of(job).text())
                        .value()
                        .given(Axis.WIDTH)
                        .orElseThrow()
                        .length()
                        .nanometres())
                .isEqualTo(nm);
    }

    @Test
    void fieldsOfOthersSurviveAnEdit() {
        String foreign = Document.of(Jobs.full()).text()
                .replaceFirst("\"title\"", "\"client_mood\" : \"patient\",\n  \"title\"")
                .replaceFirst("\"kind\" : \"rabbet\"", "\"kind\" : \"rabbet\", \"cutter\" : {\"bit\": 7}")
                .replaceFirst("\"material\" : \"mat_4_ply\"", "\"material\" : \"mat_4_ply\", \"colour\" : \"sand\"");
        Document<Job> read = Document.readJob(foreign);
        Document<Job> edited = read.with(new Edit.Name("Another").apply(read.value()));
        Document<Job> twice = Document.readJob(edited.text()).with(new Edit.Quantity(2).apply(edited.value()));
        JsonNode tree = JsonMapper.shared().readTree(twice.text());
        assertThat(tree.at("/client_mood").stringValue()).isEqualTo("patient");
        assertThat(tree.at("/section/recess/cutter/bit").intValue()).isEqualTo(7);
        assertThat(tree.at("/contents/1/colour").stringValue()).isEqualTo("sand");
        assertThat(tree.at("/title").stringValue()).isEqualTo("Another");
        assertThat(tree.at("/quantity").intValue()).isEqualTo(2);
    }

    /** A field of an item stays with that item when the list shrinks, grows, or was written in another order. */
    @Test
    void fieldsOfOthersStayWithTheirItem() {
        Shop shop = Shop.starting()
                .withRack(new Rack(Stream.of("a", "b", "c")
                        .<RackItem>map(label -> new Sheet(
                                label,
                                Material.ACRYLIC,
                                Length.mm(600),
                                Length.mm(900),
                                Length.mm(3),
                                1,
                                false,
                                Sheet.Grain.NONE,
                                "",
                                Optional.empty(),
                                ""))
                        .toList()));
        Document<Shop> read = Document.readShop(
                Document.of(shop).text().replace("\"label\" : \"b\"", "\"label\" : \"b\", \"mine\" : 7"));
        Document<Shop> edited = read.with(
                new ShopEdit.Shelve(List.of(((Sheet) shop.rack().item("b").orElseThrow()).withCount(4)))
                        .apply(read.value()));
        Document<Shop> shrunk = edited.with(new ShopEdit.Unshelve(List.of("a")).apply(edited.value()));
        JsonNode rack = JsonMapper.shared().readTree(shrunk.text()).get("rack");
        assertThat(rack.get(0).get("label").stringValue()).isEqualTo("b");
        assertThat(rack.get(0).path("mine").asInt(0)).isEqualTo(7);
        assertThat(rack.get(1).has("mine")).isFalse();

        ObjectNode job = (ObjectNode) JsonMapper.shared().readTree(Document.of(Jobs.full()).text());
        ArrayNode contents = (ArrayNode) job.get("contents");
        ObjectNode glass = (ObjectNode) contents.remove(0);
        contents.add(glass.put("mine", "glass"));
        JsonNode written = JsonMapper.shared().readTree(Document.readJob(job.toString()).text()).get("contents");
        written.forEach(layer ->
                assertThat(layer.has("mine")).isEqualTo(layer.get("material").equals(glass.get("material"))));
    }

    @Test
    void aFieldThatIsTakenOutDoesNotComeBack() {
        Document<Job> read = Document.readJob(Document.of(Jobs.full()).text());
        Job alike = new Edit.Face("bottom", Optional.empty()).apply(read.value());
        assertThat(Document.readJob(read.with(alike).text()).value()).isEqualTo(alike);
    }

    @Test
    void lengthsMayBeWrittenAsMakersDo() {
        String text = Document.of(Jobs.plain()).text().replace("\"length\" : 203.2", "\"length\" : \"8 1/2 in\"");
        assertThat(Document.readJob(text)
                        .value()
                        .given(Axis.WIDTH)
                        .orElseThrow()
                        .length())
                .isEqualTo(Length.inches(8, 1, 2));
    }

    @Test
    void aNewerVersionIsRefusedAndSaysWhatToDo() {
        String newer = Document.of(Jobs.plain()).text().replace("\"version\" : 2", "\"version\" : 3");
        assertThatThrownBy(() -> Document.readJob(newer)).isInstanceOf(FormatException.class)
                .hasMessageContaining("field version").hasMessageContaining("up to 2").hasMessageContaining("update");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "\"length\" : 203.2 | \"length\" : -3 | width | from 10 mm to 10000 mm",
        "\"length\" : 203.2 | \"length\" : \"8 1/2\" | width.length | needs its unit",
        "\"length\" : 203.2 | \"length\" : \"8 furlongs\" | width.length | not a unit",
        "\"length\" : 203.2 | \"length\" : true | width.length | number of millimetres",
        "\"length\" : 203.2 | \"length\" : 1e12 | width.length | under a kilometre",
        "\"line\" : \"glass\" | \"line\" : \"edge\" | width.line | art, mat, glass, rabbet, sight, outside",
        "\"species\" : \"pine\" | \"species\" : \"plastic\" | section.species | walnut",
        "\"quantity\" : 1 | \"quantity\" : 0 | quantity | from 1 to 999",
        "\"quantity\" : 1 | \"quantity\" : 1.5 | quantity | whole number",
        "\"quantity\" : 1 | \"quantity\" : 99999999999 | quantity | whole number",
        "\"quantity\" : 1 | \"quantity\" : 1, \"construction\" : {\"kind\" : \"woven\"} | construction.kind | squared",
        "\"quantity\" : 1 | \"quantity\" : 1, \"construction\" : {\"kind\" : \"squared\", \"corner\" : \"round\"} |"
                + " construction.corner | half_lapped",
        "\"quantity\" : 1 | \"quantity\" : 1, \"shaped_edge\" : {\"form\" : \"zigzag\", \"pitch\" : 90, \"rise\" : 9, "
                + "\"corner\" : 0} | shaped_edge | scallops, waves",
        "\"quantity\" : 1 | \"quantity\" : 1, \"behind\" : [{\"kind\" : \"lamp\", \"width\" : 30, \"height\" : 6, "
                + "\"depth\" : 30}] | behind[0].kind | screen, mount, socket, vent",
        "\"quantity\" : 1 | \"quantity\" : 1, \"behind\" : [{\"kind\" : \"screen\", \"width\" : 30, \"height\" : 60, "
                + "\"depth\" : 3000}] | behind[0] | from 1 mm to 300",
        "\"quantity\" : 1 | \"quantity\" : 1, \"slats\" : {\"width\" : 30, \"thickness\" : 6, \"pitch\" : 30, "
                + "\"degrees\" : 95, \"groove\" : 8, \"play\" : 1} | slats | from 0 to 80",
        "\"quantity\" : 1 | \"quantity\" : 1, \"cross_bars\" : {\"upright\" : 9} | cross_bars | from 0 to 8",
        "\"quantity\" : 1 | \"construction\" : {\"kind\" : \"squared\", \"corner\" : \"round\"} | corner | lapped",
        "\"title\" : \"Plain\" | \"title\" : \" \" | title | 1 to 120",
        "\"title\" : \"Plain\" | \"title\" : 7 | title | must be a text",
        "\"title\" : \"Plain\", | `` | title | missing",
        "\"depth\" : 12.7 | \"depth\" : 25 | section | rabbet depth",
        "\"kind\" : \"rabbet\" | \"kind\" : \"groove\" | recess.kind | rabbet, double_rabbet, slot, floater, over, bar",
        "\"material\" : \"paper\" | \"material\" : \"paper\", \"thickness\" : 0 | ` ` | stands twice",
        "\"contents\" : [ | \"contents\" : 3, \"x\" : [ | contents | list",
        "\"format\" : \"neat-corner job\" | \"format\" : \"recipe\" | format | neat-corner job",
        "\"adhesive\" : \"pva\" | \"strainer\" : \"no\" | choices.strainer | true or false",
        "\"settled\" : [ ] | \"settled\" : [ \"moon\" ] | settled[0] | brief"})
    void whatIsWrongIsNamedWithItsFieldAndWhatIsAllowed(String good, String bad, String field, String allowed) {
        String text = Document.of(Jobs.plain()).text();
        assertThat(text).contains(good);
        String broken = text.replaceFirst(Pattern.quote(good), Matcher.quoteReplacement(bad));
        assertThatThrownBy(() -> Document.readJob(broken)).isInstanceOf(FormatException.class)
                .message().satisfies(message -> assertThat(message.toLowerCase(Locale.ROOT)).contains(field.strip())
                        .contains(allowed.toLowerCase(Locale.ROOT)));
    }

    /** Cut short, mangled or nonsense: always a message that can be shown, never another failure. */
    @Property(tries = 400, seed = Seed.FIXED)
    void noTextBreaksTheReader(@ForAll("mangled") String text) {
        try {
            assertThat(Document.readJob(text).value()).isNotNull();
        } catch (FormatException refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    @Provide
    Arbitrary<String> mangled() {
        String text = Document.of(Jobs.full()).text();
        Arbitrary<String> cut = Arbitraries.integers().between(0, text.length()).map(end -> text.substring(0, end));
        Arbitrary<String> swapped = Arbitraries.integers()
                .between(0, text.length() - 1)
                .flatMap(at -> Arbitraries.strings()
                        .withChars("{}[]\",:0-9a")
                        .ofLength(1)
                        .map(c -> text.substring(0, at) + c + text.substring(at + 1)));
        return Arbitraries.oneOf(cut, swapped, Arbitraries.strings().ascii().ofMaxLength(80));
    }

    @Test
    void thePlanAsJsonHasEveryFigureAtFullPrecision() {
        Plan plan = Planner.plan(Jobs.full().withFace("bottom", Optional.empty()), Shop.starting());
        JsonNode tree = JsonMapper.shared().readTree(PlanJson.write(plan));
        assertThat(tree.get("figures").size()).isEqualTo(plan.figures().size());
        plan.figures().forEach((key, figure) -> {
            if (figure.value() instanceof Length length) {
                assertThat(tree.get("figures").get(key.id()).get("mm").decimalValue())
                        .as(key.id())
                        .isEqualByComparingTo(length.toExactMm());
            }
        });
        assertThat(tree.get("members")).as("four sides").hasSize(4);
        assertThat(tree.at("/members/0/left_end/swing_to").stringValue()).isEqualTo("right");
        assertThat(tree.get("findings")).hasSize(plan.findings().size());
        assertThat(List.of("joints", "sticks", "glue_up", "finish", "hang", "safety")).allMatch(tree::has);
    }
}
