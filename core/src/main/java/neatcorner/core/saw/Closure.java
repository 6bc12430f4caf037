package neatcorner.core.saw;

import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.outline.Vector;

/**
 * A frame put together from pieces that are a little off, one corner after another closed tight from its second to
 * its last, and what its first is left with. Exact: every piece is a rigid body, and every closed corner lays both cut
 * faces on one another with their outside corners and their joint lines on the back together.
 *
 * @param openings across the joint that is left; below zero where the first and the last piece would run into one
 *                 another
 * @param turn     what the two cut faces there lack to lie on one another, in rad; over 0 the joint is wider at its
 *                 heel than at its toe
 * @param slip     of the last piece's outside corner from the first's along the joint, in mm; over 0 inwards
 */
public record Closure(Openings openings, double turn, double slip) {
    /**
     * Of the mitred sides of a frame, clockwise, each off by the error of its number.
     *
     * @throws IllegalArgumentException where the two lists differ in length
     */
    public static Closure of(List<Member> sides, List<PieceError> errors) {
        return of(Ends.of(sides, errors), sides.getFirst().stock().thickness().toMm());
    }

    /** Of pieces whose cuts are known. */
    static Closure of(Ends ends, double thick) {
        Pose pose = Pose.FIRST;
        for (int i = 1; i < ends.size(); i++) {
            pose = pose.next(ends.right(i - 1), ends.left(i));
        }
        return between(pose, ends.right(ends.size() - 1), ends.left(0), thick);
    }

    private static Closure between(Pose pose, End end, End first, double thick) {
        Vector past = pose.place(end.corner()).minus(first.corner());
        return new Closure(
                new Openings(
                        opening(pose, end, first, 0, 0),
                        opening(pose, end, first, 1, 0),
                        opening(pose, end, first, 0, thick),
                        opening(pose, end, first, 1, thick)),
                Math.asin(Math.clamp(pose.way(end.joint()).dot(first.normal()), -1, 1)),
                past.dot(first.joint()));
    }

    private static double opening(Pose pose, End end, End first, double share, double through) {
        return pose.place(end.place(share, through))
                .minus(first.place(share, through))
                .dot(first.normal());
    }
}
