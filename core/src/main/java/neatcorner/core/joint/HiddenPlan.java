package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
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
 * depth · cos φ toward the outside, where φ is the angle between the cut and the edge; of several angles the sharpest
 * wanders most and the flattest takes most of the face, so each is tried. What it takes of
 * the section is therefore its size along the mitre times sin φ, and that much more; in a curve of radius r it
 * comes nearer to the outside by depth² / 2·r as well.
 *
 * @param zone   of the section, in its own axes: wood further than the margin from every surface
 * @param corner the sharpest cut of the frame
 * @param fits   the largest of each kind that fits; kinds that do not fit are missing
 * @param none   why none fits, where that is so
 */
public record HiddenPlan(Silhouette zone, Mitre corner, List<Fit> fits, Words none) {
    private static final int STEPS = 48;
    private static final double ALIKE = 1e-9;
    private static final String FROM_BACK = "from_back";
    private static final String FROM_POINT = "from_point";
    private static final String FROM_OUTSIDE = "from_outside";
    private static final Recent<Task, Found> FOUND = new Recent<>(32, HiddenPlan::searched);

    /**
     * What is searched.
     *
     * @param corners each cut there is, once
     * @param off     how much of the face is sawn off at the tip of a corner once it is joined
     */
    private record Task(Section section, Length margin, List<Mitre> corners, double radius, Length off) {
        Task {
            corners = List.copyOf(corners);
        }
    }

    /**
     * What a fastener takes of a section at one cut.
     *
     * @param before how far it reaches from its middle towards the sight line, in mm
     * @param behind how far towards the outside
     * @param below  how far from its middle towards the back
     * @param above  how far towards the front
     */
    private record Taken(double before, double behind, double below, double above) {
        static Taken of(HiddenFastener fastener, Mitre corner, double radius) {
            double deep = fastener.deep().toMm();
            double level = Math.hypot(corner.along(), corner.across());
            double wide = fastener.along().toMm() * corner.along() / level
                    + fastener.thick().toMm() * Math.abs(corner.through() * corner.across()) / level;
            double tall = fastener.thick().toMm() * level;
            double drift = -corner.across() * deep;
            double rise = -corner.through() * deep;
            return new Taken(
                    wide / 2 + Math.max(0, -drift),
                    wide / 2 + Math.max(0, drift) + deep * deep / (2 * radius),
                    tall / 2 + Math.max(0, -rise),
                    tall / 2 + Math.max(0, rise));
        }
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

    /** Tries every corner of a frame. */
    public static Planned<HiddenPlan> of(Frame frame) {
        Ledger ledger = new Ledger();
        return ledger.planned(of(frame, ledger));
    }

    private static HiddenPlan of(Frame frame, Ledger ledger) {
        Length margin = frame.habits().get(Habit.SAFE_MARGIN);
        Section section = frame.members().getFirst().section();
        Mitre corner = sharpest(frame);
        Found found = FOUND.of(new Task(section, margin, corners(frame), radius(frame), off(frame, corner)));
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
        return corners(frame).getFirst();
    }

    /** Each cut there is, once, the sharpest first. */
    private static List<Mitre> corners(Frame frame) {
        List<Mitre> corners = new ArrayList<>();
        frame.members().stream()
                .flatMap(member -> Stream.of(member.joint(false), member.joint(true)))
                .filter(cut -> corners.stream().noneMatch(known -> isLike(known, cut)))
                .forEach(corners::add);
        corners.sort(Comparator.comparingDouble(Mitre::along));
        return corners;
    }

    private static boolean isLike(Mitre one, Mitre other) {
        return Math.abs(one.along() - other.along()) < ALIKE
                && Math.abs(one.across() - other.across()) < ALIKE
                && Math.abs(one.through() - other.through()) < ALIKE;
    }

    /**
     * Where its middle lies on the mitre, across and over the back, in mm: in the tallest room that every corner has
     * there, in the middle of it.
     */
    private static Optional<double[]> place(Silhouette zone, Task task, HiddenFastener fastener) {
        List<Taken> taken = task.corners().stream()
                .map(corner -> Taken.of(fastener, corner, task.radius()))
                .toList();
        double before = taken.stream().mapToDouble(Taken::before).max().orElseThrow();
        double behind = taken.stream().mapToDouble(Taken::behind).max().orElseThrow();
        double[] best = null;
        double most = 0;
        double step = Math.max(1e-3, (zone.right() - zone.left()) / STEPS / 2);
        double right = Math.min(zone.right(), task.section().face().minus(task.off().plus(task.margin())).toMm());
        for (double x = zone.left() + before; x + behind <= right + 1e-9; x += step) {
            List<double[]> rooms = List.of(new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY});
            for (Taken one : taken) {
                rooms = PinPath.both(
                        rooms,
                        zone.rooms(x - one.before(), x + one.behind()).stream()
                                .map(room -> new double[] {room[0] + one.below(), room[1] - one.above()})
                                .filter(room -> room[0] <= room[1])
                                .toList());
            }
            for (double[] room : rooms) {
                double spare = room[1] - room[0];
                if (spare >= 0 && (best == null || spare > most + 1e-6)) {
                    most = spare;
                    best = new double[] {x, (room[0] + room[1]) / 2};
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
