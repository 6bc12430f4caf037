package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.JoiningTool;

/**
 * Something that lies hidden across a mitre, in sizes commonly sold. Sizes are from memory.
 *
 * @param kind  what it is
 * @param along how much of the mitre it takes, along the joint
 * @param thick through the thickness of the frame
 * @param deep  how deep it goes into either piece, square to the joint
 */
public record HiddenFastener(Kind kind, Length along, Length thick, Length deep) {
    /** What it is. */
    public enum Kind {
        /** A round peg. */
        DOWEL(JointKind.DOWELLED, JoiningTool.DOWEL_GUIDE, 0.5),
        /** A loose tenon in two mortises. */
        FLOATING_TENON(JointKind.FLOATING_TENON, JoiningTool.MORTISER, 1),
        /** A pressed lens of beech in two slots. */
        BISCUIT(JointKind.BISCUIT, JoiningTool.BISCUIT_CUTTER, 0.7),
        /** A strip in a slot that stops before it shows. */
        STOPPED_SPLINE(JointKind.STOPPED_SPLINE, JoiningTool.ROUTER_TABLE, 0.9);

        private final JointKind joint;
        private final JoiningTool tool;
        private final double flat;

        Kind(JointKind joint, JoiningTool tool, double flat) {
            this.joint = joint;
            this.tool = tool;
            this.flat = flat;
        }

        /** The joint with it. */
        JointKind joint() {
            return joint;
        }

        /** What cuts its holes. */
        JoiningTool tool() {
            return tool;
        }

        /**
         * Of its length along the mitre times its depth, on either side, how much lies flat against the sides of its
         * hole and is glued there: a dowel touches all round, but half of that is end grain; a biscuit is a lens.
         */
        double flat() {
            return flat;
        }
    }

    private static HiddenFastener of(Kind kind, double along, double thick, double deep) {
        return new HiddenFastener(kind, Length.mm(along), Length.mm(thick), Length.mm(deep));
    }

    /** The sizes of a kind, the largest first. */
    static List<HiddenFastener> standard(Kind kind) {
        return switch (kind) {
            case DOWEL ->
                List.of(
                        of(kind, 12, 12, 30),
                        of(kind, 10, 10, 25),
                        of(kind, 8, 8, 20),
                        of(kind, 6, 6, 15),
                        of(kind, 5, 5, 12));
            case FLOATING_TENON ->
                List.of(
                        of(kind, 24, 10, 25),
                        of(kind, 22, 8, 20),
                        of(kind, 20, 6, 20),
                        of(kind, 19, 5, 15),
                        of(kind, 17, 4, 10));
            case BISCUIT -> List.of(of(kind, 56, 4, 12.5), of(kind, 53, 4, 10.5), of(kind, 47, 4, 8.5));
            case STOPPED_SPLINE ->
                List.of(of(kind, 50, 3.2, 12), of(kind, 35, 3.2, 10), of(kind, 25, 3.2, 8), of(kind, 15, 3.2, 6));
        };
    }
}
