package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * One cut as a hand makes it.
 *
 * @param number  in the order, from 1
 * @param on      the stick, and where on it
 * @param stroke  what it makes
 * @param setting how the saw stands
 * @param anew    whether it is set for this cut
 * @param measure where the cut is
 * @param held    what lies on the saw
 * @param over    how much longer than its length the piece at the left is left, for one that is only parted; else 0
 * @param offCut  what falls off; empty where both sides are wanted
 * @param proof   what is tried after it, before the next
 */
public record SawCut(int number, On on, Stroke stroke, SawSetting setting, Anew anew, Measure measure, Held held,
                     Length over, Optional<OffCutShape> offCut, Optional<Words> proof) {
    /**
     * Where on the stick.
     *
     * @param number which stick, from 1
     * @param stick  itself
     * @param place  of the piece that gets an end, from 0; of two the left one
     * @param turned whether the strip is turned over about its length
     * @param shared whether pieces of several jobs or parts are sawn together, so that each says whose it is
     */
    public record On(int number, StickLayout stick, int place, boolean turned, boolean shared) {
        /** The name of a piece on this stick. */
        public Words letters(int of) {
            Piece piece = stick.placed().get(of).piece();
            return shared
                    ? Words.of("stick.piece_of", piece.job(), SawCut.letters(piece))
                    : SawCut.letters(piece);
        }

        /** The piece that gets an end. */
        public StickLayout.Placed placed() {
            return stick.placed().get(place);
        }
    }

    /**
     * What is set for it.
     *
     * @param setting whether the saw is
     * @param stop    whether the stop is
     */
    public record Anew(boolean setting, boolean stop) {
    }

    /** The same on a stick that has another number. */
    public SawCut onStick(int other) {
        return new SawCut(
                number,
                new On(other, on.stick, on.place, on.turned, on.shared),
                stroke,
                setting,
                anew,
                measure,
                held,
                over,
                offCut,
                proof);
    }

    /**
     * The same in another order.
     *
     * @param before the cuts that come before it now, the last one last
     */
    public SawCut after(List<SawCut> before) {
        boolean isSet = !before.isEmpty() && before.getLast().setting.equals(setting);
        boolean stops = measure instanceof Measure.Stop;
        boolean stands = before.reversed().stream()
                .map(SawCut::measure)
                .filter(Measure.Stop.class::isInstance)
                .findFirst()
                .filter(stop -> stop.length().equals(measure.length()))
                .isPresent();
        return new SawCut(
                number, on, stroke, setting, new Anew(!isSet, stops && !stands), measure, held, over, offCut, proof);
    }

    /** The same for a piece that is so much shorter. */
    public SawCut lessBy(Length less) {
        return new SawCut(
                number, on, stroke, setting, anew, measure.lessBy(less), held, over, offCut, proof);
    }

    /** The piece that gets an end; of two the left one. */
    private Piece piece() {
        return on.placed().piece();
    }

    /** Which end of which piece, in words. */
    public Words title() {
        Words letters = on.letters(on.place);
        return switch (stroke) {
            case LEFT, PART -> Words.of("sawing.left_end", letters);
            case RIGHT -> Words.of("sawing.right_end", letters);
            case BOTH -> Words.of(
                    "sawing.both_ends",
                    letters,
                    on.letters(on.place + 1));
        };
    }

    /** Its letters, which of the frames it is for, which part of a joined side. */
    static Words letters(Piece piece) {
        Words name = Words.of("stick.piece", piece.member().side().letters(), piece.frame());
        return piece.part()
                .map(part -> Words.of("sawing.part_of", name, part.number(), part.of()))
                .orElse(name);
    }

    /** What stays in one piece right of the blade, for the next cut; empty where that is only an off-cut. */
    public Optional<Length> remains() {
        return stroke == Stroke.RIGHT ? Optional.empty() : Optional.of(held.right().to().minus(held.right().from()));
    }

    /** In one line: number, stick, end, where it is not made to the stop that is set, and what must not be missed. */
    public Words said() {
        Words line = Words.of("sawing.line", number, on.number(), title());
        if (!(measure instanceof Measure.Stop)) {
            line = Words.of("sawing.line_at", line, measure.words());
        }
        if (on.turned()) {
            line = Words.of("sawing.line_and", line, Words.of("sawing.turned"));
        }
        if (held.clamped()) {
            line = Words.of("sawing.line_and", line, held.words());
        }
        return proof.isPresent() ? Words.of("sawing.line_and", line, proof.get()) : line;
    }

    /** What is looked at before and after it. */
    public List<Words> checks() {
        List<Words> checks = new ArrayList<>();
        checks.add(
                on.turned
                        ? Words.of("sawing.turned")
                        : Words.of(on.stick.section().lip().isPositive() ? "sawing.lies" : "sheet.lie_plain"));
        checks.add(switch (stroke) {
            case LEFT -> Words.of("sawing.waste_left");
            case PART -> over.isZero() ? Words.of("sawing.parts") : Words.of("sawing.parts_over", over);
            case RIGHT -> Words.of("sawing.waste_right");
            case BOTH -> Words.of("sawing.shares");
        });
        checks.add(held.words());
        offCut.map(OffCutShape::words).ifPresent(checks::add);
        proof.ifPresent(checks::add);
        return checks;
    }
}
