package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Length;
import neatcorner.core.recall.Recent;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Words;

/**
 * What may be hidden in the corners: the safe zone of the section after every cut, and the largest
 * fastener of each kind that lies in it.
 *
 * <p>A fastener goes in square to the mitre, so inside the piece it wanders across the section: by
 * depth · cos φ toward the outside, where φ is the angle between the cut and the edge. What it takes of
 * the section is therefore its size along the mitre times sin φ, and that much more.
 *
 * @param zone   of the section, in its own axes: wood further than the margin from every surface
 * @param corner the cut it was tried at, the sharpest of the frame
 * @param fits   the largest of each kind that fits; kinds that do not fit are missing
 */
public record HiddenPlan(Silhouette zone, Mitre corner, List<Fit> fits) {
    private static final int STEPS = 48;
    private static final Recent<Task, Found> FOUND = new Recent<>(32, HiddenPlan::searched);

    /** What is searched. */
    private record Task(Section section, Length margin, Mitre corner) {
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
     * @param fromPoint its middle from the long point, along the mitre
     */
    public record Fit(HiddenFastener fastener, double across, Figure<Length> fromBack, Figure<Length> fromFace, Figure<Length> fromPoint) {
    }

    /** Tries the sharpest corner of a frame. */
    public static HiddenPlan of(Frame frame, Ledger ledger) {
        Length margin = frame.habits().get(Habit.SAFE_MARGIN);
        Section section = frame.job().section();
        Mitre corner = sharpest(frame);
        Found found = FOUND.of(new Task(section, margin, corner));
        List<Fit> fits = new ArrayList<>();
        if (frame.isSolid()) {
            return new HiddenPlan(found.zone(), corner, List.of());
        }
        found.places().forEach((fastener, place) -> fits.add(fit(fastener, place, section, corner, margin, ledger)));
        return new HiddenPlan(found.zone(), corner, List.copyOf(fits));
    }

    private static Found searched(Task task) {
        Silhouette zone = task.section().wood().shrunk(task.margin().toMm(), STEPS);
        Map<HiddenFastener, double[]> places = new LinkedHashMap<>();
        for (HiddenFastener.Kind kind : HiddenFastener.Kind.values()) {
            for (HiddenFastener fastener : HiddenFastener.standard(kind)) {
                Optional<double[]> place = place(zone, task.corner(), fastener);
                if (place.isPresent()) {
                    places.put(fastener, place.get());
                    break;
                }
            }
        }
        return new Found(zone, Collections.unmodifiableMap(places));
    }

    private static Mitre sharpest(Frame frame) {
        Mitre sharpest = frame.members().getFirst().left();
        for (Member member : frame.members()) {
            for (Mitre cut : List.of(member.left(), member.right())) {
                if (cut.along() < sharpest.along()) {
                    sharpest = cut;
                }
            }
        }
        return sharpest;
    }

    /** Where its middle lies on the mitre, across and over the back, in mm: in the tallest room, in the middle of it. */
    private static Optional<double[]> place(Silhouette zone, Mitre corner, HiddenFastener fastener) {
        double level = Math.hypot(corner.along(), corner.across());
        double wide = fastener.along().toMm() * corner.along() / level
                + fastener.thick().toMm() * Math.abs(corner.through() * corner.across()) / level;
        double drift = -corner.across() * fastener.deep().toMm();
        double tall = fastener.thick().toMm() * level;
        double rise = -corner.through() * fastener.deep().toMm();
        double[] best = null;
        double most = 0;
        double step = Math.max(1e-3, (zone.right() - zone.left()) / STEPS / 2);
        for (double from = zone.left(); from + wide + Math.abs(drift) <= zone.right() + 1e-9; from += step) {
            for (double[] room : zone.rooms(from, from + wide + Math.abs(drift))) {
                double spare = room[1] - room[0] - tall - Math.abs(rise);
                if (spare >= 0 && (best == null || spare > most + 1e-6)) {
                    most = spare;
                    best = new double[] {from + wide / 2 + Math.max(0, -drift), (room[0] + room[1] - rise) / 2};
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static Fit fit(HiddenFastener fastener, double[] place, Section section, Mitre corner, Length margin, Ledger ledger) {
        String id = "hidden." + fastener.kind().name().toLowerCase(Locale.ROOT);
        double level = Math.hypot(corner.along(), corner.across());
        return new Fit(fastener, place[0], figure(id, "from_back", fastener, margin, Length.mm(place[1]), ledger),
                figure(id, "from_face", fastener, margin, section.thickness().minus(Length.mm(place[1])), ledger),
                figure(id, "from_point", fastener, margin, Length.mm((section.face().toMm() - place[0]) * level / corner.along()), ledger));
    }

    private static Figure<Length> figure(String id, String what, HiddenFastener fastener, Length margin, Length value, Ledger ledger) {
        return ledger.enter(Station.CORNERS, Figure.formula(id + "." + what).named(Words.of("figure.hidden." + what, fastener.kind()))
                .with("fastener_along", fastener.along()).with("fastener_thick", fastener.thick()).with("fastener_deep", fastener.deep())
                .with("safe_margin", margin).note("hidden").gives(value));
    }
}
