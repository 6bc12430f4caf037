package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * One way to join, judged for one frame.
 *
 * @param fitted  how it goes into the section
 * @param enough  whether it is strong enough here
 * @param suits   whether the shop has the tools and lets it show
 * @param praise  why it is enough; empty where it is not or does not fit
 * @param against what speaks against it or must be watched; may be empty
 * @param lasting the corner that takes most of it as the frame hangs or stands; empty where that is not judged
 * @param handled the same when it is lifted
 */
public record JointOption(
        Fitted fitted,
        boolean enough,
        boolean suits,
        List<Words> praise,
        List<Words> against,
        Optional<Strain> lasting, Optional<Strain> handled) {
    public JointOption {
        praise = List.copyOf(praise);
        against = List.copyOf(against);
    }

    /** What speaks for it and against it. */
    public List<Words> why() {
        return Stream.concat(praise.stream(), against.stream()).toList();
    }

    /** How much its most strained corner takes and how long it takes, in a line. */
    public Words brief() {
        return lasting.map(strain -> Words.of("joint.brief", strain.share(), minutes()))
                .orElseGet(() -> Words.of("joint.minutes", minutes()));
    }

    /** The way. */
    public JointKind kind() {
        return fitted.kind();
    }

    /** Whether the section has room for it. */
    public boolean fits() {
        return fitted.fits();
    }

    /** Lengths and positions; empty when it does not fit. */
    public List<Figure<Length>> settings() {
        return fitted.settings();
    }

    /** Fasteners a corner. */
    public int count() {
        return fitted.count();
    }

    /** Between fastener and edge; a right angle unless it is driven aslant. */
    public Angle lean() {
        return fitted.lean();
    }

    /** Whether it can be used with a good conscience. */
    public boolean isGood() {
        return enough && fits();
    }

    /** Whether it is good, the shop can make it, and it is not only for whoever asks for it. */
    public boolean isAdvised() {
        return isGood() && suits && !Joints.of(kind()).isOnlyChosen();
    }

    /** How long hands are busy with one corner, in minutes; an estimate. */
    public int minutes() {
        return Joints.of(kind()).craft().minutes();
    }

    /** A setting, in mm; empty when this way has none such. */
    public Optional<Double> setting(FigureKey<Length> key) {
        return fitted.setting(key);
    }
}
