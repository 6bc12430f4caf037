package neatcorner.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.drawing.BoardDrawing;
import neatcorner.core.drawing.CornerDrawing;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.MakingDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.drawing.SawCutDrawing;
import neatcorner.core.drawing.SectionDrawing;
import neatcorner.core.drawing.StickDrawing;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.joint.Joints;
import neatcorner.core.making.MakingStep;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;
import neatcorner.core.mill.Milling;
import neatcorner.core.outline.Side;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.sawing.Run;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.StripKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.files.text.MillText;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The sheet for the wall of the shop: everything needed to make one job, drawn and said, to be read at arm's length
 * from a cheap print. Its first page takes one to the saw; a plain frame has no second.
 */
public final class ShopSheet {
    /** Sizes of figures: those for the stop of the saw, for its angles, and those on pictures. */
    private static final double STOP = 30;
    private static final double ANGLES = 15;
    private static final double TAGS = 13;
    /** Pictures are set closer than in the window, that of the frame most; their letters are as large as all others. */
    private static final double CLOSE = 0.82;
    private static final double CLOSER = 0.68;
    /** Heights of pictures. */
    private static final double DETAIL = 96;
    private static final double STICK = 60;
    private static final double SAW = 150;
    private static final double LEAST_FRAME = 170;
    private static final double MOST_FRAME = 300;
    private final Plan plan;
    private final Optional<Boards> boards;
    private final Phrasebook book;
    private final PDDocument document;
    private final Reader reader;
    private final Reader closer;
    private final Flow flow;

    private ShopSheet(Plan plan, Optional<Boards> boards, Phrasebook book, SheetSize size) throws IOException {
        this.plan = plan;
        this.boards = boards;
        this.book = book;
        this.document = new PDDocument();
        PdfPage.Face face = new PdfPage.Face(font(Fonts.TEXT), font(Fonts.BOLD), font(Fonts.FIGURES));
        this.reader = new Reader(book, face, CLOSE);
        this.closer = new Reader(book, face, CLOSER);
        String many = plan.job().quantity() == 1 ? "" : book.say("text.quantity", plan.job().quantity());
        String order = Stream.of(plan.job().order(), many)
                .filter(part -> !part.isBlank())
                .collect(Collectors.joining(" · "));
        this.flow = new Flow(
                document,
                size,
                face,
                new Flow.Masthead(
                        plan.job().title(),
                        order,
                        page -> book.say("sheet.page", page),
                        book.say("sheet.lower_edge")));
    }

    /** The same sheet, about another part. */
    private ShopSheet(ShopSheet whole, Plan part) {
        this.plan = part;
        this.boards = whole.boards;
        this.book = whole.book;
        this.document = whole.document;
        this.reader = whole.reader;
        this.closer = whole.closer;
        this.flow = whole.flow;
    }

    private PDType0Font font(String name) throws IOException {
        try (InputStream stream = Fonts.open(name)) {
            return PDType0Font.load(document, stream, true);
        }
    }

    /**
     * The boards a job is milled from.
     *
     * @param shop whose boards they are
     */
    public record Boards(Milling milling, Shop shop) {
    }

