package neatcorner.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.CornerDrawing;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.MakingDrawing;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.drawing.SectionDrawing;
import neatcorner.core.drawing.StickDrawing;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Member;
import neatcorner.core.making.MakingStep;
import neatcorner.core.measure.Length;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The sheet for the wall of the shop: everything needed to make one job, drawn and said. */
public final class ShopSheet {
    private static final double MARGIN = 34;
    private static final double GUTTER = 16;
    private final Plan plan;
    private final Phrasebook book;
    private final SheetSize size;
    private final PDDocument document = new PDDocument();
    private final PdfPage.Face face;
    private final Reader reader;
    private PDPageContentStream out;
    private PdfPage page;
    private int pages;
    private double y;

    @SuppressWarnings("NullAway.Init") // Every sheet begins with a new page, and that sets both.
    private ShopSheet(Plan plan, Phrasebook book, SheetSize size) throws IOException {
        this.plan = plan;
        this.book = book;
        this.size = size;
        this.face = new PdfPage.Face(font(Fonts.TEXT), font(Fonts.BOLD), font(Fonts.FIGURES));
        this.reader = new Reader(book, face, 0.72);
    }

    private PDType0Font font(String name) throws IOException {
        try (InputStream stream = Fonts.open(name)) {
            return PDType0Font.load(document, stream, true);
        }
    }

