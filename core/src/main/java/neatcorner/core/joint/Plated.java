package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
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
import neatcorner.core.section.Section;
import neatcorner.core.shop.Drawers;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Butted or mitred square, with a flat corner plate screwed across the back of every corner. Two screws are wanted on
 * either side of the joint, their tips 1/8 in short of the face (common practice, no source).
 */
final class Plated implements Joint {
    /** How long the plate's legs are. */
    static final FigureKey<Length> LEG = new FastenerKey("joint.plate_leg");
    /** How long its screws are at most. */
    private static final FigureKey<Length> SCREW = FigureKey.length(Station.CORNERS, "joint.plate_screw");
    /** How far in from both outside edges it lies. */
    private static final FigureKey<Length> IN = FigureKey.length(Station.CORNERS, "joint.plate_in");

    /** Plates take no longer screws. Common practice, no source. */
    private static final Length LONGEST = Length.inches(1);
    /** Nor shorter ones. Common practice, no source. */
    private static final Length SHORTEST = Length.inches(0, 3, 8);
    /** A plate is about so wide. Common practice, no source. */
    private static final Length WIDE = Length.inches(0, 5, 8);
    private static final Screw SCREW_SIZE = Screw.SIX;

    /** Of a plate, in mm. Common practice, no source. */
    private static final double THICK = 2;

    private static final double SCREW_ROOM = 6;
    private static final Length MARGIN = Length.inches(0, 1, 8);
    /** Past the joint two screws need so much of a leg. Common practice, no source. */
    private static final Length PAST = Length.inches(0, 3, 4);

    @Override
    public JointKind kind() {
        return JointKind.PLATED;
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, 6, JoiningTool.DRILL);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /**
     * Either the glue on the ends or the plate: two screws on either side of the joint bear across, so far apart as the
     * leg reaches past it less a screw's room at its end.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double screw = at.wood().screwLateral(SCREW_SIZE.diameter().toMm());
        double in = used.setting(IN).orElse(0.0);
        double past = at.corner().isPresent() ? at.through() : in + WIDE.toMm();
        double apart = Math.max(SCREW_ROOM, used.setting(LEG).orElse(0.0) + in - past - 2 * SCREW_ROOM);
        return Hold.either(at.glue(), Hold.of(screw * apart, 2 * screw, 2 * screw));
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
    public Optional<Ware> ware() {
        return Optional.of(Ware.PLATE);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.FASTENERS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        if (!frame.isSquared() && !frame.isFourSquare()) {
            return Fitted.not(kind(), Words.of("obstacle.plate_square"));
        }
        Section section = frame.job().section();
        Length back = frame.narrowFace().minus(section.recess().opening());
        Length least = WIDE.plus(MARGIN.times(2));
        if (back.isUnder(least)) {
            return Fitted.not(kind(), Words.of("obstacle.plate_narrow", back, least));
        }
        Length in = back.minus(WIDE).over(2).min(Length.inches(0, 1, 4));
        Length needed = past(frame, in).minus(in).plus(PAST);
        Drawers drawers = frame.habits().drawers();
        List<Length> legs = drawers.sizes(Ware.PLATE);
        Optional<Length> shortest =
                legs.stream().filter(leg -> !leg.isUnder(needed)).findFirst();
        if (shortest.isEmpty()) {
            return Fitted.not(kind(), Words.of("obstacle.plate_long", needed, legs.getLast()));
        }
        Length leg = wish.orElse(shortest.get());
        Optional<Length> screw = drawers.longest(
                        Ware.SCREW, section.thickness().minus(MARGIN).min(LONGEST))
                .filter(length -> !length.isUnder(SHORTEST));
        if (screw.isEmpty()) {
            return Fitted.not(kind(), Words.of("obstacle.plate_thin", section.thickness(), SHORTEST.plus(MARGIN)));
        }
        List<Words> obstacles =
                leg.isUnder(needed) ? List.of(Words.of("obstacle.plate_short", leg, needed)) : List.of();
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(LEG)
                .with(frame.isSquared() ? "plate_needed" : "plate_needed_mitre", needed)
                .note("plate_leg")
                .rounded(Rounding.UP)
                .gives(leg)));
        settings.add(ledger.enter(Figure.formula(SCREW)
                .with("thickness", section.thickness())
                .with("clear", MARGIN)
                .note("plate_screw")
                .rounded(Rounding.DOWN)
                .gives(screw.get())));
        settings.add(ledger.enter(Figure.formula(IN).with("plate_back", back).note("plate_in").gives(in)));
        return new Fitted(kind(), settings, 1, obstacles, Angle.RIGHT);
    }

    /** How far from the tip the joint is passed under the leg's far edge. */
    private static Length past(Frame frame, Length in) {
        return frame.isSquared() ? Crossing.widest(frame, true) : in.plus(WIDE);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return List.of(
                Words.of("close.plates", frame.screw(SCREW_SIZE)));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        if (used.setting(LEG).isEmpty()) {
            return List.of();
        }
        double leg = used.setting(LEG).orElseThrow();
        double in = used.setting(IN).orElseThrow();
        double wide = WIDE.toMm();
        Crossing crossing = Crossing.of(frame);
        Vector behind = Vector.FORWARD.times(-THICK);
        return List.of(new Insert(
                Insert.Form.PLATE,
                List.of(
                        crossing.at(in, in, 0),
                        crossing.at(in + leg, in, 0),
                        crossing.at(in + leg, in + wide, 0),
                        crossing.at(in + wide, in + wide, 0),
                        crossing.at(in + wide, in + leg, 0),
                        crossing.at(in, in + leg, 0)),
                List.of(
                        Hull.prism(
                                List.of(
                                        crossing.at(in, in, 0),
                                        crossing.at(in + leg, in, 0),
                                        crossing.at(in + leg, in + wide, 0),
                                        crossing.at(in, in + wide, 0)),
                                behind),
                        Hull.prism(
                                List.of(
                                        crossing.at(in, in, 0),
                                        crossing.at(in + wide, in, 0),
                                        crossing.at(in + wide, in + leg, 0),
                                        crossing.at(in, in + leg, 0)),
                                behind))));
    }
}
