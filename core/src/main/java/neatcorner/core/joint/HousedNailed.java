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
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.Drawers;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Housed and glued, with nails through the side that runs through, along the middle of the piece that stands in it. A
 * nail goes two to three times as deep as what it holds on is thick (common practice, no source).
 */
final class HousedNailed implements Joint {
    /** How long the nails are. */
    static final FigureKey<Length> LENGTH = new FastenerKey("joint.nail_length");
    /** How far in from the end of the side that runs through. */
    private static final FigureKey<Length> IN = FigureKey.length(Station.CORNERS, "joint.nail_in");
    /** How far from the edges of the box. */
    private static final FigureKey<Length> FROM_EDGE = FigureKey.length(Station.CORNERS, "joint.nail_from_edge");

    /** Thinner wood splits under a nail in its middle. Common practice, no source. */
    private static final Length THIN = Length.inches(0, 3, 8);
    /** A nail more for every so much of width. Common practice, no source. */
    private static final Length APART = Length.inches(2);
    private static final double TIMES = 3;
    /** Of a nail, in mm. Common practice, no source. */
    private static final double THICK = 2;
    /** Of a nail's withdrawal and of what it bears across, in end grain (Wood Handbook, from memory). */
    private static final double END_GRAIN = 0.5;

    private static final double END_LATERAL = 2 / 3.0;

    @Override
    public JointKind kind() {
        return JointKind.HOUSED_NAILED;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.ON_EDGE, 4, JoiningTool.HAMMER);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Either the housing or the nails in the end of the other piece, where half of what they hold along is left. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double held = used.setting(LENGTH).orElse(0.0) - at.through();
        double all = used.count() * END_GRAIN * at.wood().nailWithdrawal(THICK, Math.max(0, held));
        double across = used.count() * END_LATERAL * at.wood().nailLateral(THICK);
        return Hold.either(at.housed(), Hold.of(all * at.standing() / 2, all, across));
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(corner -> corner == SquareCorner.HOUSED);
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(LENGTH);
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(Ware.NAIL);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.PINS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Length standing = Crossing.narrowest(frame, false);
        if (standing.isUnder(THIN)) {
            return Fitted.not(kind(), Words.of("obstacle.nail_thin", standing, THIN));
        }
        Length side = Crossing.widest(frame, true);
        Length held = side.minus(SquareCorner.HOUSED.enters(Crossing.narrowest(frame, true)));
        Length most = held.times(1 + TIMES);
        Drawers drawers = frame.habits().drawers();
        Length length = wish.or(() -> drawers.longest(Ware.NAIL, most))
                .orElseGet(() -> drawers.sizes(Ware.NAIL).getFirst());
        List<Words> obstacles = length.minus(held).isUnder(held)
                ? List.of(Words.of("obstacle.nail_short", length, held, held.times(2)))
                : List.of();
        Length high = frame.job().section().thickness();
        int count = 2 + (int) Math.floor(Math.max(0, high.ratio(APART) - 1));
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(LENGTH)
                .with("held", held)
                .note("nail_length")
                .rounded(Rounding.DOWN)
                .gives(length)));
        settings.add(ledger.enter(
                Figure.formula(IN).with("standing_face", standing).note("nail_in").gives(standing.over(2))));
        settings.add(ledger.enter(Figure.formula(FROM_EDGE)
                .with("thickness", high)
                .note("nail_from_edge")
                .gives(high.over(2.0 * count))));
        return new Fitted(kind(), settings, count, obstacles, Angle.RIGHT);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return List.of(Words.of(
                "close.nails", frame.habits().drawers().bit(Length.mm(THICK * CrossDriven.NAIL_BIT))));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        if (used.setting(LENGTH).isEmpty()) {
            return List.of();
        }
        Crossing crossing = Crossing.of(frame);
        double length = used.setting(LENGTH).orElseThrow();
        double in = used.setting(IN).orElseThrow();
        double edge = used.setting(FROM_EDGE).orElseThrow();
        double high = frame.job().section().thickness().toMm();
        List<Insert> nails = new ArrayList<>();
        for (int i = 0; i < used.count(); i++) {
            double level = edge + (high - 2 * edge) * i / (used.count() - 1.0);
            nails.add(Insert.wire(crossing.at(0, in, level), crossing.at(length, in, level), THICK));
        }
        return nails;
    }
}
