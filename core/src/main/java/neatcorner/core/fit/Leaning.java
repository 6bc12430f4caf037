package neatcorner.core.fit;

import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Seat;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Station;

/** Whether a package can lie in sides that lean, and the rabbet that would hold it. */
final class Leaning {
    /** Less on the ledge slips off when the package moves to one side. */
    private static final Length LEAST_COVER = Length.inches(0, 1, 16);
    /** Closer than this a rabbet's tilt is the lean: no blade is set finer. */
    private static final double SAME_TILT = 0.5;
    /** A level ledge wider than this in a steep side is nothing one would mill. Common practice, no source. */
    private static final Length WIDEST_LEDGE = Length.mm(25);
    /** No stick is made thicker than this only to hold a level rabbet. */
    private static final Length THICKEST = Length.mm(120);

    private Leaning() {
    }

    /**
     * Enters what the lean does to the package.
     *
     * @return whether nothing more can be said of the rabbet, since it does not hold a package at all
     */
    static boolean find(Frame frame, Recess.Covering covering, Ledger ledger) {
        Lean lean = frame.job().lean();
        double tilt = covering instanceof Recess.TiltedRabbet tilted ? tilted.degrees() : 0;
        double off = lean.forward() * lean.degrees() - tilt;
        if (Math.abs(off) < SAME_TILT || frame.job().contents().layers().isEmpty()) {
            return false;
        }
        if (covering instanceof Recess.Slot || covering instanceof Recess.DoubleRabbet) {
            ledger.find(Finding.of(Severity.STOP, Station.SECTION, "lean_outside", lean.angle())
                    .by(lean.angle())
                    .remedy(orFlat(frame)));
            return true;
        }
        Seat seat = frame.seat();
        Length play = frame.habits().get(Habit.PLAY);
        Length cover = Length.mm(seat.cover()).minus(play);
        if (cover.isUnder(LEAST_COVER)) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.SECTION,
                            "falls_through",
                            cover.isPositive() ? Words.of("rests.only", cover) : Words.of("rests.nothing"),
                            lean.angle(),
                            LEAST_COVER)
                    .by(LEAST_COVER.minus(cover))
                    .remedy(orFlat(frame)));
            return true;
        }
        if (seat.room() <= 0) {
            ledger.find(Finding.of(Severity.STOP, Station.SECTION, "no_wall", lean.angle())
                    .by(lean.angle())
                    .remedy(orFlat(frame)));
            return true;
        }
        ledger.find(Finding.of(
                        Severity.NOTE,
                        Station.SECTION,
                        tilt != 0 ? "rabbet_tilt" : off > 0 ? "tilted_ledge_out" : "tilted_ledge_in",
                        lean.angle(),
                        Angle.degrees(Math.abs(tilt)),
                        Length.mm(Math.abs(Math.tan(Math.toRadians(off)) * seat.cover())))
                .by(Angle.degrees(Math.abs(off)))
                .remedy(orFlat(frame)));
        return false;
    }

    /** Sides that lie flat hold any package, where no level rabbet fits the stick. */
    private static Remedy orFlat(Frame frame) {
        Edit flat = new Edit.Tilt(Lean.FLAT);
        return levelRabbet(frame)
                .orElseGet(() -> frame.couldBe(flat.apply(frame.job()))
                        ? new Remedy.OnJob(Words.of("remedy.lie_flat"), flat)
                        : new Remedy.Visit(Station.SECTION));
    }

    /** The same stick, or as much thicker as it must be, with a rabbet at the lean that holds this package. */
    static Optional<Remedy> levelRabbet(Frame frame) {
        Section section = frame.job().section();
        Lean lean = frame.job().lean();
        Length depth = frame.job().contents().stack().plus(frame.habits().get(Habit.POINT_ROOM)).max(Length.mm(1));
        Length lip = section.lip().max(frame.habits().get(Habit.PLAY).plus(LEAST_COVER));
        if (lean.forward() > 0) {
            // The wall ends on the sight edge, short of the back, where the ledge is narrower than this.
            double least = Math.ceil(depth.toMm() * Math.tan(lean.angle().radians()));
            if (least > WIDEST_LEDGE.toMm()) {
                return Optional.empty();
            }
            lip = lip.max(Length.mm(least));
        }
        if (lip.isOver(WIDEST_LEDGE)) {
            return Optional.empty();
        }
        Length wide = lip;
        try {
            Recess level = lean.isFlat()
                    ? new Recess.Rabbet(lip, depth)
                    : new Recess.TiltedRabbet(lip, depth, lean.forward() * lean.degrees());
            return thickEnough(frame, level)
                    .map(made ->
                            new Remedy.OnJob(said(lean, wide, depth, section, made), new Edit.ChooseSection(made)));
        } catch (Refusal doesNotFit) {
            return Optional.empty();
        }
    }

    private static Words said(Lean lean, Length lip, Length depth, Section now, Section made) {
        if (lean.isFlat()) {
            return Words.of("remedy.plain_rabbet", lip, depth);
        }
        return made.thickness().equals(now.thickness()) ? Words.of("remedy.level_rabbet", lean.angle(), lip, depth)
                : Words.of("remedy.level_rabbet_thicker", lean.angle(), lip, depth, made.thickness());
    }

    /**
     * The stick with this recess, thicker by whole millimetres where its front would else be weak; empty past the
     * thickest.
     */
    private static Optional<Section> thickEnough(Frame frame, Recess level) {
        Section section = frame.job().section();
        Length thickest = section.thickness().max(THICKEST);
        Section most = section.withThickness(thickest).withRecess(level);
        Length spare = most.woodInFrontOfRabbet().minus(frame.habits().get(Habit.FRONT_WOOD));
        Length over = thickest.minus(section.thickness());
        Length more = Length.mm(Math.ceil(over.minus(spare).max(Length.ZERO).toMm()));
        if (spare.isNegative() || more.isOver(over)) {
            return Optional.empty();
        }
        return Optional.of(section.withThickness(section.thickness().plus(more)).withRecess(level))
                .filter(made -> frame.couldBe(frame.job().withSection(made)));
    }
}
