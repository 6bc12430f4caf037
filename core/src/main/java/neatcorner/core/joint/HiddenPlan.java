package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.frame.Curve;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Recent;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * What may be hidden in the corners: the safe zone of the section after every cut, and the largest
 * fastener of each kind that lies in it.
 *
 * <p>A fastener goes in square to the mitre, so inside the piece it wanders across the section: by
 * depth · cos φ toward the outside, where φ is the angle between the cut and the edge. What it takes of
 * the section is therefore its size along the mitre times sin φ, and that much more; in a curve of radius r it
 * comes nearer to the outside by depth² / 2·r as well.
 *
 * @param zone   of the section, in its own axes: wood further than the margin from every surface
 * @param corner the cut it was tried at, the sharpest of the frame
 * @param fits   the largest of each kind that fits; kinds that do not fit are missing
 * @param none   why none fits, where that is so
 */
public record HiddenPlan(Silhouette zone, Mitre corner, List<Fit> fits, Words none) {
    private static final int STEPS = 48;
    private static final String FROM_BACK = "from_back";
    private static final String FROM_POINT = "from_point";
    private static final String FROM_OUTSIDE = "from_outside";
    private static final Recent<Task, Found> FOUND = new Recent<>(32, HiddenPlan::searched);

    /**
     * What is searched.
     *
     * @param off how much of the face is sawn off at the tip of a corner once it is joined
     */
    private record Task(Section section, Length margin, Mitre corner, double radius, Length off) {
    }

    /** What is found, with the middle of each across the section and over the back, in mm. */
    private record Found(Silhouette zone, Map<HiddenFastener, double[]> places) {
    }

    /**
     * A fastener in its place.
     *
     * @param fastener  which
     * @param across    its middle on the mitre, in mm from the sight line outwards
     * @param fromBack  its middle over the back
     * @param fromFace  its middle below the highest point of the front
     * @param from      its middle from the long point along the mitre, where all corners are alike, else in from the
     *                  outside edge
     * @param place     where its middle is marked, in words
     */
    public record Fit(
            HiddenFastener fastener,
            double across,
            Figure<Length> fromBack,
            Figure<Length> fromFace,
            Figure<Length> from,
            Words place) {}

    /** What fits besides what is used. */
    public List<Fit> others(JointKind used) {
        return fits.stream()
                .filter(fit -> !fit.fastener().kind().joint().equals(used))
                .toList();
    }

    private static String id(HiddenFastener.Kind kind) {
        return "hidden." + kind.name().toLowerCase(Locale.ROOT);
    }

    /** Where the middle of a kind is marked: along the mitre from its long point, or in from the outside edge. */
    static FigureKey<Length> from(HiddenFastener.Kind kind, boolean alongMitre) {
        return key(id(kind), alongMitre ? FROM_POINT : FROM_OUTSIDE);
    }

    /** Where the middle of a kind is over the back. */
    static FigureKey<Length> over(HiddenFastener.Kind kind) {
        return key(id(kind), FROM_BACK);
    }

    private static FigureKey<Length> key(String id, String what) {
        return FigureKey.length(Station.CORNERS, id + "." + what);
    }

    /** The largest of a kind that fits. */
    public Optional<Fit> fit(HiddenFastener.Kind kind) {
        return fits.stream().filter(fit -> fit.fastener().kind() == kind).findFirst();
    }

    /** Tries the sharpest corner of a frame. */
    public static Planned<HiddenPlan> of(Frame frame) {
        Ledger ledger = new Ledger();
        return ledger.planned(of(frame, ledger));
    }

    private static HiddenPlan of(Frame frame, Ledger ledger) {
        Length margin = frame.habits().get(Habit.SAFE_MARGIN);
        Section section = frame.members().getFirst().section();
        Mitre corner = sharpest(frame);
        Found found = FOUND.of(new Task(section, margin, corner, radius(frame), off(frame, corner)));
        if (frame.members().stream().anyMatch(member -> !member.section().equals(section))) {
            return new HiddenPlan(found.zone(), corner, List.of(), Words.of("hidden.unlike"));
        }
        List<Fit> fits = new ArrayList<>();
        if (!frame.takesHidden()) {
            return new HiddenPlan(found.zone(), corner, List.of(), Words.of("hidden.none"));
        }
        boolean alike = Meeting.of(frame).size() == 1 && !frame.job().outline().isCurved();
        found.places()
                .forEach((fastener, place) -> fits.add(
                        fit(fastener, place, section, alike ? Optional.of(corner) : Optional.empty(), margin, ledger)));
        return new HiddenPlan(found.zone(), corner, List.copyOf(fits), Words.of("hidden.none"));
    }

