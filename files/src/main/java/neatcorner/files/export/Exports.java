package neatcorner.files.export;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.drawing.MarkingStrip;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.files.exchange.DxfFile;
import neatcorner.files.exchange.SvgFile;
import neatcorner.files.exchange.Template;
import neatcorner.files.sheet.CardSheet;
import neatcorner.files.sheet.ShopSheet;
import neatcorner.files.text.CutList;
import neatcorner.files.text.MillCsv;
import neatcorner.files.text.PlanText;

/** What can be written of a plan: a line a kind. */
public final class Exports {
    /** All of them, in the order they are offered. */
    public static final List<Export> ALL = List.of(
            new Export("sheet", "pdf", Exports::sheet),
            new Export("cards", "pdf", request -> cards(request, 1)),
            new Export("cards-4", "pdf", request -> cards(request, 4)),
            new Export(
                    "frame",
                    "pdf",
                    request -> Template.write(List.of(frame(request.plan())), request.book(), request.paper())),
            new Export("frame", "svg", drawn(Exports::frame, SvgFile::write)),
            new Export("frame", "dxf", drawn(Exports::frame, DxfFile::write)),
            new Export(
                    "pieces",
                    "pdf",
                    request -> Template.write(onePiece(request.plan()), request.book(), request.paper())),
            new Export("pieces", "svg", drawn(plan -> FullSize.pieces(plan.frame()), SvgFile::write)),
            new Export("pieces", "dxf", drawn(plan -> FullSize.pieces(plan.frame()), DxfFile::write)),
            new Export(
                    "section",
                    "pdf",
                    request -> Template.write(List.of(section(request.plan())), request.book(), request.paper())),
            new Export("section", "svg", drawn(Exports::section, SvgFile::write)),
            new Export("section", "dxf", drawn(Exports::section, DxfFile::write)),
            new Export("cuts", "csv", request -> bytes(CutList.write(request.plan()))),
            new Export(
                    "boards",
                    "csv",
                    request -> bytes(MillCsv.write(
                            MillList.of(milling(request), request.boards().orElseThrow().shop().habits()),
                            request.book()))),
            new Export("boards", "pdf", request -> Template.write(strips(request), request.book(), request.paper())),
            new Export("plan", "txt", request -> bytes(PlanText.write(request.plan(), request.book()))));

    private Exports() {
    }

    /** The one of this kind and ending. */
    public static Optional<Export> of(String what, String ending) {
        return ALL.stream().filter(export -> export.what().equals(what) && export.ending().equals(ending)).findFirst();
    }

    private static Function<Export.Request, byte[]> drawn(
            Function<Plan, FullSize> drawing, Function<FullSize, String> file) {
        return request -> bytes(file.apply(drawing.apply(request.plan())));
    }

    private static byte[] sheet(Export.Request request) {
        return ShopSheet.write(
                request.plan(),
                request.boards()
                        .filter(Export.Boards::onSheet)
                        .map(boards -> new ShopSheet.Boards(boards.milling().get(), boards.shop())),
                request.book(),
                request.paper());
    }

    private static byte[] cards(Export.Request request, int aPage) {
        return CardSheet.write(request.plan(), request.job(), aPage, request.book(), request.paper(), request.goOn());
    }

    private static Milling milling(Export.Request request) {
        Milling milling =
                request.boards().map(boards -> boards.milling().get()).orElse(Milling.NONE);
        if (milling.sawn().isEmpty()) {
            throw Refusal.of("export.no_boards");
        }
        return milling;
    }

    private static List<FullSize> strips(Export.Request request) {
        return MarkingStrip.of(milling(request), request.boards().orElseThrow().shop().habits(), request.book());
    }

    private static FullSize frame(Plan plan) {
        return FullSize.frame(plan.frame());
    }

    private static FullSize section(Plan plan) {
        return FullSize.section(plan.job().section());
    }

    /** One of every kind of piece, a drawing each. */
    private static List<FullSize> onePiece(Plan plan) {
        return plan.frame().alike().stream().map(List::getFirst).map(FullSize::piece).toList();
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
