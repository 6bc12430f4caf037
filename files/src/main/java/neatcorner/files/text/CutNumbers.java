package neatcorner.files.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.sawing.Measure;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.shop.Machine;

/** Which cut of the order makes which end of a piece, as cells of a cut list. */
final class CutNumbers {
    /** Of a piece that no cut of the order makes. */
    static final List<Object> NONE = List.of("", "", "", "", "", "", "", "", "", "", "");
    private static final List<Object> NO_CUT = List.of("", "", "", "", "");
    private final Map<End, SawCut> cuts = new HashMap<>();

    /**
     * An end of a piece.
     *
     * @param stick from 1
     * @param place on it, from 0
     */
    private record End(int stick, int place, boolean right) {
    }

    CutNumbers(Sawing sawing) {
        for (SawCut cut : sawing.cuts()) {
            cuts.put(new End(cut.on().number(), cut.on().place(), cut.stroke().makesLength()), cut);
            if (cut.stroke() == Stroke.BOTH) {
                cuts.put(new End(cut.on().number(), cut.on().place() + 1, false), cut);
            }
        }
    }

    /** Both ends of a piece on a stick, from 1, at a place on it, from 0; and the saw of the end cut last. */
    List<Object> of(int stick, int place) {
        List<Object> cells = new ArrayList<>(end(stick, place, false));
        cells.addAll(end(stick, place, true));
        SawCut last = cuts.get(new End(stick, place, true));
        cells.add(last == null ? "" : CsvCell.write(last.setting().saw().map(Machine::name).orElse("")));
        return cells;
    }

    private List<Object> end(int stick, int place, boolean right) {
        SawCut cut = cuts.get(new End(stick, place, right));
        if (cut == null) {
            return NO_CUT;
        }
        boolean withTheOneBefore = cut.stroke() == Stroke.BOTH && !right;
        return List.of(
                cut.number(),
                withTheOneBefore ? "with" : by(cut.measure()),
                withTheOneBefore ? "" : cut.measure().length().toExactMm().toPlainString(),
                cut.setting().isSwung() ? cut.setting().toRight() ? "right" : "left" : "square",
                cut.on().turned() ? "yes" : "no");
    }

    private static String by(Measure measure) {
        return switch (measure) {
            case Measure.Clean _ -> "clean";
            case Measure.Stop _ -> "stop";
            case Measure.Mark _ -> "mark";
        };
    }
}
