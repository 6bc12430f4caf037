package neatcorner.core.joint;

import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * How the widest mitre opens over a year on the wall. Wood gets narrower or wider, hardly shorter or
 * longer. A cut at the angle φ to its edge turns by ε·sin φ·cos φ when the piece is ε wider; at a
 * corner of 2φ both cuts turn, and over the cut's length L the gap at its far end is L·ε·sin 2φ.
 *
 * @param dry  the gap at the inside in the driest weeks
 * @param damp the gap at the outside in the dampest weeks
 */
public record Movement(Figure<Length> dry, Figure<Length> damp) {
    /** How far the joint opens in dry air. */
    public static final FigureKey<Length> DRY = FigureKey.length(Station.CORNERS, "movement.dry");
    /** How far it opens in damp air. */
    public static final FigureKey<Length> DAMP = FigureKey.length(Station.CORNERS, "movement.damp");

    /** A wider gap is seen from where one stands before a picture. Common practice, no source. */
    public static final Length SEEN = Length.inches(0, 1, 32);

    /** Quarter-sawn wood is worth taking when it moves by less than this share. */
    private static final double CALMER = 0.75;

    /** Reckons it and finds what is too much. */
    public static Planned<Movement> of(Frame frame, Climate climate) {
        Ledger ledger = new Ledger();
        return ledger.planned(of(frame, climate, ledger));
    }

    private static Movement of(Frame frame, Climate climate, Ledger ledger) {
        Species species = frame.job().section().species();
        Species.Grain grain = frame.job().choices().grain();
        Movement movement = new Movement(figure(DRY, true, frame, climate.drying(), species.movement(grain), ledger),
                figure(DAMP, false, frame, climate.swelling(), species.movement(grain), ledger));
        Figure<Length> worst = movement.dry.value().isOver(movement.damp.value()) ? movement.dry : movement.damp;
        if (worst.value().isOver(SEEN)) {
            boolean flat = grain == Species.Grain.FLAT_SAWN
                    && species.movement(Species.Grain.QUARTER_SAWN) < CALMER * species.movement(grain);
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.CORNERS,
                            "mitre_moves",
                            worst,
                            movement.dry,
                            movement.damp,
                            species,
                            frame.job().section().face())
                    .by(worst.value())
                    .remedy(
                            flat
                                    ? new Remedy.OnJob(
                                            Words.of("remedy.quarter_sawn"),
                                            new Edit.ChooseGrain(Species.Grain.QUARTER_SAWN))
                                    : new Remedy.Visit(Station.SECTION)));
        }
        return movement;
    }

    /** Zero where the change goes the other way. */
    private static Figure<Length> figure(
            FigureKey<Length> key, boolean drying, Frame frame, double percent, double movement, Ledger ledger) {
        double share = Math.abs(percent) * movement;
        Length gap = !frame.isMitred()
                ? Length.ZERO
                : frame.members().stream()
                        .map(m -> gap(m, share))
                        .max(Length::compareTo)
                        .orElseThrow();
        boolean opens = drying == percent < 0;
        return ledger.enter(Figure.formula(key)
                .with("mitre_across", frame.job().section().face())
                .with("moisture_change", Share.percent(percent))
                .with("width_change", new Share(Math.signum(percent) * share))
                .note("movement", frame.job().section().species())
                .rounded(Rounding.UP)
                .gives(opens ? gap : Length.ZERO));
    }

    /** The cut of the finished piece, aslant to the grain of what it was sawn from. */
    private static Length gap(Member member, double share) {
        return member.joint(false).length().times(share * Math.abs(Math.sin(2 * member.left().toEdge().radians())));
    }

    /** The gap at the far end of a cut of both pieces when they are narrower or wider by a share. */
    public static Length gap(Mitre cut, double share) {
        Angle toEdge = cut.toEdge();
        return cut.length().times(share * Math.abs(Math.sin(2 * toEdge.radians())));
    }
}