    private static Length off(Frame frame, Mitre corner) {
        double across = corner.along() / Math.hypot(corner.along(), corner.across());
        return OuterShaping.of(frame).map(outer -> outer.offMitre().times(across)).orElse(Length.ZERO);
    }

    /** Of the tightest curve in the frame, in mm; without end where there is none. */
    private static double radius(Frame frame) {
        return frame.members().stream()
                .flatMap(member -> member.curve().stream())
                .mapToDouble(Curve::innerRadius)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static Found searched(Task task) {
        Silhouette zone = task.section().wood().shrunk(task.margin().toMm(), STEPS);
        Map<HiddenFastener, double[]> places = new LinkedHashMap<>();
        for (HiddenFastener.Kind kind : HiddenFastener.Kind.values()) {
            for (HiddenFastener fastener : HiddenFastener.standard(kind)) {
                Optional<double[]> place = place(zone, task, fastener);
                if (place.isPresent()) {
                    places.put(fastener, place.get());
                    break;
                }
            }
        }
        return new Found(zone, Collections.unmodifiableMap(places));
    }

    private static Mitre sharpest(Frame frame) {
        Mitre sharpest = frame.members().getFirst().joint(false);
        for (Member member : frame.members()) {
            for (Mitre cut : List.of(member.joint(false), member.joint(true))) {
                if (cut.along() < sharpest.along()) {
                    sharpest = cut;
                }
            }
        }
        return sharpest;
    }

    /**
     * Where its middle lies on the mitre, across and over the back, in mm: in the tallest room, in the middle of it.
     */
    private static Optional<double[]> place(Silhouette zone, Task task, HiddenFastener fastener) {
        Mitre corner = task.corner();
        double bow = Math.pow(fastener.deep().toMm(), 2) / (2 * task.radius());
        double level = Math.hypot(corner.along(), corner.across());
        double wide = fastener.along().toMm() * corner.along() / level
                + fastener.thick().toMm() * Math.abs(corner.through() * corner.across()) / level;
        double drift = -corner.across() * fastener.deep().toMm();
        double tall = fastener.thick().toMm() * level;
        double rise = -corner.through() * fastener.deep().toMm();
        double[] best = null;
        double most = 0;
        double reach = wide + Math.abs(drift) + bow;
        double step = Math.max(1e-3, (zone.right() - zone.left()) / STEPS / 2);
        double right = Math.min(zone.right(), task.section().face().minus(task.off().plus(task.margin())).toMm());
        for (double from = zone.left(); from + reach <= right + 1e-9; from += step) {
            for (double[] room : zone.rooms(from, from + reach)) {
                double spare = room[1] - room[0] - tall - Math.abs(rise);
                if (spare >= 0 && (best == null || spare > most + 1e-6)) {
                    most = spare;
                    best = new double[] {from + wide / 2 + Math.max(0, -drift), (room[0] + room[1] - rise) / 2};
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** From the long point along the mitre where all corners are alike, else square in from the outside edge. */
    private static Fit fit(
            HiddenFastener fastener,
            double[] place,
            Section section,
            Optional<Mitre> alike,
            Length margin,
            Ledger ledger) {
        String id = id(fastener.kind());
        double in = section.face().toMm() - place[0];
        Figure<Length> fromBack = figure(id, FROM_BACK, fastener, margin, Length.mm(place[1]), ledger);
        Figure<Length> fromFace =
                figure(id, "from_face", fastener, margin, section.thickness().minus(Length.mm(place[1])), ledger);
        Figure<Length> from = alike.map(corner -> figure(
                        id,
                        FROM_POINT,
                        fastener,
                        margin,
                        Length.mm(in * Math.hypot(corner.along(), corner.across()) / corner.along()),
                        ledger))
                .orElseGet(() -> figure(id, FROM_OUTSIDE, fastener, margin, Length.mm(in), ledger));
        return new Fit(
                fastener,
                place[0],
                fromBack,
                fromFace,
                from,
                Words.of(alike.isPresent() ? "hidden.place" : "hidden.place_in", fromBack, fromFace, from));
    }

    private static Figure<Length> figure(
            String id, String what, HiddenFastener fastener, Length margin, Length value, Ledger ledger) {
        return ledger.enter(Figure.formula(key(id, what))
                .named(Words.of("figure.hidden." + what, fastener.kind()))
                .with("fastener_along", fastener.along())
                .with("fastener_thick", fastener.thick())
                .with("fastener_deep", fastener.deep())
                .with("safe_margin", margin)
                .note("hidden")
                .gives(value));
    }
}
