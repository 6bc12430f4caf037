package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Half-laps and bridles glued, with two pegs through every crossing once the glue has set. They stand on the diagonal,
 * so that neither lies in line with the other along the grain of either piece, in what the rabbet leaves of the
 * crossing; in a mitred lap in the triangle where both pieces are.
 */
final class Pegged implements Joint {
    /** How thick the pegs are. */
    static final FigureKey<Length> DIAMETER = new FastenerKey("joint.peg");

    /** A peg stands out so far on both sides until it is sawn flush. */
    private static final Length PROUD = Length.inches(0, 1, 8);
    @Override
    public JointKind kind() {
        return JointKind.PEGGED;
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.ON_FACE, 8, JoiningTool.DRILL);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Either the glue or the pegs, which shear off across their grain, at twice what wood bears along it. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double thick = used.setting(DIAMETER).orElse(0.0);
        double peg = 2 * at.wood().shear() * Math.PI / 4 * thick * thick * at.cheeks();
        double apart = Math.hypot(at.through(), at.standing()) / 3;
        return Hold.either(at.lapped(), Hold.of(peg * apart, used.count() * peg, used.count() * peg));
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(SquareCorner::isLap);
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(DIAMETER);
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(Ware.PEG);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.BORING);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        LapPlaces places = new LapPlaces(frame);
        Length room = places.room();
        int rooms = places.wanted();
        Length most = room.over(rooms);
        Optional<Length> best = frame.habits().drawers().longest(Ware.PEG, most);
        if (best.isEmpty()) {
            Length thinnest = frame.habits().drawers().sizes(Ware.PEG).getFirst();
            return Fitted.not(kind(), Words.of("obstacle.peg_no_room", room, thinnest, thinnest.times(rooms)));
        }
        Length peg = wish.orElse(best.get());
        List<Words> obstacles =
                peg.isOver(most) ? List.of(Words.of("obstacle.peg_too_thick", peg, best.get())) : List.of();
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(DIAMETER)
                .with("crossing_room", room)
                .note("peg", rooms)
                .rounded(Rounding.DOWN)
                .gives(peg)));
        Length thickness = frame.job().section().thickness();
        settings.add(ledger.enter(Figure.sum(FigureKey.length(Station.CORNERS, "joint.peg_length"))
                .start("thickness", thickness)
                .plus("peg_proud", PROUD.times(2), PROUD)
                .result()));
        settings.addAll(places.entered("peg", ledger));
        return new Fitted(kind(), settings, LapPlaces.A_CORNER, obstacles, Angle.RIGHT);
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close.pegs", adhesive.clamp()));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        return new LapPlaces(frame)
                .through(
                        "peg",
                        used,
                        used.setting(DIAMETER).orElse(0.0),
                        0,
                        frame.job().section().thickness().toMm());
    }
}
