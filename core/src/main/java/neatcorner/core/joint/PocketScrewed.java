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
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Section;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Butted, with two screws a corner driven aslant from pockets in the back of the piece that stands between. A pocket
 * is bored at 15° so that its screw leaves the end in the middle of the thickness; about half of it lies in the other
 * piece, 1/8 in short of its far edge (common practice, no source).
 */
final class PocketScrewed implements Joint {
    /** How long the screws are. */
    static final FigureKey<Length> LENGTH = new FastenerKey("joint.pocket_length");
    /** What the boring jig and its stop are set to. */
    private static final FigureKey<Length> STOP = FigureKey.length(Station.CORNERS, "joint.pocket_stop");
    /** How far the first is from the outside edge of the piece it is bored in. */
    private static final FigureKey<Length> FIRST = FigureKey.length(Station.CORNERS, "joint.pocket_first");
    /** How far the second is. */
    private static final FigureKey<Length> SECOND = FigureKey.length(Station.CORNERS, "joint.pocket_second");

    private static final Length CLEAR = Length.inches(0, 1, 8);
    /** Two pockets beside one another need so much of the back. Common practice, no source. */
    private static final Length ROOM = Length.inches(1, 1, 4);
    /** Of a screw, in mm. Common practice, no source. */
    private static final double SCREW_THICK = 4;

    private static final double SLANT = Math.toRadians(15);

    @Override
    public JointKind kind() {
        return JointKind.POCKET_SCREWED;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, 6, JoiningTool.POCKET_GUIDE, JoiningTool.DRILL);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Either the glue on the ends or the screws: their thread draws out of the piece that runs through. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double screw = at.wood().screwWithdrawal(SCREW_THICK, used.setting(LENGTH).orElse(0.0) / 2);
        double from = used.setting(FIRST).orElse(0.0) + used.setting(SECOND).orElse(0.0);
        double lever = Math.min(from, 2 * at.standing() - from);
        return Hold.either(
                at.glue(), Hold.of(screw * lever, 2 * screw, 2 * at.wood().screwLateral(SCREW_THICK)));
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(corner -> corner == SquareCorner.BUTTED);
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(LENGTH);
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(Ware.POCKET_SCREW);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.POCKETS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Section section = frame.job().section();
        Length thick = section.thickness();
        Optional<Length> usual = PocketScrews.forWood(thick, frame.habits().drawers());
        Length back = Crossing.narrowest(frame, false).minus(section.recess().opening());
        if (usual.isEmpty()) {
            return Fitted.not(
                    kind(), Words.of("obstacle.pocket_thin", thick, Length.inches(0, 1, 2)));
        }
        if (back.isUnder(ROOM)) {
            return Fitted.not(kind(), Words.of("obstacle.pocket_narrow", back, ROOM));
        }
        Length half = thick.over(2);
        if (section.lip().isPositive() && !section.recessDepth().isUnder(half.minus(CLEAR))) {
            return Fitted.not(
                    kind(), Words.of("obstacle.pocket_rabbet", section.recessDepth(), half, half.minus(CLEAR)));
        }
        Length length = wish.orElse(usual.get());
        Length enters = length.over(2);
        Length room = Crossing.narrowest(frame, true).minus(CLEAR);
        List<Words> obstacles = enters.isOver(room)
                ? List.of(Words.of("obstacle.pocket_through", length, enters, room))
                : length.isOver(usual.get())
                        ? List.of(Words.of("obstacle.pocket_long", length, usual.get(), thick))
                        : List.of();
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(LENGTH)
                .with("thickness", thick)
                .note("pocket_length")
                .rounded(Rounding.DOWN)
                .gives(length)));
        settings.add(ledger.enter(
                Figure.formula(STOP).with("thickness", thick).note("pocket_stop").gives(thick)));
        settings.add(ledger.enter(
                Figure.formula(FIRST).with("pocket_back", back).note("pocket_place").gives(back.over(4))));
        settings.add(ledger.enter(Figure.formula(SECOND)
                .with("pocket_back", back)
                .note("pocket_place")
                .gives(back.times(0.75))));
        return new Fitted(kind(), settings, 2, obstacles, Angle.RIGHT);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return List.of(Words.of("close.pockets"));
    }

    /** From the pocket's floor to the tip: half of the screw on either side of the joint. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        List<Insert> screws = new ArrayList<>();
        Crossing crossing = Crossing.of(frame);
        double face = crossing.through().section().face().toMm();
        double half = frame.job().section().thickness().toMm() / 2;
        for (FigureKey<Length> key : List.of(FIRST, SECOND)) {
            used.setting(key).ifPresent(place -> {
                double reach = used.setting(LENGTH).orElseThrow() / 2;
                Vector head = crossing.at(
                        face + reach * Math.cos(SLANT), place, half - reach * Math.sin(SLANT));
                Vector point = crossing.at(
                        face - reach * Math.cos(SLANT), place, half + reach * Math.sin(SLANT));
                screws.add(Insert.wire(head, point, SCREW_THICK));
            });
        }
        return screws;
    }
}
