package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Plans the glue-up and judges the glued frame. */
public final class GluePlanner {
    /** Corner to corner of a four-square frame. */
    public static final FigureKey<Length> DIAGONAL = FigureKey.length(Station.GLUE_UP, "glue.diagonal");
    /** What a corner is pressed with at least. */
    private static final FigureKey<Force> SQUEEZE_LEAST = FigureKey.force(Station.GLUE_UP, "glue.squeeze_least");
    /** What a corner is pressed with at most. */
    private static final FigureKey<Force> SQUEEZE_MOST = FigureKey.force(Station.GLUE_UP, "glue.squeeze_most");
    /** How far a frame may lean and the glass still go in. */
    public static final FigureKey<Angle> MOST_LEAN = FigureKey.angle(Station.GLUE_UP, "glue.most_lean");
    /** How far the glued frame leans. */
    public static final FigureKey<Angle> LEAN = FigureKey.angle(Station.GLUE_UP, "glue.lean");
    /** How far the long diagonal is to be pushed in. */
    public static final FigureKey<Length> PUSH = FigureKey.length(Station.GLUE_UP, "glue.push");
    /** What the largest pane has to spare in the measured opening. */
    public static final FigureKey<Length> PANE_SPARE = FigureKey.length(Station.GLUE_UP, "glue.pane_spare");

    /** Newtons on a square millimetre in 1 psi. */
    private static final double PSI = 0.006894757;
    /** Minutes to spread and close one mitred joint by hand; common practice, no source. */
    private static final int MINUTES_A_JOINT = 1;
    private final Assembly assembly;
    private final Frame frame;
    private final JointPlan joints;
    private final Shop shop;
    private final List<Member> joined;
    private final Ledger ledger;

    private GluePlanner(Assembly assembly, JointPlan joints, Shop shop, List<Member> joined, Ledger ledger) {
        this.assembly = assembly;
        this.frame = assembly.seen();
        this.joints = joints;
        this.shop = shop;
        this.joined = joined;
        this.ledger = ledger;
    }

    /**
     * The glue-up of the part that is looked at, whose corners are joined in this way, and how it comes to the part it
     * lies by.
     *
     * @param joined the sides that are first put together from several lengths
     */
    public static Planned<GluePlan> plan(Assembly assembly, JointPlan joints, Shop shop, List<Member> joined) {
        Ledger ledger = new Ledger();
        return ledger.planned(new GluePlanner(assembly, joints, shop, joined, ledger).plan());
    }

    private GluePlan plan() {
        Adhesive adhesive = frame.job().choices().adhesive();
        ledger.decide(Station.GLUE_UP, adhesive);
        Joint joint = Joints.of(joints.chosen());
        if (!joint.isGlued()) {
            if (frame.isFourSquare() && !frame.isSolid()) {
                ledger.lead(Station.GLUE_UP, DIAGONAL);
            }
            return new GluePlan(
                    adhesive,
                    List.of(),
                    steps(frame.isSolid() ? List.of(Words.of("close.one_piece")) : dry(joint)),
                    frame.isSolid()
                            ? List.of()
                            : checks(
                                    Closing.NOTHING, frame.width(Line.OUTSIDE), frame.height(Line.OUTSIDE)),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    new TapeCheck(frame, ledger).mostLean(),
                    Closing.NOTHING,
                    Map.of());
        }
        ledger.warn(Safety.ADHESIVE);
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Closing closing = Closing.of(frame, shop);
        if (frame.isFourSquare() && closing != Closing.FITTED) {
            ledger.lead(Station.GLUE_UP, DIAGONAL);
        }
        List<Figure<Length>> checks = checks(closing, width, height);
        Section section = frame.job().section();
        double area = frame.isSquared() ? crossed() : frame.members().stream().mapToDouble(GluePlanner::glued).max()
                .orElseThrow();
        // Strips that are glued along another part have no corners to press.
        Optional<int[]> pressed = Optional.of(psi(adhesive, section.species().hardness()))
                .filter(_ -> closing != Closing.FITTED && area > 0);
        List<Words> times = new ArrayList<>(List.of(
                Words.of("glue.open", adhesive.open()),
                Words.of("glue.clamp", adhesive.clamp()),
                Words.of("glue.cure", adhesive.cure()),
                Words.of(
                        "glue.temperature",
                        adhesive.leastTemperature(),
                        Math.round(adhesive.leastTemperature() * 1.8 + 32))));
        findCold(adhesive);
        if (adhesive.isWaterproof()) {
            times.add(Words.of("glue.waterproof"));
        }
        TapeCheck tape = new TapeCheck(frame, ledger);
        Optional<Figure<Angle>> mostLean = tape.mostLean();
        Optional<Square> square = tape.square();
        tape.judge(square, mostLean);
        if (closing == Closing.BY_HAND && frame.isConvex() && !Joints.of(joints.chosen()).isDriven()) {
            findNoClamps();
        }
        findHurry(adhesive, (long) closing.atOnce(frame) * MINUTES_A_JOINT + 3);
        return new GluePlan(
                adhesive,
                List.copyOf(times),
                steps(
                        closing == Closing.FITTED
                                ? onWall()
                                : new CloseSteps(frame, closing, joints.used(), joined).inOrder()),
                checks,
                pressed.map(least -> squeeze(SQUEEZE_LEAST, area, least[0])),
                pressed.map(most -> squeeze(SQUEEZE_MOST, area, most[1])),
                square,
                mostLean,
                closing,
                tape.planned());
    }