    /** The sheet as the bytes of a PDF with its fonts embedded. */
    public static byte[] write(Plan plan, Phrasebook book, SheetSize size) {
        try {
            ShopSheet sheet = new ShopSheet(plan, book, size);
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

    private double width() {
        return size.paper().getWidth() - 2 * MARGIN;
    }

    private double bottom() {
        return size.paper().getHeight() - MARGIN - 14;
    }

    private void draw() throws IOException {
        document.getDocumentInformation().setTitle(plan.job().title());
        document.getDocumentInformation().setCreator("Neat Corner");
        newPage();
        findings(Severity.STOP);
        frameAndSizes();
        sectionAndCorner();
        sticks();
        making();
        workTexts();
        findings(Severity.CAUTION, Severity.NOTE);
        rule();
        out.close();
    }

    private void newPage() throws IOException {
        if (out != null) {
            out.close();
        }
        PDPage sheet = new PDPage(size.paper());
        document.addPage(sheet);
        out = new PDPageContentStream(document, sheet);
        page = new PdfPage(out, size.paper().getHeight(), face);
        page.box(0, 0, size.paper().getWidth(), size.paper().getHeight(), Ink.PANEL);
        pages++;
        header();
        page.text(
                new At(MARGIN + width(), size.paper().getHeight() - MARGIN + 8),
                book.say("sheet.page", pages),
                Ink.SOFT,
                8,
                false,
                Anchor.END);
        page.text(
                new At(MARGIN, size.paper().getHeight() - MARGIN + 8),
                book.say("sheet.foot"),
                Ink.SOFT,
                8,
                false,
                Anchor.START);
    }

    private void header() throws IOException {
        page.box(0, 0, size.paper().getWidth(), 44, Ink.INK);
        page.text(new At(MARGIN, 17), plan.job().title(), Ink.PANEL, 15, true, Anchor.START);
        String order = plan.job().order().isBlank() ? "" : plan.job().order() + " · ";
        page.text(
                new At(MARGIN, 33),
                order + book.say("text.quantity", plan.job().quantity()),
                Ink.HAIRLINE,
                9.5,
                false,
                Anchor.START);
        page.text(new At(MARGIN + width(), 22), "Neat Corner", Ink.HAIRLINE, 11, true, Anchor.END);
        y = 60;
    }

    private void room(double height) throws IOException {
        if (y + height > bottom()) {
            newPage();
        }
    }

    private void frameAndSizes() throws IOException {
        double left = width() * 0.60;
        double height = 300;
        page.picture(FrameDrawing.draw(plan, Station.CUTS, reader, left, height), MARGIN, y, 14);
        double x = MARGIN + left + GUTTER;
        double at = y;
        at = heading(x, at, width() - left - GUTTER, book.say("sheet.cut_list"));
        for (List<Member> pair : plan.frame().alike()) {
            at = member(x, at, width() - left - GUTTER, pair);
        }
        at = heading(x, at + 4, width() - left - GUTTER, book.say("sheet.saw"));
        at = cautions(x, at, width() - left - GUTTER, Station.CUTS);
        for (String line : saw()) {
            at = paragraph(x, at, width() - left - GUTTER, line, Ink.INK, 9);
        }
        y = Math.max(y + height, at) + 10;
    }

    private double member(double x, double top, double wide, List<Member> pair) throws IOException {
        Member member = pair.getFirst();
        String names = plan.frame().isFourSquare()
                ? String.join(
                        ", ",
                        pair.stream()
                                .map(m -> book.say(m.side().words()) + " "
                                        + m.side().letters())
                                .toList())
                : letters(pair);
        double at = paragraph(
                x, top, wide, book.say("sheet.pieces", pair.size() * plan.job().quantity(), names), Ink.SOFT, 9);
        page.number(new At(x, at + 13), book.numeral(member.longPoint()), Ink.INK, 27, Anchor.START);
        if (member.left().isSquare() && member.right().isSquare()) {
            page.text(new At(x + wide, at + 12), book.say("sheet.square_ends"), Ink.SOFT, 8.5, false, Anchor.END);
            return at + 31;
        }
        page.text(
                new At(x + wide, at + 7),
                book.say("sheet.short", member.shortPoint()),
                Ink.SOFT,
                8.5,
                false,
                Anchor.END);
        if (member.section().lip().isPositive()) {
            page.text(
                    new At(x + wide, at + 18),
                    book.say("sheet.along_rabbet", member.rabbet()),
                    Ink.SOFT,
                    8.5,
                    false,
                    Anchor.END);
        }
        return at + 31;
    }

    private static String letters(List<Member> alike) {
        return String.join(", ", alike.stream().map(m -> m.side().letters()).distinct().toList());
    }

    private List<String> saw() {
        List<String> lines = new ArrayList<>();
        lines.add(book.say("sheet.lie"));
        for (List<Member> pair : plan.frame().alike()) {
            Member member = pair.getFirst();
            lines.add(book.say("sheet.swing", letters(pair), member.left().said(true), member.right().said(false)));
            if (!member.left().isUpright() || !member.right().isUpright()) {
                lines.add(book.say("text.standing", member.left().saidStanding(), member.right().saidStanding()));
            }
            member.curve()
                    .ifPresent(curve -> lines.add(book.say("text.curve", curve.blank(), curve.turn(), curve.runOut())));
        }
        return lines;
    }

    private void sectionAndCorner() throws IOException {
        double third = (width() - 2 * GUTTER) * 0.28;
        double wide = width() - 2 * GUTTER - 2 * third;
        room(210);
        double top = y;
        double height = 178;
        heading(
                MARGIN,
                top,
                wide,
                book.say(
                        "text.section",
                        plan.job().section().name(),
                        plan.job().section().species()));
        page.picture(
                SectionDrawing.dimensioned(plan, new Reader(book, face, 0.62), wide, height), MARGIN, top + 16, 10.5);
        double x = MARGIN + wide + GUTTER;
        heading(x, top, third, book.say(plan.joints().chosen().words()));
        page.picture(CornerDrawing.draw(plan, reader, third, height), x, top + 16, 10.5);
        x += third + GUTTER;
        double at = heading(x, top, third, book.say("sheet.joint"));
        at = cautions(x, at, third, Station.CORNERS);
        for (Words why : plan.joints().used().why()) {
            at = paragraph(x, at, third, book.say(why), Ink.SOFT, 9);
        }
        for (Figure<Length> setting : plan.joints().used().settings()) {
            at = row(x, at, third, book.say(setting.name()), book.write(setting));
        }
        y = Math.max(top + height + 22, at + 8);
    }

    private void sticks() throws IOException {
        if (plan.cuts().sticks().isEmpty()) {
            return;
        }
        room(90);
        String waste = plan.cuts()
                .share()
                .map(share -> book.say("sheet.waste", plan.cuts().waste().orElseThrow(), share))
                .orElse("");
        y = heading(MARGIN, y, width(), book.say("sheet.sticks", waste));
        int drawn = 0;
        while (drawn < plan.cuts().sticks().size()) {
            room(60);
            double height = bottom() - y;
            Picture picture = StickDrawing.draw(plan, reader, width(), drawn, height);
            page.picture(picture, MARGIN, y, 10.5);
            drawn += StickDrawing.shownIn(plan, reader, width(), drawn, height);
            y += picture.height() + 8;
        }
    }

    /** From the board to the section: a picture and a few lines for every step. */
    private void making() throws IOException {
        Picture picture = MakingDrawing.draw(plan, reader, width());
        room(picture.height() + 60);
        y = heading(MARGIN, y, width(), book.say("sheet.making"));
        page.picture(picture, MARGIN, y, 10.5);
        y = cautions(MARGIN, y + picture.height() + 6, width(), Station.SECTION);
        int number = 1;
        for (MakingStep step : plan.making().steps()) {
            room(30);
            String how = String.join(" ", step.how().stream().map(book::say).toList());
            y = paragraph(MARGIN, y, width(), number++ + ". " + book.say(step.what()) + ". " + how, Ink.INK, 9);
        }
        for (Words caution : plan.making().cautions()) {
            room(30);
            y = paragraph(MARGIN, y, width(), book.say(caution), Ink.SOFT, 9);
        }
        y += 8;
    }

    /** Two columns of what is done after the saw; a block that does not fit goes to the next. */
    private void workTexts() throws IOException {
        newPage();
        double column = (width() - GUTTER) / 2;
        double top = y;
        double left = glue(MARGIN, top, column);
        left = finish(MARGIN, left + 8, column);
        double right = fit(MARGIN + column + GUTTER, top, column);
        right = hang(MARGIN + column + GUTTER, right + 8, column);
        y = Math.max(left, right) + 10;
    }

    private double glue(double x, double top, double wide) throws IOException {
        boolean glued = plan.glue().least().isPresent();
        double at = heading(
                x,
                top,
                wide,
                book.say(Phrasebook.keyOf(Station.GLUE_UP))
                        + (glued ? ": " + book.say(Phrasebook.keyOf(plan.glue().adhesive())) : ""));
        at = cautions(x, at, wide, Station.GLUE_UP);
        for (Words time : plan.glue().times()) {
            at = paragraph(x, at, wide, book.say(time), Ink.SOFT, 9);
        }
        for (Figure<Length> check : plan.glue().checks()) {
            at = row(x, at, wide, book.say(check.name()), book.write(check));
        }
        if (glued) {
            at = row(
                    x,
                    at,
                    wide,
                    book.say("sheet.squeeze"),
                    book.say(
                            "sheet.range",
                            plan.glue().least().orElseThrow(),
                            plan.glue().most().orElseThrow()));
        }
        return steps(x, at + 2, wide, plan.glue().steps().stream());
    }

    private double finish(double x, double top, double wide) throws IOException {
        double at = heading(x, top, wide, book.say(Phrasebook.keyOf(Station.FINISH)));
        at = cautions(x, at, wide, Station.FINISH);
        if (plan.finish().steps().isEmpty()) {
            return paragraph(x, at, wide, book.say("text.bare"), Ink.INK, 9);
        }
        return steps(
                x,
                at,
                wide,
                plan.finish().steps().stream()
                        .map(step -> Words.of(
                                "text.coat",
                                step.coat().kind(),
                                step.coat().product().isBlank()
                                        ? Words.of("text.no_product")
                                        : Words.of("text.product", step.coat().product()),
                                step.after().isZero()
                                        ? Words.of("finish.at_once")
                                        : Words.of("finish.after", step.after()))));
    }

    private double fit(double x, double top, double wide) throws IOException {
        double at = heading(x, top, wide, book.say(Phrasebook.keyOf(Station.FIT)));
        at = cautions(x, at, wide, Station.FIT);
        List<Pane> sheets = Stream.concat(plan.fit().sheets().stream(), plan.fit().matOpenings().stream()).toList();
        for (Pane sheet : sheets) {
            at = row(x, at, wide, book.say(sheet.name()), book.say("sheet.size", sheet.width(), sheet.height()));
        }
        for (FitPlan.Points points : plan.fit().points()) {
            at = paragraph(x, at, wide, book.say(points.said()), Ink.SOFT, 9);
        }
        if (plan.fit().strainer().isPresent()) {
            FitPlan.Strainer strainer = plan.fit().strainer().get();
            for (Figure<Length> figure : List.of(strainer.rail(), strainer.stile(), strainer.brace())) {
                at = row(x, at, wide, book.say(figure.name()), book.write(figure));
            }
        }
        return steps(x, at + 2, wide, plan.fit().order().stream());
    }

    private double hang(double x, double top, double wide) throws IOException {
        double at = heading(
                x,
                top,
                wide,
                book.say(Phrasebook.keyOf(Station.HANG)) + ": "
                        + book.say(Phrasebook.keyOf(plan.hang().chosen())));
        at = cautions(x, at, wide, Station.HANG);
        double height = 150;
        page.picture(FrameDrawing.draw(plan, Station.HANG, new Reader(book, face, 0.62), wide, height), x, at, 12);
        at += height + 4;
        for (Figure<?> figure : plan.figures(Station.HANG)) {
            if (!(figure.key() instanceof Habit)) {
                at = row(x, at, wide, book.say(figure.name()), book.write(figure));
            }
        }
        return at;
    }

    private void findings(Severity... severities) throws IOException {
        List<Finding> chosen = plan.findings().stream()
                .filter(f -> List.of(severities).contains(f.severity()))
                .toList();
        if (chosen.isEmpty()) {
            return;
        }
        room(50);
        y = heading(MARGIN, y, width(), book.say("text.findings"));
        for (Finding finding : chosen) {
            room(34);
            Ink ink = switch (finding.severity()) {
                case STOP -> Ink.SAW;
                case CAUTION -> Ink.CAUTION;
                case NOTE -> Ink.GOOD;
            };
            double top = y;
            y = paragraph(
                    MARGIN + 10,
                    y,
                    width() - 10,
                    book.say("sheet.finding", finding.severity(), finding.station(), finding.what()),
                    Ink.INK,
                    9);
            y = paragraph(MARGIN + 10, y, width() - 10, book.say(finding.cure()), Ink.SOFT, 9);
            page.box(MARGIN, top, 3, y - top - 2, ink);
            y += 4;
        }
        y += 4;
    }

    /** Cautions stand where their work is said. */
    private double cautions(double x, double top, double wide, Station station) throws IOException {
        double at = top;
        for (Safety caution : plan.safety()) {
            if (caution.station() == station) {
                at = paragraph(x, at, wide, book.say(Phrasebook.keyOf(caution)), Ink.SAW, 9);
            }
        }
        return at;
    }

    private void rule() throws IOException {
        room(40);
        y = paragraph(MARGIN, y, width(), book.say("safety.rule"), Ink.SAW, 9);
        y = paragraph(MARGIN, y, width(), book.say("text.read_plus"), Ink.SOFT, 9);
    }

    private double heading(double x, double top, double wide, String text) throws IOException {
        page.text(new At(x, top + 5), text, Ink.INK, 10.5, true, Anchor.START);
        page.rule(x, top + 13, wide, Ink.HAIRLINE);
        return top + 18;
    }

    private double row(double x, double top, double wide, String name, String value) throws IOException {
        double nameWidth = wide - face.width(value, 9, true) - 8;
        double next = paragraph(x, top, nameWidth, name, Ink.SOFT, 9);
        page.text(new At(x + wide, top + 5), value, Ink.INK, 9, true, Anchor.END);
        return next;
    }

    private double steps(double x, double top, double wide, Stream<Words> steps) throws IOException {
        double at = top;
        int number = 1;
        for (Words step : steps.toList()) {
            page.text(new At(x, at + 5), number++ + ".", Ink.SOFT, 9, true, Anchor.START);
            at = paragraph(x + 15, at, wide - 15, book.say(step), Ink.INK, 9);
        }
        return at;
    }

    /** Text broken between words; returns where the next line may start. */
    private double paragraph(double x, double top, double wide, String text, Ink ink, double points)
            throws IOException {
        double at = top;
        StringBuilder line = new StringBuilder();
        for (String word : Phrasebook.unbroken(text.strip()).split(" +")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && face.width(longer, points, false) > wide) {
                page.text(new At(x, at + 5), line.toString(), ink, points, false, Anchor.START);
                at += points * 1.32;
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        page.text(new At(x, at + 5), line.toString(), ink, points, false, Anchor.START);
        return at + points * 1.32;
    }
}
