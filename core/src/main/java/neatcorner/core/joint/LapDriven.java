package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;

/**
 * Half-laps and bridles with something driven through them: screws from behind and no glue, so that the frame comes
 * apart and together again; or glue and brads from behind, or nails from the face, that hold the lap while it sets.
 */
enum LapDriven implements Joint {
    /** To be taken apart. */
    SCREWED(JointKind.LAP_SCREWED, "lap_screw", Ware.SCREW, Screw.EIGHT.diameter().toMm(), Shows.BEHIND, 5),
    /** For good. */
    BRADDED(JointKind.LAP_BRADDED, "lap_brad", Ware.PIN, 1.2, Shows.BEHIND, 3),
    /** For good, and to be seen. */
    NAILED(JointKind.LAP_NAILED, "lap_nail", Ware.NAIL, 1.8, Shows.ON_FACE, 4);

    /** Wood that stays before the tip. Common practice, no source. */
    private static final Length BEFORE_TIP = Length.inches(0, 3, 32);
    /** So much of it must be in the further piece. Common practice, no source. */
    private static final Length LEAST_GRIP = Length.inches(0, 1, 4);

    private static final Screw SCREW_SIZE = Screw.EIGHT;

    private final JointKind kind;
    private final String id;
    private final Ware ware;
    /** In mm. Of what is no screw common practice, no source. */
    private final double thick;

    private final Craft craft;

    LapDriven(JointKind kind, String id, Ware ware, double thick, Shows shows, int minutes) {
        this.kind = kind;
        this.id = id;
        this.ware = ware;
        this.thick = thick;
        this.craft = new Craft(shows, minutes, ware == Ware.SCREW ? JoiningTool.DRILL : JoiningTool.HAMMER);
    }

    @Override
    public JointKind kind() {
        return kind;
    }

    @Override
    public Craft craft() {
        return craft;
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    @Override
    public boolean isGlued() {
        return this != SCREWED;
    }

    /** Two bear across, on the diagonal, half of the lap apart; or the glue does, over all of the lap. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double one = isGlued() ? at.wood().nailLateral(thick) : at.wood().screwLateral(thick);
        double apart = Math.hypot(at.through(), at.standing()) / 2;
        int all = LapPlaces.A_CORNER;
        Hold driven = Hold.of(one * apart, all * one, all * one);
        return isGlued() ? Hold.either(at.lapped(), driven) : driven;
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(SquareCorner::isLap);
    }

    @Override
    public boolean isOnlyChosen() {
        return true;
    }

    @Override
    public boolean isDriven() {
        return isGlued();
    }

    /** How long it is. */
    private FastenerKey length() {
        return new FastenerKey("joint." + id);
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(ware);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(isGlued() ? Safety.PINS : Safety.BORING);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Length thickness = frame.job().section().thickness();
        Length most = thickness.minus(BEFORE_TIP);
        boolean bridled = frame.job().body().construction().isSquared(corner -> corner == SquareCorner.BRIDLED);
        Length least = (bridled ? thickness.times(2).over(3) : thickness.over(2)).plus(LEAST_GRIP);
        Optional<Length> best =
                frame.habits().drawers().longest(ware, most).filter(length -> !length.isUnder(least));
        if (best.isEmpty()) {
            return Fitted.not(kind, Words.of("obstacle." + id, least, most));
        }
        LapPlaces places = new LapPlaces(frame);
        Length needed = Length.mm(thick * places.wanted());
        if (places.room().isUnder(needed)) {
            return Fitted.not(kind, Words.of("obstacle.lap_room", places.room(), needed));
        }
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(length())
                .with("thickness", thickness)
                .with("lap_screw_rest", BEFORE_TIP)
                .note(id)
                .rounded(Rounding.DOWN)
                .gives(best.get())));
        settings.addAll(places.entered(id, ledger));
        return new Fitted(kind, settings, LapPlaces.A_CORNER, List.of(), Angle.RIGHT);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        if (this == SCREWED) {
            return List.of(Words.of("close.lap_screws", frame.screw(SCREW_SIZE)), Words.of("close.witness"));
        }
        return Stream.concat(CrossDriven.bored(frame, thick).stream(), Stream.of(Words.of("close." + id + "s")))
                .toList();
    }

    /** From the back, or from the front: so far as it is long. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        double front = frame.job().section().thickness().toMm();
        double length = used.setting(length()).orElse(0.0);
        return this == NAILED
                ? new LapPlaces(frame).through(id, used, thick, front, front - length)
                : new LapPlaces(frame).through(id, used, thick, 0, length);
    }
}
