package neatcorner.core.joint;

import java.util.Comparator;
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
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
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
        Species.Grain grain = frame.job().choices().grain();
        Strip moving = moving(frame.job().section(), grain);
        Species species = moving.species();
        Movement movement = new Movement(figure(DRY, true, frame, climate.drying(), moving, ledger),
                figure(DAMP, false, frame, climate.swelling(), moving, ledger));
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
                            widest(frame, moving))
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

    /** The strip of a section that gets wider or narrower by the most. */
    private static Strip moving(Section section, Species.Grain grain) {
        return section.strips().stream()
                .max(Comparator.comparingDouble(
                        strip -> moves(strip, grain) * across(section, strip).toMm()))
                .orElseThrow();
    }

    /** What moves as much along as across opens no mitre. */
    private static double moves(Strip strip, Species.Grain grain) {
        return strip.species().stuff().isGrown() ? strip.species().movement(grain) : 0;
    }

    /** How much of the face a strip is; a floater's reaches further in. */
    private static Length across(Section section, Strip strip) {
        return section.strips().size() == 1 ? section.face() : strip.width();
    }

    /** As wide as that is in the side whose mitre opens the most. */
    private static Length widest(Frame frame, Strip moving) {
        Section common = frame.job().section();
        double share = across(common, moving).ratio(common.face());
        return frame.members().stream()
                .max(Comparator.comparing(member -> gap(member, 1)))
                .map(member -> member.section().face().times(share))
                .orElse(common.face());
    }

    /** Zero where the change goes the other way. */
    private static Figure<Length> figure(
            FigureKey<Length> key, boolean drying, Frame frame, double percent, Strip moving, Ledger ledger) {
        Section section = frame.job().section();
        double share = Math.abs(percent) * moves(moving, frame.job().choices().grain());
        double part = across(section, moving).ratio(section.face());
        Length gap = !frame.isOpening()
                ? Length.ZERO
                : frame.members().stream()
                        .map(m -> gap(m, share * part))
                        .max(Length::compareTo)
                        .orElseThrow();
        boolean opens = drying == percent < 0;
        return ledger.enter(Figure.formula(key)
                .with("mitre_across", across(section, moving))
                .with("moisture_change", Share.percent(percent))
                .with("width_change", new Share(Math.signum(percent) * share))
                .note("movement", moving.species())
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
