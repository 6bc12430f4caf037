package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.Tape;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.ClampKind;
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
    /** No glass is cut finer. */
    private static final Length FINE = Length.mm(0.1);
    private final Frame frame;
    private final JointPlan joints;
    private final Shop shop;
    private final List<Member> joined;
    private final Ledger ledger;

    private Closing closing = Closing.BY_HAND;

    private GluePlanner(Frame frame, JointPlan joints, Shop shop, List<Member> joined, Ledger ledger) {
        this.frame = frame;
        this.joints = joints;
        this.shop = shop;
        this.joined = joined;
        this.ledger = ledger;
    }

    /**
     * The glue-up of a frame whose corners are joined in this way.
     *
     * @param joined the sides that are first put together from several lengths
     */
    public static Planned<GluePlan> plan(Frame frame, JointPlan joints, Shop shop, List<Member> joined) {
        Ledger ledger = new Ledger();
        return ledger.planned(new GluePlanner(frame, joints, shop, joined, ledger).plan(joints.chosen()));
    }

    private GluePlan plan(JointKind joint) {
        Adhesive adhesive = frame.job().choices().adhesive();
        if (frame.isSolid()) {
            return new GluePlan(
                    adhesive,
                    List.of(),
                    List.of(Words.of("close.one_piece")),
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    mostLean(),
                    Closing.NOTHING,
                    Map.of());
        }
        ledger.warn(Safety.ADHESIVE);
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        List<Figure<Length>> checks = frame.isFourSquare() ? List.of(ledger.enter(Figure.formula(DIAGONAL)
                .with("outside_width", width).with("outside_height", height).note("diagonal")
                .gives(Length.mm(Math.hypot(width.toMm(), height.toMm()))))) : checks();
        Section section = frame.job().section();
        double area = frame.members().stream().mapToDouble(GluePlanner::glued).max().orElseThrow();
        int[] psi = psi(adhesive, section.species().hardness());
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
        Optional<Figure<Angle>> mostLean = mostLean();
        Optional<Square> square = square();
        if (!findWrongReading()) {
            square.ifPresent(this::judge);
            judgePane(square, mostLean);
        }
        List<Words> steps = steps(Joints.of(joint), adhesive);
        return new GluePlan(adhesive, List.copyOf(times), steps, checks,
                Optional.of(squeeze(SQUEEZE_LEAST, area, psi[0])), Optional.of(squeeze(SQUEEZE_MOST, area, psi[1])),
                square, mostLean, closing, frame.isFourSquare() ? planned() : Map.of());
    }

    /** The face of a joint, in mm²: a curved piece is glued as a blank, with all its wood. */
    private static double glued(Member member) {
        double through = member.curve().isPresent()
                ? member.stock().face().toMm() * member.section().thickness().toMm()
                : member.section().areaMm2();
        return through * member.left().length().ratio(member.left().face());
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

    private Optional<Figure<Angle>> mostLean() {
        if (!frame.has(Line.GLASS) || !frame.isFourSquare()) {
            return Optional.empty();
        }
        return Optional.of(ledger.enter(Figure.formula(MOST_LEAN)
                .with("glass_width", frame.width(Line.GLASS)).with("glass_height", frame.height(Line.GLASS))
                .with("rabbet_width", frame.width(Line.RABBET)).with("rabbet_height", frame.height(Line.RABBET))
                .note("most_lean").gives(Square.mostLean(frame.width(Line.GLASS), frame.height(Line.GLASS),
                        frame.width(Line.RABBET), frame.height(Line.RABBET)))));
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

    private List<Words> steps(Joint joint, Adhesive adhesive) {
        String glue = glueWords(adhesive);
        List<Words> steps = new ArrayList<>();
        boolean rabbetLater = frame.job().choices().rabbeting() != Rabbeting.BEFORE_MITRING
                || frame.job().outline().isCurved();
        if (!joined.isEmpty()) {
            steps.add(Words.of(
                    "close.scarfs",
                    Words.plain(joined.stream()
                            .map(member -> member.side().letters())
                            .collect(Collectors.joining(", "))),
                    adhesive.clamp()));
        }
        bars(steps, rabbetLater);
        steps.add(Words.of(
                frame.job().contents().layers().isEmpty() || rabbetLater ? "close.dry_fit_bare" : "close.dry_fit"));
        steps.add(Words.of("close.paper"));
        steps.add(Words.of("close.prepare." + glue));
        if (frame.job().section().recess() instanceof Recess.Slot && !frame.job().contents().layers().isEmpty()) {
            steps.add(Words.of("close.panel"));
        }
        boolean fits = joints.used().fits();
        if (!fits) {
            steps.addFirst(Words.of("close.joint_first", joint.kind()));
        }
        int atOnce = clamping(steps, joint, adhesive);
        if (fits) {
            steps.addAll(joint.whileClosed(frame));
        }
        if (frame.isFourSquare()) {
            steps.add(Words.of("close.diagonals"));
        } else if (frame.members().size() > 3) {
            steps.add(Words.of(frame.job().outline().isCurved() ? "close.checks_blanks" : "close.checks"));
        }
        steps.add(Words.of("close.squeeze_out." + glue));
        if (fits) {
            steps.addAll(joint.whenSet(adhesive));
        }
        findHurry(adhesive, (long) atOnce * MINUTES_A_JOINT + 3);
        return steps;
    }

    private void bars(List<Words> steps, boolean rabbetLater) {
        Section section = frame.job().section();
        if (frame.job().outline() instanceof Boxed.Window window && window.isCrossed()) {
            steps.add(Words.of("close.bars_cross", section.thickness().over(2)));
        }
        if (!frame.bars().isEmpty()) {
            steps.add(Words.of(
                    rabbetLater ? "close.bars_later" : "close.bars",
                    section.thickness().minus(section.recessDepth()),
                    section.lip(),
                    section.recessDepth()));
        }
    }

    /** Glues that are handled alike. */
    private static String glueWords(Adhesive adhesive) {
        return switch (adhesive) {
            case PVA, PVA_WATERPROOF -> "pva";
            case HIDE -> "hide";
            case POLYURETHANE -> "polyurethane";
            case EPOXY -> "epoxy";
        };
    }

    /** How the clamps close it; returns how many joints are closed at once. */
    private int clamping(List<Words> steps, Joint joint, Adhesive adhesive) {
        int band = shop.clamps(ClampKind.BAND, frame.around());
        int arms = shop.clamps(ClampKind.CROSSED_ARMS, frame.longSide());
        int vices = shop.clamps(ClampKind.CORNER_VICE, Length.ZERO);
        int corners = frame.members().size();
        boolean four = corners == 4 && frame.isFourSquare();
        if (!frame.isConvex()) {
            steps.add(Words.of("close.concave"));
            return closed(Closing.BY_HAND, 1);
        } else if (four && arms > 0) {
            steps.add(Words.of("close.crossed_arms"));
            return closed(Closing.CROSSED_ARMS, corners);
        } else if (band > 0) {
            steps.add(Words.of("close.band", corners));
            return closed(Closing.BAND, corners);
        } else if (four && vices >= 4) {
            steps.add(Words.of("close.four_vices"));
            return closed(Closing.FOUR_VICES, corners);
        } else if (vices >= 2 && (four || frame.members().stream().noneMatch(m -> m.curve().isPresent()))) {
            steps.add(Words.of(
                    four ? "close.halves" : corners == 3 ? "close.halves_three" : "close.halves_many",
                    adhesive.clamp()));
            return closed(Closing.HALVES, 2);
        } else if (four && vices == 1) {
            steps.add(Words.of("close.one_vice", adhesive.clamp()));
            return closed(Closing.ONE_VICE, 1);
        }
        steps.add(Words.of(four ? "close.block" : "close.many", adhesive.clamp()));
        if (!joint.isDriven()) {
            Finding finding = Finding.of(Severity.CAUTION, Station.GLUE_UP, "no_clamps");
            ledger.find(finding.remedy(Joints.ALL.stream()
                    .filter(Joint::isDriven)
                    .map(Joint::kind)
                    .filter(kind -> joints.option(kind).isGood())
                    .findFirst()
                    .<Remedy>map(kind ->
                            new Remedy.OnJob(Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind))))
                    .orElse(new Remedy.Visit(Station.GLUE_UP))));
        }
        return closed(Closing.BY_HAND, 1);
    }

    private int closed(Closing way, int atOnce) {
        closing = way;
        return atOnce;
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

    /** Whether a reading is so far off that nothing can be said of the frame before it is taken again. */
    private boolean findWrongReading() {
        Map<Tape, Length> measured = frame.job().measured();
        List<TapedFrame.Wrong> wrong = frame.isFourSquare() && measured.size() == Tape.values().length
                ? TapedFrame.wrong(measured, planned())
                : List.of();
        wrong.forEach(reading -> ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.GLUE_UP,
                        "reading_wrong",
                        Words.of("figure." + reading.tape().id()),
                        Known.in(measured, reading.tape()),
                        reading.implied())
                .by(reading.implied().minus(Known.in(measured, reading.tape())).abs())
                .remedy(new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain()))));
        return !wrong.isEmpty();
    }

    /** Whether the pane drops into the frame as measured: sides, diagonals and how far it may turn, all together. */
    private void judgePane(Optional<Square> square, Optional<Figure<Angle>> mostLean) {
        Map<Tape, Length> measured = frame.job().measured();
        if (measured.isEmpty() || !frame.isFourSquare() || !frame.has(Line.GLASS)) {
            return;
        }
        Map<Tape, Length> planned = planned();
        Map<Tape, Length> readings = new EnumMap<>(planned);
        readings.putAll(measured);
        if (!measured.containsKey(Tape.DIAGONAL_AC) || !measured.containsKey(Tape.DIAGONAL_BD)) {
            double wide = Known.in(readings, Tape.TOP).plus(Known.in(readings, Tape.BOTTOM)).over(2).toMm();
            double high = Known.in(readings, Tape.LEFT).plus(Known.in(readings, Tape.RIGHT)).over(2).toMm();
            readings.put(Tape.DIAGONAL_AC, measured.getOrDefault(Tape.DIAGONAL_AC, Length.mm(Math.hypot(wide, high))));
            readings.put(Tape.DIAGONAL_BD, measured.getOrDefault(Tape.DIAGONAL_BD, Length.mm(Math.hypot(wide, high))));
        }
        TapedFrame taped = TapedFrame.of(
                readings,
                Known.in(planned, Tape.TOP).toMm(),
                Known.in(planned, Tape.LEFT).toMm());
        double[] inset = Stream.of(Side.Name.TOP, Side.Name.RIGHT, Side.Name.BOTTOM, Side.Name.LEFT)
                .mapToDouble(name -> frame.member(name)
                        .section()
                        .face()
                        .minus(frame.job().section().lip())
                        .toMm())
                .toArray();
        Length width = frame.width(Line.GLASS);
        Length height = frame.height(Line.GLASS);
        Length spare = Length.mm(taped.spare(width.toMm(), height.toMm(), inset));
        ledger.enter(Figure.formula(PANE_SPARE)
                .with("glass_width", width)
                .with("glass_height", height)
                .note("pane_spare")
                .rounded(Rounding.DOWN)
                .gives(spare));
        if (spare.isNegative()) {
            boolean leans = square.isPresent()
                    && mostLean.isPresent()
                    && square.get().leaning().compareTo(mostLean.get().value()) > 0;
            Remedy again = new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain());
            ledger.find(
                    leans
                            ? Finding.of(
                                            Severity.STOP,
                                            Station.GLUE_UP,
                                            "glass_will_not_drop_in",
                                            square.get().leaning(),
                                            mostLean.get().value(),
                                            spare.abs())
                                    .by(spare.abs())
                                    .remedy(again)
                            : Finding.of(
                                            Severity.STOP,
                                            Station.GLUE_UP,
                                            "glass_too_large",
                                            spare.abs(),
                                            Rounding.DOWN.toWhole(width.plus(spare), FINE),
                                            Rounding.DOWN.toWhole(height.plus(spare), FINE))
                                    .by(spare.abs())
                                    .remedy(again));
        }
    }

    /** What the tape should read. */
    private Map<Tape, Length> planned() {
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Length across = Length.mm(Math.hypot(width.toMm(), height.toMm()));
        return new EnumMap<>(Map.of(
                Tape.TOP,
                width,
                Tape.BOTTOM,
                width,
                Tape.LEFT,
                height,
                Tape.RIGHT,
                height,
                Tape.DIAGONAL_AC,
                across,
                Tape.DIAGONAL_BD,
                across));
    }

    /** Sides that were not measured are taken as planned; without both diagonals nothing can be said. */
    private Optional<Square> square() {
        Job job = frame.job();
        Map<Tape, Length> measured = job.measured();
        if (!frame.isFourSquare()
                || !measured.containsKey(Tape.DIAGONAL_AC)
                || !measured.containsKey(Tape.DIAGONAL_BD)) {
            return Optional.empty();
        }
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Optional<Square> square = Square.of(
                measured.getOrDefault(Tape.TOP, width),
                measured.getOrDefault(Tape.RIGHT, height),
                measured.getOrDefault(Tape.BOTTOM, width),
                measured.getOrDefault(Tape.LEFT, height),
                measured.get(Tape.DIAGONAL_AC),
                measured.get(Tape.DIAGONAL_BD));
        if (square.isEmpty()) {
            ledger.find(Finding.of(Severity.STOP, Station.GLUE_UP, "cannot_close")
                    .remedy(new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain())));
        }
        return square;
    }

    private void judge(Square square) {
        ledger.enter(Figure.formula(LEAN)
                .with("diagonal_ac", Known.in(frame.job().measured(), Tape.DIAGONAL_AC))
                .with("diagonal_bd", Known.in(frame.job().measured(), Tape.DIAGONAL_BD))
                .note("lean")
                .gives(square.lean()));
        Remedy again = new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain());
        boolean acLong = square.difference().isPositive();
        if (!square.isSquare()) {
            ledger.enter(Figure.formula(PUSH).with("diagonal_difference", square.difference().abs())
                    .note("push").gives(square.difference().abs().over(2)));
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "out_of_square", acLong ? "A–C" : "B–D",
                    square.difference().abs(), square.leaning(), square.difference().abs().over(2))
                    .by(square.difference().abs()).remedy(again));
        }
        findUnlike(square.topBottom(), Axis.WIDTH, again);
        findUnlike(square.leftRight(), Axis.HEIGHT, again);
    }

    private void findUnlike(Length difference, Axis axis, Remedy again) {
        if (!Square.isAlike(difference)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "sides_not_alike", Words.of("pair." + axis.id()),
                    difference.abs(), Square.openCorner(difference)).by(difference.abs()).remedy(again));
        }
    }
}
