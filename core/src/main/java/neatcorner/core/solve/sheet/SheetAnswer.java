package neatcorner.core.solve.sheet;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Answer;

/**
 * Panes on sheets.
 *
 * @param sheets in the order they are cut
 * @param cost   of all, in the smallest coin
 * @param bound  no layout costs less, as far as is proven; up to {@code cost}
 */
public record SheetAnswer(List<Laid> sheets, long cost, long bound) implements Answer {
    public SheetAnswer {
        sheets = List.copyOf(sheets);
    }

    /**
     * One sheet.
     *
     * @param stock which kind of sheet, counted from 0
     * @param panes where they lie
     * @param cuts  in the order they are made, each from edge to edge of what lies there then; cuts of the trims are
     *              not among them
     * @param rests what is left
     */
    public record Laid(int stock, List<Placed> panes, List<Cut> cuts, List<Rest> rests) {
        public Laid {
            panes = List.copyOf(panes);
            cuts = List.copyOf(cuts);
            rests = List.copyOf(rests);
        }

        /** The largest piece that is left. */
        public Optional<Rest> largestRest() {
            return rests.stream().max(Comparator.comparingDouble(Rest::area));
        }
    }

    /**
     * A pane on a sheet.
     *
     * @param pane   which kind, counted from 0
     * @param x      from the sheet's left edge
     * @param y      from its lower edge
     * @param turned whether its height lies along the sheet's width
     */
    public record Placed(int pane, Length x, Length y, boolean turned) {
    }

    /**
     * A cut from edge to edge of a part of the sheet.
     *
     * @param x1 where it starts
     * @param y1 where it starts
     * @param x2 where it ends; the same as {@code x1} for an upright cut
     * @param y2 where it ends
     */
    public record Cut(Length x1, Length y1, Length x2, Length y2) {
    }

    /**
     * A rectangle that is left.
     *
     * @param x      from the sheet's left edge
     * @param y      from its lower edge
     * @param width  along the sheet's width
     * @param height along its height
     */
    public record Rest(Length x, Length y, Length width, Length height) {
        /** In square millimetres. */
        public double area() {
            return width.toMm() * height.toMm();
        }
    }
}
