package neatcorner.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/**
 * Pieces of one frame that must be equal, or its corners do not close: the two that face each other in a rectangle, all
 * alike sides of any other. When one came out short, the others are cut to it. Common practice, no source.
 */
final class Partners {
    private final WorkLog log;
    private final List<Mate> all = new ArrayList<>();

    /**
     * A whole piece.
     *
     * @param part   whose it is
     * @param piece  itself
     * @param sawn   the cut that makes its length
     */
    private record Mate(String part, Piece piece, Act.Saw sawn) {
        boolean isLike(Mate other) {
            return !piece.id().equals(other.piece.id())
                    && part.equals(other.part)
                    && piece.frame() == other.piece.frame()
                    && piece.length().equals(other.piece.length())
                    && facing(piece.member().side().name()) == facing(other.piece.member().side().name());
        }

        private static Side.Name facing(Side.Name side) {
            return switch (side) {
                case BOTTOM -> Side.Name.TOP;
                case RIGHT -> Side.Name.LEFT;
                default -> side;
            };
        }
    }

    Partners(Plan plan, List<StickLayout> sticks) {
        this.log = plan.get(WorkLog.class);
        var parts = Lots.parts(Lots.orders(plan.assembly()));
        for (StickLayout stick : sticks) {
            for (StickLayout.Placed placed : stick.placed()) {
                Piece piece = placed.piece();
                if (piece.part().isEmpty()) {
                    String part = Known.in(parts, piece.job());
                    all.add(new Mate(part, piece, log.last(new Act.Saw(part, piece.id(), true))));
                }
            }
        }
    }

    private List<Mate> of(Act.Saw sawn) {
        Optional<Mate> own = all.stream().filter(mate -> mate.sawn.isOfSamePiece(sawn)).findFirst();
        return own.map(one -> all.stream().filter(one::isLike).toList()).orElse(List.of());
    }

    /** How a piece came out; what was read before its job made it another length is of another piece. */
    private Optional<Deed.Measured> read(Act.Saw sawn) {
        return log.pieces().stream()
                .filter(read -> read.act() instanceof Act.Saw saw && saw.isOfSamePiece(sawn))
                .filter(read -> all.stream()
                        .filter(mate -> mate.sawn.isOfSamePiece(sawn))
                        .allMatch(mate -> log.lengthWhen(read)
                                .filter(then -> !then.equals(mate.piece.length()))
                                .isEmpty()))
                .findFirst();
    }

    /** How much shorter than planned a piece is cut, to match one that came out short before; else nothing. */
    Length less(Act.Saw sawn) {
        if (log.pieces().isEmpty()) {
            return Length.ZERO;
        }
        return of(sawn).stream()
                .flatMap(mate -> read(mate.sawn).stream())
                .filter(Deed.Measured::isShort)
                .filter(read -> log.wasReadBefore(read, sawn))
                .map(read -> read.off().abs())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    /** What becomes of a piece that did not come out as planned; empty for one that did, or was not read. */
    Optional<Words> verdict(Act.Saw sawn) {
        return read(sawn).filter(Deed.Measured::isOff).map(read -> {
            Length off = read.off().abs();
            if (!read.isShort()) {
                return Words.of("verdict.long", off, read.planned());
            }
            List<Mate> mates = of(sawn);
            List<Mate> longer = mates.stream().filter(mate -> isLonger(mate, read)).toList();
            List<Mate> cut = longer.stream().filter(mate -> log.isDone(mate.sawn)).toList();
            if (mates.isEmpty()) {
                return Words.of("verdict.alone", off);
            }
            if (longer.isEmpty()) {
                return Words.of("verdict.matches", off);
            }
            return cut.isEmpty()
                    ? Words.of(longer.size() > 1 ? "verdict.share_all" : "verdict.share", off, letters(longer))
                    : Words.of(cut.size() > 1 ? "verdict.shave_all" : "verdict.shave", off, letters(cut), read.value());
        });
    }

    /** The pieces that could be cut as short as one that came out so; empty where there are none, or they are cut. */
    Optional<Words> toShare(Act.Saw sawn) {
        List<Mate> mates = of(sawn);
        return mates.isEmpty() || mates.stream().anyMatch(mate -> log.isDone(mate.sawn))
                ? Optional.empty()
                : Optional.of(letters(mates));
    }

    /** Whether another piece is longer than this one came out, as far as is known: one not cut yet is. */
    private boolean isLonger(Mate mate, Deed.Measured read) {
        Length doubt = read.by().doubt();
        return read(mate.sawn)
                .map(other -> other.off().minus(read.off()).isOver(Length.mm(
                        Math.hypot(other.by().doubt().toMm(), doubt.toMm()))))
                .orElseGet(() -> !log.isDone(mate.sawn)
                        || less(mate.sawn).isUnder(read.off().abs().minus(doubt)));
    }

    private static Words letters(List<Mate> mates) {
        return Words.listed(mates.stream()
                .map(mate -> Words.of("stick.piece", mate.piece.member().side().letters(), mate.piece.frame()))
                .toList());
    }
}
