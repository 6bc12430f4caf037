package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Glued, with a triangle of plywood glued on the back across every corner. It lies in by a little from both edges and
 * ends before the corner of the opening, so that what is framed still goes in: with w of back beside the rabbet and m
 * of edge a leg is 2·(w − m) / sin θ at most.
 */
final class Gusseted implements Joint {
    /** How long its two legs are. */
    static final FastenerKey LEG = new FastenerKey("joint.gusset_leg");

    private static final FigureKey<Length> THICK = FigureKey.length(Station.CORNERS, "joint.gusset_thick");
    /** Common practice, no source, as are all its sizes. */
    private static final Length PLY = Length.inches(0, 1, 4);

    private static final Length IN = Length.inches(0, 1, 8);
    private static final Length LEAST = Length.inches(1);
    private static final Length MOST = Length.inches(6);
    /** What good plywood bears in its plane before it tears, in MPa. From memory. */
    private static final double TEARS = 15;

    @Override
    public JointKind kind() {
        return JointKind.GUSSETED;
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, 8);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction instanceof Construction.Mitred
                || construction.isSquared(corner -> corner == SquareCorner.BUTTED);
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(LEG);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.GUSSETS);
    }

    /**
     * The glue of the ends and of the triangle together: half of the triangle is glued flat on either piece of a mitre,
     * the tip of it on the one that stands against another, or the plywood tears over the joint.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double leg = used.setting(LEG).orElse(0.0);
        double past = Math.max(0, leg + IN.toMm() - at.through());
        double half = at.corner().isPresent() ? past * past / 2 : leg * leg * Math.sin(at.angle()) / 4;
        double over = leg * Math.cos(at.angle() / 2);
        double torn = TEARS * used.setting(THICK).orElse(0.0) * over;
        double glued = Faying.ROLLING * at.wood().shear();
        double pull = Math.min(glued * half, torn);
        double moment = Math.min(glued * Splined.TWIST * Math.pow(half, 1.5), torn * over / 6);
        return Hold.both(at.glue(), Hold.of(moment, pull, pull));
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        if (!frame.isConvex()) {
            return Fitted.not(kind(), Words.of("obstacle.gusset_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(kind(), Words.of("obstacle.gusset_curved"));
        }
        if (!frame.job().lean().isFlat()) {
            return Fitted.not(kind(), Words.of("obstacle.v_lean"));
        }
        Length back = frame.narrowFace().minus(frame.job().section().recess().opening());
        double widest = frame.angles().stream()
                .mapToDouble(angle -> Math.sin(angle.radians()))
                .max()
                .orElseThrow();
        Length most = back.minus(IN).times(2 / widest).min(shortest(frame).over(2));
        if (most.isUnder(LEAST)) {
            return Fitted.not(kind(), Words.of("obstacle.gusset_narrow", back, most.max(Length.ZERO), LEAST));
        }
        Length leg = wish.orElse(most.min(MOST));
        List<Words> obstacles = leg.isOver(most)
                ? List.of(Words.of("obstacle.gusset_long", leg, most, leg.minus(most)))
                : List.of();
        return new Fitted(
                kind(),
                List.of(
                        ledger.enter(Figure.formula(LEG)
                                .with("plate_back", back)
                                .with("gusset_in", IN)
                                .note("gusset_leg")
                                .rounded(Rounding.DOWN)
                                .gives(leg)),
                        ledger.enter(Figure.formula(THICK).note("gusset_thick").gives(PLY)),
                        ledger.enter(Figure.formula(FigureKey.length(Station.CORNERS, "joint.gusset_in"))
                                .note("gusset_set_in")
                                .gives(IN))),
                1,
                obstacles,
                Angle.RIGHT);
    }

    /** Of the sides, so that two triangles do not meet on one. */
    private static Length shortest(Frame frame) {
        return frame.members().stream()
                .map(member -> Length.mm(member.outline().get(0).to(member.outline().get(1))))
                .reduce(Length::min)
                .orElseThrow()
                .minus(IN.times(2));
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close.gussets", adhesive.clamp(), PLY));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        double leg = used.setting(LEG).orElse(0.0);
        List<Vector> triangle = frame.isSquared() ? square(frame, leg) : mitred(frame, leg);
        return List.of(new Insert(
                Insert.Form.PLATE, triangle, Hull.prism(triangle, Vector.FORWARD.times(-PLY.toMm()))));
    }

    private static List<Vector> square(Frame frame, double leg) {
        Crossing crossing = Crossing.of(frame);
        double in = IN.toMm();
        return List.of(crossing.at(in, in, 0), crossing.at(in + leg, in, 0), crossing.at(in, in + leg, 0));
    }

    private static List<Vector> mitred(Frame frame, double leg) {
        Member first = frame.members().getFirst();
        Vector toFirst = first.place().along().times(-1);
        Vector toSecond = frame.members().get(1).place().along();
        double in = IN.toMm() / Math.sin(frame.angles().get(1).radians());
        Vector apex = first.end(0, 0, true).plus(toFirst.times(in)).plus(toSecond.times(in));
        return List.of(apex, apex.plus(toFirst.times(leg)), apex.plus(toSecond.times(leg)));
    }
}
