package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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
 * wanders most and the flattest takes most of the face, and of several faces each has its own, so every end is tried.
 * What it takes of
 * the section is therefore its size along the mitre times sin φ, and that much more; in a curve of radius r it
 * comes nearer to the outside by depth² / 2·r as well.
 *
 * @param zone   of the first side's section, in its axes: wood further than the margin from every surface
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
     * An end of a piece.
     *
     * @param cut    there
     * @param perMm  how far in from the outside edge the middle lies for each mm that is measured to it
     */
    private record End(Section section, Mitre cut, double perMm) {
        boolean isLike(End other) {
            return section.equals(other.section)
                    && Math.abs(cut.along() - other.cut.along()) < ALIKE
                    && Math.abs(cut.across() - other.cut.across()) < ALIKE
                    && Math.abs(cut.through() - other.cut.through()) < ALIKE;
        }
    }

    /**
     * What is searched.
     *
     * @param ends   each there is, once, that with the sharpest cut first
     * @param off    how much of every mitre is sawn off at the tip of a corner once it is joined
     */
    private record Task(List<End> ends, Length margin, double radius, Length off) {
        Task {
            ends = List.copyOf(ends);
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

    /** What is found: the zone of each end, and the middle of each fastener as it is measured and over the back. */
    private record Found(List<Silhouette> zones, Map<HiddenFastener, double[]> places) {
    }

    /** The wood of an end that is free, and what a fastener takes of it. */
    private record Room(End end, Silhouette zone, Taken taken, double right) {
        /** In from the outside edge by so many mm measured: the middle across the section. */
        double middle(double measured) {
            return end.section().face().toMm() - measured * end.perMm();
        }

        /** The heights over the back at which its middle may lie, from low to high. */
        List<double[]> heights(double measured) {
            double x = middle(measured);
            if (x - taken.before() < zone.left() - ALIKE || x + taken.behind() > right + ALIKE) {
                return List.of();
            }
            return zone.rooms(x - taken.before(), x + taken.behind()).stream()
                    .map(room -> new double[] {room[0] + taken.below(), room[1] - taken.above()})
                    .filter(room -> room[0] <= room[1])
                    .toList();
        }
    }

    /**
     * A fastener in its place.
     *
     * @param fastener  which
     * @param across    its middle on the mitre, in mm from the sight line outwards
     * @param fromBack  its middle over the back
     * @param fromFace  its middle below the highest point of the front
     * @param from      its middle from the long point along the mitre, or in from the outside edge where corners are
     *                  unlike and sides alike
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
        boolean unlike = frame.members().stream().anyMatch(member -> !member.section().equals(section));
        boolean curved = frame.job().outline().isCurved();
        boolean alongMitre = !curved && (unlike || Meeting.of(frame).size() == 1);
        List<End> ends = ends(frame, alongMitre);
        Found found = FOUND.of(new Task(
                ends,
                margin,
                radius(frame),
                OuterShaping.of(frame).map(OuterShaping::offMitre).orElse(Length.ZERO)));
        Mitre corner = ends.getFirst().cut();
        End first = ends.stream()
                .filter(end -> end.section().equals(section))
                .findFirst()
                .orElseThrow();
        Silhouette zone = found.zones().get(ends.indexOf(first));
        if (!frame.takesHidden() || unlike && curved) {
            return new HiddenPlan(zone, corner, List.of(), Words.of(unlike ? "hidden.unlike" : "hidden.none"));
        }
        List<Fit> fits = new ArrayList<>();
        found.places()
                .forEach((fastener, place) -> fits.add(fit(fastener, place, first, alongMitre, margin, ledger)));
        return new HiddenPlan(zone, corner, List.copyOf(fits), Words.of("hidden.none"));
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
        Map<Section, Silhouette> known = new LinkedHashMap<>();
        List<Silhouette> zones = task.ends().stream()
                .map(end -> known.computeIfAbsent(
                        end.section(), section -> section.wood().shrunk(task.margin().toMm(), STEPS)))
                .toList();
        Map<HiddenFastener, double[]> places = new LinkedHashMap<>();
        for (HiddenFastener.Kind kind : HiddenFastener.Kind.values()) {
            for (HiddenFastener fastener : HiddenFastener.standard(kind)) {
                Optional<double[]> place = place(zones, task, fastener);
                if (place.isPresent()) {
                    places.put(fastener, place.get());
                    break;
                }
            }
        }
        return new Found(zones, Collections.unmodifiableMap(places));
    }

    /** Each end there is, once, that with the sharpest cut first. */
    private static List<End> ends(Frame frame, boolean alongMitre) {
        List<End> ends = new ArrayList<>();
        frame.members().stream()
                .flatMap(member -> Stream.of(member.joint(false), member.joint(true))
                        .map(cut -> new End(member.section(), cut, alongMitre ? slope(cut) : 1)))
                .filter(end -> ends.stream().noneMatch(end::isLike))
                .forEach(ends::add);
        ends.sort(Comparator.comparingDouble(end -> end.cut().along()));
        return ends;
    }

    /** How far in from the outside edge a mm along the mitre leads. */
    private static double slope(Mitre cut) {
        return cut.along() / Math.hypot(cut.along(), cut.across());
    }

    /**
     * Where its middle lies, as it is measured and over the back, in mm: in the tallest room that every end has there,
     * in the middle of it.
     */
    private static Optional<double[]> place(
            List<Silhouette> zones, Task task, HiddenFastener fastener) {
        List<Room> rooms = IntStream.range(0, zones.size())
                .mapToObj(i -> {
                    End end = task.ends().get(i);
                    Silhouette zone = zones.get(i);
                    double off = task.off().toMm() * slope(end.cut()) + task.margin().toMm();
                    return new Room(
                            end,
                            zone,
                            Taken.of(fastener, end.cut(), task.radius()),
                            Math.min(zone.right(), end.section().face().toMm() - off));
                })
                .toList();
        Room first = rooms.getFirst();
        double step = Math.max(1e-3, (first.zone().right() - first.zone().left()) / STEPS / 2);
        double[] best = null;
        double most = 0;
        for (double x = first.zone().left() + first.taken().before();
                x + first.taken().behind() <= first.right() + ALIKE;
                x += step) {
            double measured = (first.end().section().face().toMm() - x) / first.end().perMm();
            List<double[]> common = List.of(new double[] {Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY});
            for (Room room : rooms) {
                common = PinPath.both(common, room.heights(measured));
            }
            for (double[] heights : common) {
                double spare = heights[1] - heights[0];
                if (spare >= 0 && (best == null || spare > most + 1e-6)) {
                    most = spare;
                    best = new double[] {measured, (heights[0] + heights[1]) / 2};
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** From the long point along the mitre, or square in from the outside edge. */
    private static Fit fit(
            HiddenFastener fastener, double[] place, End first, boolean alongMitre, Length margin, Ledger ledger) {
        String id = id(fastener.kind());
        Length over = Length.mm(place[1]);
        Figure<Length> fromBack = figure(id, FROM_BACK, fastener, margin, over, ledger);
        Figure<Length> fromFace =
                figure(id, "from_face", fastener, margin, first.section().thickness().minus(over), ledger);
        Figure<Length> from = figure(
                id, alongMitre ? FROM_POINT : FROM_OUTSIDE, fastener, margin, Length.mm(place[0]), ledger);
        return new Fit(
                fastener,
                first.section().face().toMm() - place[0] * first.perMm(),
                fromBack,
                fromFace,
                from,
                Words.of(alongMitre ? "hidden.place" : "hidden.place_in", fromBack, fromFace, from));
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
