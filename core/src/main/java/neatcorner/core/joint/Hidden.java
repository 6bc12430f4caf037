package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import neatcorner.core.frame.Curve;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Glued, with one fastener hidden across every corner: the largest of its kind that {@link HiddenPlan} finds room for.
 *
 * @param what  what is let in
 * @param watch for whoever cuts its holes
 */
record Hidden(HiddenFastener.Kind what, Safety watch) implements Joint {
    /** A round peg. */
    static final Joint DOWELLED = new Hidden(HiddenFastener.Kind.DOWEL, Safety.BORING_ENDS);
    /** A loose tenon. */
    static final Joint TENONED =
            new Hidden(HiddenFastener.Kind.FLOATING_TENON, Safety.SLOTTING_ENDS);
    /** A lens of pressed beech. */
    static final Joint BISCUITED = new Hidden(HiddenFastener.Kind.BISCUIT, Safety.SLOTTING_ENDS);
    /** A strip in a slot that stops. */
    static final Joint STOPPED =
            new Hidden(HiddenFastener.Kind.STOPPED_SPLINE, Safety.SLOTTING_ENDS);

    /** Its holes are so much deeper than it is long, for glue and air. Common practice, no source. */
    private static final Length AIR = Length.inches(0, 1, 16);
    /** Its glue lies aslant to the grain of the pieces. Common practice, no source. */
    private static final double ASLANT = 0.5;

    @Override
    public JointKind kind() {
        return what.joint();
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.NOWHERE, what == HiddenFastener.Kind.BISCUIT ? 6 : 10, what.tool());
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    @Override
    public List<Safety> cautions() {
        return List.of(watch);
    }

    /** It can be sized by nobody but its own kind's sizes, so no length is said for it. */
    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        HiddenPlan plan = HiddenPlan.of(frame).result();
        Optional<HiddenPlan.Fit> fit = plan.fit(what);
        if (fit.isEmpty()) {
            return Fitted.not(
                    kind(),
                    plan.fits().isEmpty() && frame.takesHidden() ? plan.none() : Words.of("obstacle.hidden", what));
        }
        HiddenFastener fastener = fit.get().fastener();
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(entered("thick", fastener.thick(), ledger));
        if (what != HiddenFastener.Kind.DOWEL) {
            settings.add(entered("along", fastener.along(), ledger));
        }
        settings.add(ledger.enter(Figure.sum(key("hole"))
                .named(Words.of("figure.hidden.hole", what))
                .start("fastener_deep", fastener.deep())
                .plus("fastener_air", AIR)
                .result()));
        settings.add(fit.get().from());
        settings.add(fit.get().fromBack());
        return new Fitted(kind(), settings, 1, List.of(), Angle.RIGHT);
    }

    private Figure<Length> entered(String name, Length value, Ledger ledger) {
        return ledger.enter(Figure.formula(key(name))
                .named(Words.of("figure.hidden." + name, what))
                .note("hidden_size")
                .gives(value));
    }

    private FigureKey<Length> key(String name) {
        return FigureKey.length(
                Station.CORNERS, "joint." + what.name().toLowerCase(Locale.ROOT) + "_" + name);
    }

    private Optional<Double> size(Fitted used, String name) {
        return used.setting(key(name));
    }

    /**
     * The glue and what is let in together: its flat sides shear off, or it breaks where it crosses the joint. It turns
     * about the end of the joint that is pressed, the nearer one being the worse.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double thick = size(used, "thick").orElse(0.0);
        double along = size(used, "along").orElse(thick);
        double deep = size(used, "hole").orElse(0.0) - AIR.toMm();
        double round = what == HiddenFastener.Kind.DOWEL ? Math.PI / 2 : 1;
        double glued = 2 * round * what.flat() * along * deep * ASLANT * at.wood().shear();
        double pull = Math.min(glued, at.wood().bending() * along * thick);
        double from = used.setting(HiddenPlan.from(what, true))
                .or(() -> used.setting(HiddenPlan.from(what, false)).map(in -> in / Math.sin(at.toGrain())))
                .orElse(0.0);
        double lever = Math.max(0, Math.min(from, at.length() - from));
        return Hold.both(at.glue(), Hold.of(pull * lever, pull, glued));
    }

    @Override
    public List<Words> beforeGlue(Fitted used) {
        return List.of(
                Words.of("hidden.cut." + what.name().toLowerCase(Locale.ROOT)),
                Words.of("hidden.dry", what));
    }

    /** Square to the cut, half of it in either piece. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption option) {
        Fitted used = option.fitted();
        if (!used.fits()) {
            return List.of();
        }
        Member member = frame.members().getFirst();
        Mitre cut = member.joint(true);
        double in = used.setting(HiddenPlan.from(what, false))
                .or(() -> used.setting(HiddenPlan.from(what, true))
                        .map(along -> along * cut.along() / Math.hypot(cut.along(), cut.across())))
                .orElseThrow();
        double level = used.setting(HiddenPlan.over(what)).orElseThrow();
        double thick = size(used, "thick").orElseThrow();
        double deep = size(used, "hole").orElseThrow() - AIR.toMm();
        Vector middle = member.curve().isPresent() ? atCurve(member, in, level) : member.end(-in, level, true);
        Function<Vector, Vector> turned = way -> member.place()
                .along()
                .times(way.x())
                .plus(member.place().outward().times(way.y()))
                .plus(member.place().front().times(way.z()));
        Vector into = turned.apply(new Vector(cut.along(), cut.across(), cut.through())).times(deep);
        Vector beside = turned.apply(new Vector(cut.across(), -cut.along(), 0).unit())
                .times(size(used, "along").orElse(thick) / 2);
        List<Vector> flat = List.of(
                middle.plus(into).plus(beside),
                middle.plus(into).minus(beside),
                middle.minus(into).minus(beside),
                middle.minus(into).plus(beside));
        Vector up = into.cross(beside).unit().times(thick);
        Hull body = what == HiddenFastener.Kind.DOWEL
                ? Hull.rod(middle.minus(into), middle.plus(into), thick)
                : Hull.prism(
                        flat.stream().map(place -> place.minus(up.times(0.5))).toList(), up);
        return List.of(new Insert(Insert.Form.PLATE, flat, body));
    }

    /** Where a curve's joint lies, which is square to the blank's own ends no more. */
    private static Vector atCurve(Member member, double in, double level) {
        Curve curve = member.curve().orElseThrow();
        return Vector.of(
                curve.outer()
                        .getLast()
                        .towards(
                                curve.inner().getLast(),
                                in / curve.outer().getLast().to(curve.inner().getLast())),
                level);
    }
}
