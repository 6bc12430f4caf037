package neatcorner.core.clash;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import neatcorner.core.edit.Edit;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.joint.Insert;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/**
 * Lays everything that is known by its place into space and looks at what is nearest to what: the fasteners of every
 * corner of the part that is looked at, what is driven along the sides of all parts, and what lies on its back. What
 * is driven into wood where something else is splits it, or turns aside and comes out.
 */
public final class ClashPlanner {
    /** In mm; less between things of two corners, or a fastener and a screw, splits. Common practice, no source. */
    static final double LEAST_WOOD = 1.5;
    /** Things of one corner are laid out to pass each other and may come so near. Common practice, no source. */
    private static final double LEAST_BESIDE = 0.3;
    /** What is further from everything is not worth telling, in mm. */
    private static final double TOLD = 25;
    /** From one try to the next, of where a thing along a side would be free. */
    private static final double STEP = Length.inches(0, 1, 4).toMm();

    /** Nearer to the end of a side, in mm, nothing is moved. */
    private static final double LEAST_IN = Length.inches(1).toMm();

    private final Assembly assembly;
    private final Frame frame;
    private final JointPlan joints;
    private final List<Row> rows;
    private final HangPlan hang;
    private final Ledger ledger = new Ledger();

    private ClashPlanner(Assembly assembly, JointPlan joints, HangPlan hang, FitPlan fit) {
        this.assembly = assembly;
        this.frame = assembly.seen();
        this.joints = joints;
        this.rows = Rows.of(assembly, hang, fit);
        this.hang = hang;
    }

    /** Looks at the part that is seen, with its corners and all that is driven into it. */
    public static Planned<Clashes> of(Assembly assembly, JointPlan joints, HangPlan hang, FitPlan fit) {
        ClashPlanner planner = new ClashPlanner(assembly, joints, hang, fit);
        return planner.ledger.planned(planner.clashes());
    }

    private Clashes clashes() {
        JointOption used = joints.used();
        List<List<Insert>> corners = used.fits() && !frame.isSolid() ? corners(used) : List.of();
        double beside = besides(corners);
        double between = between(corners);
        if (between < LEAST_WOOD) {
            findNeighbours(between);
        } else if (beside < LEAST_BESIDE) {
            findBeside(beside);
        }
        List<Hull> inCorners = bodies(corners);
        double driven = rows.stream()
                .mapToDouble(row -> driven(row, inCorners))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        rows.forEach(row -> findCrossed(row, inCorners));
        if (!corners.isEmpty()) {
            findUnder(used);
        }
        double least = DoubleStream.of(beside, between, driven).min().orElseThrow();
        if (least < TOLD) {
            ledger.enter(Figure.formula(Clashes.LEAST)
                    .note("clash_least")
                    .rounded(Rounding.DOWN)
                    .gives(Length.mm(Math.max(0, least))));
        }
        return new Clashes(least);
    }

    /** What lies in every corner, that at the end of the first side first, in the first part's picture. */
    private List<List<Insert>> corners(JointOption option) {
        return corners(option, _ -> true);
    }

    private List<List<Insert>> corners(JointOption option, Predicate<Insert> some) {
        if (!Joints.of(option.kind()).goesWith(frame.job().body().construction())) {
            return List.of();
        }
        Assembly.Lie lie = assembly.lies().get(assembly.job().seen());
        Vector by = new Vector(lie.across(), lie.down(), lie.back().toMm());
        List<List<Insert>> corners = new ArrayList<>();
        for (int i = 0; i < frame.members().size(); i++) {
            corners.add(Joints.of(option.kind()).inserts(frame.from(i), option).stream()
                    .filter(some)
                    .map(insert -> insert.moved(by))
                    .toList());
        }
        return corners;
    }

    private static List<Hull> bodies(List<List<Insert>> corners) {
        return corners.stream()
                .flatMap(List::stream)
                .flatMap(insert -> insert.bodies().stream())
                .toList();
    }

    /** The least between things of one corner. */
    private static double besides(List<List<Insert>> corners) {
        double least = Double.POSITIVE_INFINITY;
        for (List<Insert> corner : corners) {
            for (int i = 0; i < corner.size(); i++) {
                for (int j = i + 1; j < corner.size(); j++) {
                    least = Math.min(least, corner.get(i).gap(corner.get(j).bodies()));
                }
            }
        }
        return least;
    }

