package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.ClampKind;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Shop;
import neatcorner.core.job.Station;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Words;

/** Plans the glue-up and judges the glued frame. */
public final class GluePlanner {
    /** Newtons on a square millimetre in 1 psi. */
    private static final double PSI = 0.006894757;
    /** Minutes to spread and close one mitred joint by hand; common practice, no source. */
    private static final int MINUTES_A_JOINT = 1;
    private final Frame frame;
    private final Shop shop;
    private final Ledger ledger;

    private GluePlanner(Frame frame, Shop shop, Ledger ledger) {
        this.frame = frame;
        this.shop = shop;
        this.ledger = ledger;
    }

    /** The glue-up of a frame whose corners are joined in this way. */
    public static GluePlan plan(Frame frame, JointKind joint, Shop shop, Ledger ledger) {
        return new GluePlanner(frame, shop, ledger).plan(joint);
    }

    private GluePlan plan(JointKind joint) {
        ledger.warn(Safety.ADHESIVE);
        Adhesive adhesive = frame.job().choices().adhesive();
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        List<Figure<Length>> checks = frame.isFourSquare() ? List.of(ledger.enter(Station.GLUE_UP, Figure.formula("glue.diagonal")
                .with("outside_width", width).with("outside_height", height).note("diagonal")
                .gives(Length.mm(Math.hypot(width.toMm(), height.toMm()))))) : checks();
        Section section = frame.job().section();
        double stretch = frame.members().stream().map(Member::left).mapToDouble(cut -> cut.length().ratio(cut.face())).max().orElseThrow();
        double area = section.areaMm2() * stretch;
        boolean hard = section.species().isHardwood();
        List<Words> times = new ArrayList<>(List.of(Words.of("glue.open", adhesive.open()), Words.of("glue.clamp", adhesive.clamp()),
                Words.of("glue.cure", adhesive.cure()), Words.of("glue.temperature", adhesive.leastTemperature(),
                        Math.round(adhesive.leastTemperature() * 1.8 + 32))));
        if (adhesive.isWaterproof()) {
            times.add(Words.of("glue.waterproof"));
        }
        Optional<Figure<Angle>> mostLean = mostLean();
        Optional<Square> square = square();
        square.ifPresent(s -> judge(s, mostLean));
        return new GluePlan(adhesive, List.copyOf(times), steps(joint, adhesive), checks,
                squeeze("glue.squeeze_least", area, hard ? 175 : 100), squeeze("glue.squeeze_most", area, hard ? 250 : 150),
                square, mostLean);
    }

    /** Corner to corner across, from each corner to the one half way round; enough to hold any shape. */
    private List<Figure<Length>> checks() {
        List<Member> members = frame.members();
        List<Figure<Length>> checks = new ArrayList<>();
        List<Point> corners = frame.corners();
        int half = members.size() / 2;
        for (int i = 0; i < (members.size() % 2 == 0 ? half : members.size()) && members.size() > 3; i++) {
            int other = (i + half) % members.size();
            String from = members.get(i).side().from();
            String to = members.get(other).side().from();
            checks.add(ledger.enter(Station.GLUE_UP, Figure.formula("glue.check_" + (i + 1)).named(Words.of("figure.glue.check", from, to))
                    .note("check").gives(Length.mm(corners.get(i).to(corners.get(other))))));
        }
        return List.copyOf(checks);
    }

    private Figure<Force> squeeze(String id, double areaMm2, int psi) {
        return ledger.enter(Station.GLUE_UP, Figure.formula(id).note("squeeze", psi, Math.round(areaMm2))
                .gives(new Force(areaMm2 * psi * PSI)));
    }

    private Optional<Figure<Angle>> mostLean() {
        if (!frame.has(Line.GLASS) || !frame.isFourSquare()) {
            return Optional.empty();
        }
        return Optional.of(ledger.enter(Station.GLUE_UP, Figure.formula("glue.most_lean")
                .with("glass_width", frame.width(Line.GLASS)).with("glass_height", frame.height(Line.GLASS))
                .with("rabbet_width", frame.width(Line.RABBET)).with("rabbet_height", frame.height(Line.RABBET))
                .note("most_lean").gives(Square.mostLean(frame.width(Line.GLASS), frame.height(Line.GLASS),
                        frame.width(Line.RABBET), frame.height(Line.RABBET)))));
    }

