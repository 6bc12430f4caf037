package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
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
    /** Where the pegs stand in a whole crossing, as shares of it, from both outside edges. */
    private static final double[][] WHOLE = {{1 / 3.0, 1 / 3.0}, {2 / 3.0, 2 / 3.0}};
    /** In the triangle of a mitred lap: from the edge of the piece that runs through behind, and of the other. */
    private static final double[][] HALF = {{0.5, 0.2}, {0.8, 0.5}};
    /** So many pegs' thickness of crossing are wanted for one. Common practice, no source. */
    private static final int WHOLE_ROOM = 5;
    private static final int HALF_ROOM = 6;

    @Override
    public JointKind kind() {
        return JointKind.PEGGED;
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

    private static boolean isMitred(Frame frame) {
        return frame.job().squared().orElseThrow().corner() == SquareCorner.MITRE_LAPPED;
    }

    private static double[][] places(Frame frame) {
        return isMitred(frame) ? HALF : WHOLE;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Length lip = frame.job().section().recess().opening();
        Length acrossThrough = Crossing.narrowest(frame, true).minus(lip);
        Length acrossStanding = Crossing.narrowest(frame, false).minus(lip);
        Length room = acrossThrough.min(acrossStanding);
        int rooms = isMitred(frame) ? HALF_ROOM : WHOLE_ROOM;
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
        double[][] places = places(frame);
        for (int i = 0; i < places.length; i++) {
            settings.add(place(frame, i, true, acrossThrough.times(places[i][0]), ledger));
            settings.add(place(frame, i, false, acrossStanding.times(places[i][1]), ledger));
        }
        return new Fitted(kind(), settings, places.length, obstacles, Angle.RIGHT);
    }

    private static Figure<Length> place(Frame frame, int peg, boolean through, Length value, Ledger ledger) {
        boolean stile = frame.job().squared().orElseThrow().through() == Through.STILES == through;
        return ledger.enter(Figure.formula(key(peg, through))
                .named(Words.of("figure.joint.peg_" + (peg + 1) + (stile ? "_stile" : "_rail")))
                .note("peg_place")
                .gives(value));
    }

    private static FigureKey<Length> key(int peg, boolean through) {
        return FigureKey.length(
                Station.CORNERS, "joint.peg_" + (peg + 1) + (through ? "_through" : "_standing"));
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close.pegs", adhesive.clamp()));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        List<Insert> pegs = new ArrayList<>();
        Crossing crossing = Crossing.of(frame);
        double front = frame.job().section().thickness().toMm();
        Arrays.stream(new int[] {0, 1})
                .forEach(i -> used.setting(key(i, true))
                        .ifPresent(fromThrough -> pegs.add(crossing.round(
                                fromThrough,
                                used.setting(key(i, false)).orElseThrow(),
                                used.setting(DIAMETER).orElseThrow(),
                                front))));
        return pegs;
    }
}
