package neatcorner.core.stock;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;

/**
 * Pieces to be cut from sticks, with nothing but lengths and prices.
 *
 * @param pieces kinds of pieces; one or more
 * @param stock  kinds of sticks; one or more
 * @param gap    lost between neighbours on a stick, from 0 to 50 mm
 * @param trim   lost at either end of a stick, from 0 to 1 m
 */
public record StickProblem(List<Kind> pieces, List<Stock> stock, Length gap, Length trim) {
    /** The most pieces in all. */
    public static final int MOST_PIECES = 20_000;

    public StickProblem {
        pieces = List.copyOf(pieces);
        stock = List.copyOf(stock);
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("there are no pieces; give one or more");
        }
        if (stock.isEmpty()) {
            throw new IllegalArgumentException("there are no sticks; give one or more");
        }
        Finite.within("gap between pieces", gap, Length.ZERO, Length.mm(50));
        Finite.within("end trim", trim, Length.ZERO, Length.mm(1000));
        long count = pieces.stream().mapToLong(Kind::count).sum();
        if (count > MOST_PIECES) {
            throw new IllegalArgumentException("there are " + count + " pieces; there may be up to " + MOST_PIECES);
        }
        for (Kind kind : pieces) {
            boolean fits = false;
            for (Stock stick : stock) {
                fits |= !kind.length().plus(trim.times(2)).isOver(stick.length());
            }
            if (!fits) {
                throw new IllegalArgumentException("piece " + kind.name() + " is " + kind.length() + " long and with its trims longer than every stick, the longest "
                        + stock.stream().map(Stock::length).max(Length::compareTo).orElseThrow() + "; add a longer stick, or scarf it from two");
            }
        }
    }

    /**
     * Pieces that are alike.
     *
     * @param name   what they are called
     * @param length what one takes of a stick, over 0 up to 20 m
     * @param count  how many, from 1
     */
    public record Kind(String name, Length length, int count) {
        public Kind {
            Finite.within("length of piece " + name, length, new Length(1), Length.mm(20_000));
            if (count < 1) {
                throw new IllegalArgumentException("piece " + name + " is wanted " + count + " times; it must be 1 or more");
            }
        }
    }

    /**
     * Sticks that are alike.
     *
     * @param name   what they are called
     * @param length whole, over 0 up to 20 m
     * @param count  how many there are; empty for as many as one buys
     * @param cost   of one, in the smallest coin, from 0 to 1 000 000 000
     */
    public record Stock(String name, Length length, Optional<Integer> count, long cost) {
        public Stock {
            Finite.within("length of stick " + name, length, new Length(1), Length.mm(20_000));
            if (count.isPresent() && count.get() < 0) {
                throw new IllegalArgumentException("there are " + count.get() + " sticks " + name + "; it must be 0 or more");
            }
            if (cost < 0 || cost > 1_000_000_000L) {
                throw new IllegalArgumentException("stick " + name + " costs " + cost + "; it must be from 0 to 1000000000");
            }
        }
    }

    /** What is left of a filled stick between its last piece's gap and its trimmed end. */
    public Length left(StickAnswer.Filled filled) {
        long left = room(filled.stock());
        for (int i = 0; i < pieces.size(); i++) {
            left -= need(i) * filled.counts().get(i);
        }
        return new Length(Math.max(0, left - gap.nanometres()));
    }

    /** All of the sticks used that is not in a piece. */
    public Length waste(StickAnswer answer) {
        Length waste = Length.ZERO;
        for (StickAnswer.Filled filled : answer.sticks()) {
            waste = waste.plus(stock.get(filled.stock()).length());
            for (int i = 0; i < pieces.size(); i++) {
                waste = waste.minus(pieces.get(i).length().times((long) filled.counts().get(i)));
            }
        }
        return waste;
    }

    /** What a stick holds: each piece takes its length and a gap, and the last needs no gap. */
    long room(int stick) {
        return stock.get(stick).length().minus(trim.times(2)).plus(gap).nanometres();
    }

    /** What a piece takes of that room. */
    long need(int kind) {
        return pieces.get(kind).length().plus(gap).nanometres();
    }
}