    private List<Words> steps(JointKind joint, Adhesive adhesive) {
        if (joint == JointKind.SOLID) {
            return List.of(Words.of("close.one_piece"));
        }
        List<Words> steps = new ArrayList<>();
        steps.add(Words.of("close.dry_fit"));
        steps.add(Words.of("close.paper"));
        steps.add(Words.of("close.size"));
        int band = shop.clamps(ClampKind.BAND, frame.around());
        int arms = shop.clamps(ClampKind.CROSSED_ARMS, frame.longSide());
        int vices = shop.clamps(ClampKind.CORNER_VICE, Length.ZERO);
        int corners = frame.members().size();
        boolean four = corners == 4;
        int atOnce = corners;
        if (!frame.isConvex()) {
            atOnce = 1;
            steps.add(Words.of("close.concave"));
        } else if (four && arms > 0) {
            steps.add(Words.of("close.crossed_arms"));
        } else if (band > 0) {
            steps.add(Words.of("close.band"));
        } else if (four && vices >= 4) {
            steps.add(Words.of("close.four_vices"));
        } else if (vices >= 2) {
            atOnce = 2;
            steps.add(Words.of(four ? "close.halves" : "close.halves_many", adhesive.clamp()));
        } else if (four && vices == 1) {
            atOnce = 1;
            steps.add(Words.of("close.one_vice", adhesive.clamp()));
        } else {
            atOnce = 1;
            steps.add(Words.of(four ? "close.block" : "close.many", adhesive.clamp()));
            if (joint != JointKind.PINNED && joint != JointKind.V_FASTENED) {
                ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "no_clamps")
                        .remedy(new Remedy.OnJob(Words.of("remedy.joint", JointKind.PINNED),
                                new Edit.ChooseJoint(Optional.of(JointKind.PINNED)))));
            }
        }
        if (joint == JointKind.PINNED || joint == JointKind.V_FASTENED) {
            steps.add(Words.of("close.fasten." + joint.name().toLowerCase(Locale.ROOT)));
        }
        steps.add(Words.of(frame.isFourSquare() ? "close.diagonals" : "close.checks"));
        steps.add(Words.of("close.squeeze_out"));
        if (joint == JointKind.SPLINED) {
            steps.add(Words.of("close.splines", adhesive.clamp()));
        }
        long needed = (long) atOnce * MINUTES_A_JOINT + 3;
        if (needed > adhesive.open().toMinutes()) {
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "open_time_short", adhesive, adhesive.open(), needed)
                    .remedy(new Remedy.OnJob(Words.of("remedy.adhesive", Adhesive.PVA), new Edit.ChooseAdhesive(Adhesive.PVA))));
        }
        return steps;
    }

    /** Sides that were not measured are taken as planned; without both diagonals nothing can be said. */
    private Optional<Square> square() {
        Job job = frame.job();
        Map<Tape, Length> measured = job.measured();
        if (!frame.isFourSquare() || !measured.containsKey(Tape.DIAGONAL_AC) || !measured.containsKey(Tape.DIAGONAL_BD)) {
            return Optional.empty();
        }
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Optional<Square> square = Square.of(measured.getOrDefault(Tape.TOP, width), measured.getOrDefault(Tape.RIGHT, height),
                measured.getOrDefault(Tape.BOTTOM, width), measured.getOrDefault(Tape.LEFT, height),
                measured.get(Tape.DIAGONAL_AC), measured.get(Tape.DIAGONAL_BD));
        if (square.isEmpty()) {
            ledger.find(Finding.of(Severity.STOP, Station.GLUE_UP, "cannot_close")
                    .remedy(new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain())));
        }
        return square;
    }

    private void judge(Square square, Optional<Figure<Angle>> mostLean) {
        ledger.enter(Station.GLUE_UP, Figure.formula("glue.lean")
                .with("diagonal_ac", frame.job().measured().get(Tape.DIAGONAL_AC))
                .with("diagonal_bd", frame.job().measured().get(Tape.DIAGONAL_BD)).note("lean").gives(square.lean()));
        Remedy again = new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain());
        boolean acLong = square.difference().isPositive();
        if (!square.isSquare()) {
            ledger.enter(Station.GLUE_UP, Figure.formula("glue.push").with("diagonal_difference", square.difference().abs())
                    .note("push").gives(square.difference().abs().over(2)));
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "out_of_square", acLong ? "A–C" : "B–D",
                    square.difference().abs(), square.leaning(), square.difference().abs().over(2))
                    .by(square.difference().abs()).remedy(again));
        }
        mostLean.filter(most -> square.leaning().compareTo(most.value()) > 0).ifPresent(most ->
                ledger.find(Finding.of(Severity.STOP, Station.GLUE_UP, "glass_will_not_drop_in",
                        square.leaning(), most.value())
                        .by(square.leaning().minus(most.value())).remedy(again)));
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
