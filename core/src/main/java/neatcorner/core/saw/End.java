package neatcorner.core.saw;

import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.outline.Vector;

/**
 * The cut at one end of a piece, in the piece's own axes: from the start of its outside edge, outwards, to the front.
 *
 * @param corner the end of the outside edge, on the back, in mm
 * @param normal of the cut, out of the piece, of length one
 * @param joint  the way on the back along the cut from the outside corner to the inside one, of length one
 * @param cut    how long the cut is there, in mm
 */
record End(Vector corner, Vector normal, Vector joint, double cut) {
    /** Of a piece that is off by this. */
    static End of(Member member, PieceError error, boolean right) {
        EndError off = right ? error.right() : error.left();
        Mitre mitre = (right ? member.right() : member.left()).turned(off.swing(), off.tilt());
        double way = right ? 1 : -1;
        Vector joint = new Vector(way * mitre.across() / mitre.along(), -1, 0);
        return new End(
                new Vector(right ? member.longPoint().value().toMm() + error.length() : 0, 0, 0),
                new Vector(way * mitre.along(), mitre.across(), mitre.through()),
                joint.unit(),
                mitre.face().toMm() * joint.length());
    }

    /** Square to joint and normal, so that it is the same for two ends that lie on one another. */
    Vector third(boolean ahead) {
        return joint.cross(normal.times(ahead ? 1 : -1));
    }

    /** A way in the piece's axes, where this cut's own ways lie on these of the piece before. */
    Vector lying(Vector own, Vector onJoint, Vector onNormal, Vector onThird) {
        return onJoint.times(own.dot(joint))
                .plus(onNormal.times(-own.dot(normal)))
                .plus(onThird.times(own.dot(third(false))));
    }

    /** A place of the cut face: a share of the joint from its toe to its heel, and so far to the front, in mm. */
    Vector place(double share, double through) {
        Vector up = new Vector(-normal.z() / normal.x(), 0, 1);
        return corner.plus(joint.times(share * cut)).plus(up.times(through));
    }
}