    /**
     * The sheet as the bytes of a PDF with its fonts embedded.
     *
     * @param boards to be shown with the list they are milled by
     */
    public static byte[] write(Plan plan, Optional<Boards> boards, Phrasebook book, SheetSize size) {
        try {
            ShopSheet sheet = new ShopSheet(plan, boards, book, size);
            try (PDDocument document = sheet.document) {
                sheet.draw();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                document.save(bytes);
                return bytes.toByteArray();
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("the sheet could not be made", failed);
        }
    }

    /** Each part with its own numbers, then what all have in common: sticks and boards, the package, the wall. */
    private void draw() throws IOException {
        document.getDocumentInformation().setTitle(plan.job().title());
        document.getDocumentInformation().setCreator("Neat Corner");
        List<ShopSheet> parts = Planner.ofParts(plan).stream()
                .map(part -> new ShopSheet(this, part))
                .toList();
        flow.down(findings(parts, List.of(Severity.STOP)));
        for (ShopSheet part : parts) {
            part.toCut();
        }
        sticks();
        if (boards.isPresent()) {
            boards(boards.get());
        }
        for (ShopSheet part : parts) {
            if (part.isMade()) {
                part.making();
            }
        }
        List<Column> blocks = new ArrayList<>();
        blocks.add(atTheSaw());
        parts.forEach(part -> blocks.addAll(List.of(part.glue(), part.finish())));
        blocks.addAll(List.of(fit(), hang(), findings(parts, List.of(Severity.CAUTION, Severity.NOTE))));
        flow.inTwo(blocks.stream().filter(block -> !block.lines().isEmpty()).toList());
        flow.finish();
    }

    private boolean isOneOfSeveral() {
        return plan.job().parts().size() > 1;
    }

    /** What a part is called and how it lies; a part that is alone needs no name. */
    private Column named() {
        Column column = flow.column(2);
        if (isOneOfSeveral()) {
            column.heading(plan.job().part().name());
            plan.job().lying().ifPresent(how -> column.text(book.say(how)));
        }
        return column;
    }

    /** A heading, with the name of the part where there are several. */
    private String of(String heading) {
        return isOneOfSeveral() ? plan.job().part().name() + " · " + heading : heading;
    }

    /** What to cut and how to set the saw on the right, the frame and its section beside it. */
    private void toCut() throws IOException {
        Column right = flow.column(2).add(pieces()).add(joint());
        Column section = section();
        Column left = named();
        double high = Math.clamp(
                Column.height(right.lines()) - Column.height(left.lines()) - Column.height(section.lines()) - 6,
                LEAST_FRAME,
                MOST_FRAME);
        left.picture(FrameDrawing.draw(plan, Station.CUTS, closer, section.width(), high), TAGS);
        left.gap(6).add(section);
        flow.beside(left, right);
        flow.gap(6);
    }

    private Column pieces() {
        Column column = flow.column(2)
                .heading(book.say(
                        plan.frame().pieces().allMatch(Member::isSquare)
                                ? "sheet.cut_list_square"
                                : "sheet.cut_list"));
        List<List<Member>> alike = plan.frame().alike();
        List<List<String>> settings = alike.stream()
                .map(pair -> settings(pair.getFirst()))
                .filter(lines -> !lines.isEmpty())
                .distinct()
                .toList();
        for (List<Member> pair : alike) {
            member(column, pair);
            if (settings.size() > 1) {
                settings(pair.getFirst()).forEach(line -> column.text(line, ANGLES, true));
                column.gap(3);
            }
        }
        column.heading(book.say("sheet.saw"));
        if (settings.size() == 1) {
            settings.getFirst().forEach(line -> column.text(line, ANGLES, true));
        }
        if (!plan.frame().isSolid()) {
            column.text(book.say(plan.frame().lying()));
            plan.job().choices().cutting().print().ifPresent(print -> column.text(book.say(print.said())));
        }
        cautions(column, Station.CUTS);
        return column.gap(7);
    }

    private Column joint() {
        Column column = flow.column(2);
        if (plan.frame().isSolid()) {
            return column;
        }
        column.heading(book.say(plan.joints().said()));
        cautions(column, Station.CORNERS);
        for (Figure<Length> setting : plan.joints().settings()) {
            column.row(book.say(setting.name()), book.write(setting));
        }
        column.steps(plan.joints().work().stream().map(book::say));
        Mending mending = plan.get(Mending.class);
        mending.trouble()
                .ifPresent(trouble -> column.heading(book.say(
                        "sheet.mending",
                        trouble.kind(),
                        plan.frame().members().get(trouble.corner()).side().to())));
        plan.figures(Mending.FIGURES).forEach(figure -> column.row(book.say(figure.name()), book.write(figure)));
        column.steps(mending.steps().stream().map(book::say));
        return column;
    }

    /** The section and the corner beside one another, and the numbers of both pictures. */
    private Column section() {
        Column column = flow.column(2)
                .heading(book.say(
                        "text.section", plan.job().section().name(), plan.job().section().species()));
        double half = column.width() / 2 - 6;
        column.beside(
                column.narrower(half).picture(SectionDrawing.plain(plan, reader, half, DETAIL), TAGS),
                CornerDrawing.draw(plan, reader, half, DETAIL),
                TAGS);
        column.gap(2);
        return column.text(plan.figures(Station.SECTION).stream()
                .filter(figure -> figure.key() instanceof SectionKey || figure.key() instanceof StripKey)
                .map(figure -> book.say(figure.name()) + " " + book.write(figure))
                .collect(Collectors.joining(" · ")));
    }

    private void member(Column column, List<Member> pair) {
        Member member = pair.getFirst();
        String names = member.side().isOneOfMany()
                ? book.say(member.side().all())
                : plan.frame().isFourSquare()
                ? pair.stream()
                        .map(m -> book.say(m.side().words()) + " " + m.side().letters())
                        .collect(Collectors.joining(", "))
                : pair.stream().map(m -> m.side().letters()).distinct().collect(Collectors.joining(", "));
        column.naming(book.say("sheet.pieces", pair.size() * plan.job().copies(), names));
        List<String> beside = new ArrayList<>();
        if (member.isSquare()) {
            beside.add(book.say("sheet.square_ends"));
        } else {
            beside.add(book.say("sheet.short", member.shortPoint()));
            if (member.section().lip().isPositive()) {
                beside.add(book.say("sheet.along_rabbet", member.rabbet()));
            }
        }
        column.number(book.numeral(member.longPoint()), STOP, beside);
        member.curve()
                .ifPresent(curve -> column.text(
                        book.say("text.curve", curve.blank(), curve.turn(), curve.runOut()).strip()));
    }

    /** How the saw is set for a piece: one line for each end, one more where it may stand against the fence. */
    private List<String> settings(Member member) {
        Mitre left = member.left();
        Mitre right = member.right();
        if (member.isSquare()) {
            return List.of();
        }
        List<String> lines = new ArrayList<>();
        lines.add(book.say(isPlain() ? "sheet.left_first" : "sheet.left_end", plan.setting(left, true)));
        lines.add(book.say(isPlain() ? "sheet.right_then" : "sheet.right_end", plan.setting(right, false)));
        if (!left.isUpright() || !right.isUpright()) {
            lines.add(book.say("text.standing", left.saidStanding(), right.saidStanding()).strip());
        }
        return lines;
    }

    private void sticks() throws IOException {
        int sticks = plan.cuts().sticks().size();
        if (sticks == 0) {
            return;
        }
        // Their letters are left out where they do not fit, so they must be measured as they are printed.
        Reader plainly = new Reader(book, reader.lettering(), 1);
        String waste = plan.cuts()
                .share()
                .map(share -> book.say("sheet.waste", plan.cuts().waste().orElseThrow(), share))
                .orElse("");
        flow.need(STICK + 24);
        flow.down(flow.column(1).heading(book.say("sheet.sticks", waste)));
        int drawn = 0;
        while (drawn < sticks) {
            flow.need(STICK);
            double height = flow.left();
            Picture picture = StickDrawing.draw(plan, plainly, flow.width(), drawn, height);
            flow.down(picture, TAGS);
            drawn += StickDrawing.shownIn(plan, plainly, flow.width(), drawn, height);
        }
    }

    /** Setting by setting, each with a picture of its first cut; a plain frame's settings say theirs. */
    private Column atTheSaw() throws IOException {
        Column column = flow.column(2);
        Sawing sawing = plan.toSaw().inOrder();
        if (isPlain() || sawing.cuts().isEmpty()) {
            return column;
        }
        column.heading(book.say("sheet.at_the_saw"));
        for (Run run : sawing.runs()) {
            column.text(book.say(run.words()), ANGLES, true);
            SawCut first = run.cuts().getFirst();
            if (first.anew().setting()) {
                column.picture(
                        SawCutDrawing.draw(first, plan.frame().habits().get(Habit.KERF), closer, column.width(), SAW),
                        TAGS);
            }
            run.lines().forEach(line -> column.text(book.say(line)));
            run.cuts().stream().flatMap(cut -> cut.proof().stream()).forEach(tried -> column.text(book.say(tried)));
            column.gap(3);
        }
        return column.gap(7);
    }

    /** Whether the section is made for this job: from boards, around a bend, or with a rabbet cut when it is joined. */
    private boolean isMade() {
        return plan.job().outline().isCurved()
                || plan.frame().isSolid()
                || plan.job().body().edge().isPresent()
                || plan.job().body().outer().isPresent()
                || plan.job().rabbeting() != Rabbeting.BEFORE_MITRING
                || plan.cuts().lots().isEmpty()
                || plan.cuts().lots().stream().anyMatch(lot -> !lot.stock().isKept());
    }

    /**
     * Whether nothing but its figures sets it apart, and no number stands in the steps: then the steps of gluing and
     * fitting that every frame has are left to the screen, and all of it is on one page.
     */
    private boolean isPlain() {
        return plan.frame().isFourSquare()
                && plan.job().section().lip().isPositive()
                && !isMade()
                && plan.job().trouble().isEmpty()
                && Joints.of(plan.joints().chosen()).whenSet(plan.glue().adhesive()).isEmpty()
                && Joints.of(plan.joints().chosen()).whileClosed(plan.frame()).stream()
                        .allMatch(step -> step.args().isEmpty())
                && plan.findings().stream().allMatch(finding -> finding.severity() == Severity.NOTE);
    }

    /** Every board with its lengths, and under it the list it is milled by. */
    private void boards(Boards shown) throws IOException {
        Milling milling = shown.milling();
        Reader plainly = new Reader(book, reader.lettering(), 1);
        flow.down(flow.column(1).heading(book.say("sheet.boards")));
        Column first = flow.column(1);
        MillText.bought(milling, Optional.empty(), shown.shop(), book).forEach(first::text);
        MillText.spread(milling, book).forEach(first::text);
        MillText.missing(milling, book).forEach(line -> first.barred(line, 3));
        flow.down(first);
        for (Milling.Sawn sawn : milling.sawn()) {
            for (Picture picture : BoardDrawing.parts(sawn, milling, shown.shop().habits(), plainly, flow.width())) {
                flow.need(picture.height());
                flow.down(picture, TAGS);
            }
            milled(MillText.list(sawn, milling, shown.shop().habits(), book));
        }
        milled(MillText.glued(milling, book));
    }

    private void milled(List<MillText.Part> parts) throws IOException {
        flow.flowing(parts.stream().map(this::milled).toList());
    }

    private Column milled(MillText.Part part) {
        Column column = flow.column(2).text(part.title(), Column.TEXT, true);
        for (MillText.Step step : part.steps()) {
            column.text(step.what());
            step.notes().forEach(note -> column.barred(note, 0));
            step.cautions().forEach(column::caution);
        }
        part.left().forEach(column::text);
        return column.gap(6);
    }

    /** From the board to the section: a picture and a few lines for every step. */
    private void making() throws IOException {
        Picture picture = MakingDrawing.draw(plan, reader, flow.width());
        Column making = flow.column(1).heading(of(book.say("sheet.making")));
        making.picture(picture, TAGS);
        cautions(making, Station.SECTION);
        making.steps(plan.making().steps().stream().map(this::said));
        plan.making().cautions().forEach(caution -> making.text(book.say(caution)));
        flow.down(making);
    }

    private String said(MakingStep step) {
        String how = step.how().stream().map(book::say).collect(Collectors.joining(" "));
        return book.say(step.what()) + ". " + how;
    }

    private Column glue() {
        boolean glued = plan.glue().least().isPresent();
        Column column = flow.column(2)
                .heading(of(book.say(Phrasebook.keyOf(Station.GLUE_UP))
                        + (glued ? ": " + book.say(Phrasebook.keyOf(plan.glue().adhesive())) : "")));
        cautions(column, Station.GLUE_UP);
        if (!plan.glue().times().isEmpty()) {
            column.text(plan.glue().times().stream().map(book::say).collect(Collectors.joining(" · ")));
        }
        plan.glue().checks().forEach(check -> column.row(book.say(check.name()), book.write(check)));
        if (glued) {
            column.row(
                    book.say("sheet.squeeze"),
                    book.say(
                            "sheet.range",
                            plan.glue().least().orElseThrow(),
                            plan.glue().most().orElseThrow()));
        }
        return isPlain() ? column : column.steps(plan.glue().steps().stream().map(book::say));
    }

    private Column finish() {
        Column column = flow.column(2).heading(of(book.say(Phrasebook.keyOf(Station.FINISH))));
        cautions(column, Station.FINISH);
        if (plan.finish().steps().isEmpty()) {
            return column.text(book.say("text.bare"));
        }
        return column.steps(plan.finish().steps().stream()
                .map(step -> book.say(
                        "text.coat",
                        step.coat().kind(),
                        step.coat().product().isBlank()
                                ? Words.of("text.no_product")
                                : Words.of("text.product", step.coat().product()),
                        step.after().isZero()
                                ? Words.of("finish.at_once")
                                : Words.of("finish.after", step.after()))));
    }

    private Column fit() {
        Column column = flow.column(2).heading(book.say(Phrasebook.keyOf(Station.FIT)));
        cautions(column, Station.FIT);
        Map<String, List<String>> alike = new LinkedHashMap<>();
        for (Pane sheet : Stream.concat(plan.fit().sheets().stream(), plan.fit().matOpenings().stream())
                .toList()) {
            alike.computeIfAbsent(book.say("sheet.size", sheet.width(), sheet.height()), _ -> new ArrayList<>())
                    .add(book.say(sheet.name()));
        }
        alike.forEach((size, names) -> column.row(String.join(", ", names), size));
        for (FitPlan.Points points : plan.fit().points()) {
            column.text(book.say(points.said()));
        }
        plan.fit().behind().forEach(free -> column.row(book.say(free.name()), book.write(free)));
        return isPlain() && plan.fit().behind().isEmpty()
                ? column
                : column.steps(plan.fit().order().stream().map(book::say));
    }

    private Column hang() {
        Column column = flow.column(2)
                .heading(book.say(Phrasebook.keyOf(Station.HANG)) + ": "
                        + book.say(Phrasebook.keyOf(plan.hang().chosen())));
        cautions(column, Station.HANG);
        plan.job().carriedBy().ifPresent(said -> column.text(book.say(said)));
        for (Figure<?> figure : plan.figures(Station.HANG)) {
            if (!(figure.key() instanceof Habit) && isNews(figure)) {
                column.row(book.say(figure.name()), book.write(figure));
            }
        }
        return column;
    }

    /** How deep a screw goes and what is bored is said with its length, and that a ring has one goes without saying. */
    private boolean isNews(Figure<?> figure) {
        boolean inLength = (figure.key().equals(HangPlanner.SCREW_DEEP)
                        || figure.key().equals(HangPlanner.PILOT))
                && plan.figure(HangPlanner.SCREW).isPresent();
        boolean one = figure.key().equals(HangPlanner.SCREWS) && figure.value().equals(new Count(1));
        return !inLength && !one;
    }

    /** Findings of these severities, the gravest first; an empty column where there are none. */
    private Column findings(List<ShopSheet> parts, List<Severity> severities) {
        boolean stops = severities.contains(Severity.STOP);
        Column column = flow.column(stops ? 1 : 2);
        Set<Words> said = new LinkedHashSet<>();
        for (ShopSheet part : parts) {
            List<Finding> chosen = part.plan.findings().stream()
                    .filter(f -> severities.contains(f.severity()))
                    .filter(finding -> said.add(finding.what()))
                    .toList();
            if (!chosen.isEmpty()) {
                column.heading(part.of(book.say("text.findings")));
            }
            chosen.forEach(finding -> found(column, finding));
        }
        return column;
    }

    private void found(Column column, Finding finding) {
        double bar =
                switch (finding.severity()) {
                    case STOP -> 5;
                    case CAUTION -> 3;
                    case NOTE -> 1;
                };
        column.barred(book.say("sheet.finding", finding.severity(), finding.station(), finding.what()), bar);
        column.barred(book.say(finding.cure()), bar);
        column.gap(4);
    }

    /** Cautions stand where their work is said. */
    private void cautions(Column column, Station station) {
        for (Safety caution : plan.safety()) {
            if (caution.station() == station) {
                column.caution(book.say(Phrasebook.keyOf(caution)));
            }
        }
    }
}