    /** The least between things of a corner and of the next. */
    private static double between(List<List<Insert>> corners) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; corners.size() > 1 && i < corners.size(); i++) {
            for (Insert one : corners.get(i)) {
                for (Insert other : corners.get((i + 1) % corners.size())) {
                    least = Math.min(least, one.gap(other.bodies()));
                }
            }
        }
        return least;
    }

    /** The least between what is driven along sides and what holds the corners; found where it is too little. */
    private double driven(Row row, List<Hull> inCorners) {
        return findDriven(
                row,
                row.places(),
                inCorners,
                row.kind().isThin() ? LEAST_BESIDE : LEAST_WOOD,
                Words.of("clash.corner", joints.chosen()),
                inCorners);
    }

    /** What is driven along the sides of the part that is seen may meet what another row drives there. */
    private void findCrossed(Row row, List<Hull> inCorners) {
        List<Row.Place> here = row.places().stream()
                .filter(place -> place.part() == assembly.job().seen())
                .toList();
        for (Row other : rows.subList(rows.indexOf(row) + 1, rows.size())) {
            findDriven(
                    row,
                    here,
                    other.bodies(),
                    row.kind().isThin() || other.kind().isThin() ? LEAST_BESIDE : LEAST_WOOD,
                    Words.of("clash.other." + other.kind().id(), name(other.places().getFirst())),
                    inCorners);
        }
    }

    private Words one(Row.Kind kind, Row.Place place) {
        return Words.of("clash.one." + kind.id(), Length.mm(place.along()), name(place));
    }

    private String name(Row.Place place) {
        return assembly.frame(place.part()).job().part().name();
    }

    /** The least between some places of a row and what they may meet; the worst is found where that is too little. */
    private double findDriven(
            Row row, List<Row.Place> some, List<Hull> met, double wanted, Words name, List<Hull> inCorners) {
        Optional<Row.Place> worst =
                some.stream().min(Comparator.comparingDouble(place -> Hull.gap(met, List.of(place.body()))));
        double gap = worst.map(place -> Hull.gap(met, List.of(place.body()))).orElse(Double.POSITIVE_INFINITY);
        if (gap < wanted) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            row.kind().station(),
                            "driven_meets",
                            one(row.kind(), worst.orElseThrow()),
                            name,
                            free(row, worst.orElseThrow(), inCorners)
                                    .map(along -> Words.of("clash.free", along))
                                    .orElseGet(() -> Words.of("clash.nowhere")))
                    .by(Length.mm(wanted - gap))
                    .remedy(new Remedy.Visit(row.kind().station())));
        }
        return gap;
    }

    /** The nearest place along its side at which it is free of all that is not of its own row. */
    private Optional<Length> free(Row row, Row.Place place, List<Hull> inCorners) {
        List<Hull> all = new ArrayList<>(inCorners);
        rows.stream().filter(other -> other != row).map(Row::bodies).forEach(all::addAll);
        return DoubleStream.iterate(STEP, off -> off <= place.most(), off -> off + STEP)
                .flatMap(off -> DoubleStream.of(place.along() + off, place.along() - off))
                .filter(along -> along >= LEAST_IN && along <= place.most())
                .filter(along -> Hull.gap(all, List.of(place.at().apply(along))) >= LEAST_WOOD)
                .mapToObj(Length::mm)
                .findFirst();
    }

    /** What holds the corners from behind stands out of the back: nothing that is to lie flat there may cover it. */
    private void findUnder(JointOption used) {
        List<Hull> plates = bodies(corners(used, Insert::isBehind));
        if (plates.isEmpty()) {
            return;
        }
        OnBack.of(assembly, hang).stream()
                .filter(thing -> Hull.gap(plates, thing.bodies()) <= 0)
                .findFirst()
                .ifPresent(thing -> ledger.find(Finding.of(
                                Severity.CAUTION, Station.CORNERS, "plate_under", joints.chosen(), thing.name())
                        .remedy(another(option ->
                                bodies(corners(option, Insert::isBehind)).isEmpty()))));
    }

    /** Where sides are short, what holds one corner reaches what holds the next. */
    private void findNeighbours(double gap) {
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.CORNERS,
                        gap <= 0 ? "corners_meet" : "corners_near",
                        joints.chosen(),
                        Length.mm(Math.max(0, gap)),
                        Length.mm(LEAST_WOOD))
                .by(Length.mm(LEAST_WOOD - gap))
                .remedy(another(_ -> true)));
    }

    private void findBeside(double gap) {
        ledger.find(Finding.of(
                        Severity.CAUTION, Station.CORNERS, "fasteners_meet", joints.chosen(), Length.mm(LEAST_BESIDE))
                .by(Length.mm(LEAST_BESIDE - gap))
                .remedy(another(_ -> true)));
    }

    /** The first good joint of these whose fasteners keep clear of each other. */
    private Remedy another(Predicate<JointOption> which) {
        return joints.options().stream()
                .filter(option -> option.isGood() && !Joints.of(option.kind()).isOnlyChosen())
                .filter(which)
                .filter(option -> {
                    List<List<Insert>> corners = corners(option);
                    return between(corners) >= LEAST_WOOD && besides(corners) >= LEAST_BESIDE;
                })
                .map(JointOption::kind)
                .findFirst()
                .<Remedy>map(kind -> new Remedy.OnJob(
                        Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind))))
                .orElseGet(() -> new Remedy.Visit(Station.CORNERS));
    }
}