    /** Put together without glue, checked, then fastened. */
    private List<Words> dry(Joint joint) {
        List<Words> steps = new ArrayList<>(List.of(Words.of("close.dry")));
        if (frame.isFourSquare()) {
            steps.add(Words.of("close.diagonals"));
        }
        if (joints.used().fits()) {
            steps.addAll(joint.whileClosed(frame));
        }
        return steps;
    }

    /** What lies by no other part and is fitted all the same comes together on a wall. */
    private List<Words> onWall() {
        return frame.job().placement().isEmpty() ? List.of(Words.of("close.on_wall")) : List.of();
    }

    /** Closed like this, and then put to the part it lies by. */
    private List<Words> steps(List<Words> closing) {
        List<Words> steps = new ArrayList<>(closing);
        frame.job()
                .placement()
                .ifPresent(placement -> steps.addAll(new AttachSteps(assembly, placement, ledger).inOrder()));
        return List.copyOf(steps);
    }

    /** The face of a joint, in mm²: a curved piece is glued as a blank, with all its wood. */
    private static double glued(Member member) {
        double through = member.curve().isPresent()
                ? member.stock().face().toMm() * member.section().thickness().toMm()
                : member.section().areaMm2();
        return through * member.left().length().ratio(member.left().face());
    }

    /** What is pressed flat at the widest crossing, in mm²; nothing where only ends are glued. */
    private double crossed() {
        return frame.job().squared().orElseThrow().corner().pressed() * IntStream.range(0, frame.members().size())
                .mapToDouble(i -> frame.members().get(i).section().face().toMm()
                        * frame.members().get((i + 1) % frame.members().size()).section().face().toMm())
                .max().orElseThrow();
    }

    /** What holds strips true that are fitted to another part is that part. */
    private List<Figure<Length>> checks(Closing closing, Length width, Length height) {
        if (closing == Closing.FITTED) {
            return List.of();
        }
        if (!frame.isFourSquare()) {
            return checks();
        }
        return List.of(ledger.enter(Figure.formula(DIAGONAL)
                .with("outside_width", width)
                .with("outside_height", height)
                .note("diagonal")
                .gives(Length.mm(Math.hypot(width.toMm(), height.toMm())))));
    }

    /** Corner to corner across, from each corner to the one half way round; enough to hold any shape. */
    private List<Figure<Length>> checks() {
        List<Member> members = frame.members();
        List<Figure<Length>> checks = new ArrayList<>();
        List<Point> corners = frame.job().outline().isCurved()
                ? members.stream().map(m -> m.outline().getFirst()).toList()
                : frame.corners();
        int half = members.size() / 2;
        for (int i = 0; i < (members.size() % 2 == 0 ? half : members.size()) && members.size() > 3; i++) {
            int other = (i + half) % members.size();
            String from = members.get(i).side().from();
            String to = members.get(other).side().from();
            checks.add(ledger.enter(Figure.formula(FigureKey.length(Station.GLUE_UP, "glue.check_" + (i + 1)))
                    .named(Words.of("figure.glue.check", from, to))
                    .note("check")
                    .gives(Length.mm(corners.get(i).to(corners.get(other))))));
        }
        return List.copyOf(checks);
    }

    private Figure<Force> squeeze(FigureKey<Force> key, double areaMm2, int psi) {
        return ledger.enter(Figure.formula(key).note("squeeze", psi, Math.round(areaMm2))
                .gives(new Force(areaMm2 * psi * PSI)));
    }

    /** Pounds on a square inch for woods that give more or less; epoxy wants no more than contact. From memory. */
    private static int[] psi(Adhesive adhesive, Species.Hardness hardness) {
        if (adhesive == Adhesive.EPOXY) {
            return new int[] {5, 25};
        }
        return switch (hardness) {
            case SOFT -> new int[] {100, 150};
            case MIDDLING -> new int[] {140, 200};
            case HARD -> new int[] {175, 250};
        };
    }

    private void findCold(Adhesive adhesive) {
        double now = shop.climate().shop().celsius();
        if (now < adhesive.leastTemperature()) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.GLUE_UP,
                            "too_cold",
                            adhesive,
                            Words.plain(degrees(now)),
                            Words.plain(degrees(adhesive.leastTemperature())))
                    .remedy(new Remedy.Visit(Station.GLUE_UP)));
        }
    }

    private static String degrees(double celsius) {
        return Math.round(celsius) + " °C (" + Math.round(celsius * 1.8 + 32) + " °F)";
    }

    private void findNoClamps() {
        Finding finding = Finding.of(Severity.CAUTION, Station.GLUE_UP, "no_clamps");
        ledger.find(finding.remedy(joints.options().stream()
                .filter(JointOption::isGood)
                .map(JointOption::kind)
                .filter(kind -> Joints.of(kind).isDriven())
                .findFirst()
                .<Remedy>map(kind ->
                        new Remedy.OnJob(Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind))))
                .orElse(new Remedy.Visit(Station.GLUE_UP))));
    }

    private void findHurry(Adhesive adhesive, long needed) {
        if (needed <= adhesive.open().toMinutes()) {
            return;
        }
        Optional<Adhesive> slower = Stream.of(Adhesive.values())
                .filter(other -> other.open().toMinutes() >= needed)
                .findFirst();
        Finding finding =
                Finding.of(Severity.CAUTION, Station.GLUE_UP, "open_time_short", adhesive, adhesive.open(), needed);
        ledger.find(
                slower.isPresent()
                        ? finding.remedy(new Remedy.OnJob(
                                Words.of("remedy.adhesive", slower.get()), new Edit.ChooseAdhesive(slower.get())))
                        : finding.remedy(new Remedy.Visit(Station.GLUE_UP)));
    }
}
