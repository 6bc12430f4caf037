package neatcorner.core.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Stroke;

/** What a piece is left longer for than the saw is set to: it is fitted to something else before it is right. */
final class Spare {
    private final Plan plan;
    private final Job job;
    /** The part by the name its pieces carry, from 0. */
    private final Map<String, Integer> numbers = new HashMap<>();

    Spare(Plan plan) {
        this.plan = plan;
        this.job = plan.job();
        List<String> parts = job.parts().stream().map(Part::name).toList();
        Lots.parts(Lots.orders(plan.assembly())).forEach((piece, part) -> numbers.put(piece, parts.indexOf(part)));
    }

    /** The part a piece is of, from 0. */
    int number(Piece piece) {
        return numbers.getOrDefault(piece.job(), 0);
    }

    /**
     * How the piece of a cut is fitted; empty for one that is cut to its number.
     *
     * @param atHand the part whose turn it is, from 0: what is cut before has nothing to be held to
     */
    Optional<Words> of(SawCut cut, int atHand) {
        if (!cut.stroke().makesLength()) {
            return Optional.empty();
        }
        Piece piece = cut.on().placed().piece();
        int part = number(piece);
        Job own = job.at(part);
        String letters = piece.id().letters();
        if (part > 0 && own.isFitted()) {
            return Optional.of(Words.of("card.hair_long"));
        }
        if (isCrossBar(plan.assembly().frame(part), letters)) {
            return Optional.of(Words.of("card.bar_long"));
        }
        if (isHoused(own, letters)) {
            return Optional.of(Words.of("card.housed_long"));
        }
        boolean held = part > 0 && part == atHand && cut.stroke() == Stroke.RIGHT && isMitredSide(own, letters);
        return held ? job.parts().get(part).placement().map(Spare::heldTo) : Optional.empty();
    }

    private static Words heldTo(Placement where) {
        return where.gap().isPositive()
                ? Words.of("card.by_transfer_gap", where.on(), where.gap())
                : Words.of("card.by_transfer", where.on());
    }

    private static boolean isCrossBar(Frame frame, String letters) {
        return frame.cross().stream().anyMatch(bar -> bar.side().letters().equals(letters));
    }

    private static boolean isHoused(Job own, String letters) {
        return own.squared()
                .filter(squared -> squared.corner() == SquareCorner.HOUSED)
                .filter(squared -> sides(own).anyMatch(side -> side.letters().equals(letters)
                        && !squared.through().runs(side)))
                .isPresent();
    }

    /** What stands between others, as a rail or a slat, cannot be held beside another part. */
    private static boolean isMitredSide(Job own, String letters) {
        return own.squared().isEmpty() && sides(own).map(Side::letters).anyMatch(letters::equals);
    }

    private static Stream<Side> sides(Job own) {
        return own.outline().round().stream();
    }
}
