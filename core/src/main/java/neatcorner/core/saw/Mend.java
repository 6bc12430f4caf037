package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * How a frame is mended: a piece of the wrong length is cut again, and at every corner that is open one end is shaved,
 * from nothing where the joint is open to the whole gap where it touches.
 *
 * @param steps which end is shaved, where and by how much
 * @param fills whether every gap is small enough to be filled instead
 * @param cost  the most that a side comes out shorter
 * @param room  of the pane after it, in all, where the frame has a pane; below zero where it does not drop in
 */
public record Mend(List<Words> steps, boolean fills, Gap cost, Optional<Length> room) {
    /** Wider gaps are seen when they are filled. Common practice, no source. */
    private static final double FILLED = 0.4;
    /** Less is not shaved, in mm. */
    private static final double SEEN = 0.08;

    public Mend {
        steps = List.copyOf(steps);
    }

    /**
     * From what was seen, and what is likely wrong.
     *
     * @param best the likeliest guess, from which the lengths and angles that are there are taken
     */
    public static Mend of(Frame frame, SawPlan plan, Doctor.Guess best, Map<Look, Double> seen) {
        Shaving shaving = new Shaving(plan.ring(), best, seen);
        boolean angles = best.causes().stream().anyMatch(Cause.Swing.class::isInstance);
        boolean leans = best.causes().stream()
                .anyMatch(cause -> cause instanceof Cause.Tilt || cause instanceof Cause.Twist);
        for (int i = 0; i < best.causes().size(); i++) {
            if (best.causes().get(i) instanceof Cause.Long(int side)) {
                shaving.length(side, best.sizes()[i]);
            }
        }
        for (int corner = 0; corner < plan.ring().size(); corner++) {
            if (angles) {
                shaving.across(corner);
            }
            if (leans) {
                shaving.through(corner);
            }
        }
        double widest = seen.entrySet().stream()
                .filter(entry -> entry.getKey() instanceof Look.Across || entry.getKey() instanceof Look.Through)
                .mapToDouble(entry -> Math.abs(entry.getValue()))
                .max()
                .orElse(0);
        return new Mend(
                shaving.steps,
                widest > SEEN && widest <= FILLED,
                Gap.mm(shaving.cost),
                Play.of(frame, new Band(plan.ring())).map(play -> Length.mm(play.room(shaving.after))));
    }

    /** What is shaved, and what the pieces are off by after it. */
    private static final class Shaving {
        private final List<Member> sides;
        private final Map<Look, Double> seen;
        private final List<PieceError> after;
        private final List<Words> steps = new ArrayList<>();
        private double cost;

        Shaving(List<Member> sides, Doctor.Guess best, Map<Look, Double> seen) {
            this.sides = sides;
            this.seen = seen;
            this.after = new ArrayList<>(best.does(sides));
        }

        /** A piece that is too long is cut again; of one that is too short the one across from it is. */
        void length(int side, double size) {
            boolean isLong = size > 0;
            if (!isLong && sides.size() != 4) {
                steps.add(Words.of("mend.again", sides.get(side).side().letters(), Gap.mm(-size)));
                shorten(side, size);
                return;
            }
            int cut = isLong ? side : (side + 2) % 4;
            steps.add(Words.of(
                    isLong ? "mend.shorten" : "mend.shorten_partner",
                    sides.get(cut).side().letters(),
                    Gap.mm(Math.abs(size)),
                    sides.get(side).side().letters()));
            shorten(cut, Math.abs(size));
            cost = Math.max(cost, isLong ? 0 : -size);
        }

        private void shorten(int side, double by) {
            PieceError error = after.get(side);
            after.set(side, new PieceError(error.left(), error.right(), error.length() - by));
        }

        /** The wedge that is open is taken off on the other side, at the left end of the side. */
        void across(int corner) {
            double open = seen.getOrDefault(new Look.Across(corner), 0.0);
            if (Math.abs(open) <= SEEN) {
                return;
            }
            Member side = sides.get(corner);
            double lost = Math.abs(open) / Math.cos(side.left().swing().radians());
            steps.add(Words.of(
                    open > 0 ? "mend.shave_outside" : "mend.shave_inside",
                    side.side().letters(),
                    side.side().from(),
                    Gap.mm(Math.abs(open)),
                    Gap.mm(lost)));
            PieceError error = after.get(corner);
            EndError left = new EndError(
                    error.left().swing() - open / side.left().length().toMm(), error.left().tilt());
            after.set(corner, new PieceError(left, error.right(), error.length()));
            if (open > 0) {
                shorten(corner, lost);
                cost = Math.max(cost, lost);
            }
        }

        /** So too from front to back. */
        void through(int corner) {
            double open = seen.getOrDefault(new Look.Through(corner), 0.0);
            if (Math.abs(open) > SEEN) {
                steps.add(Words.of(
                        open > 0 ? "mend.shave_back" : "mend.shave_front",
                        sides.get(corner).side().letters(),
                        sides.get(corner).side().from(),
                        Gap.mm(Math.abs(open))));
            }
        }
    }
}
