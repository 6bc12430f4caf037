package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Trim;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Screw;

/** What is done at the glue-up, in the order that hands can follow. */
final class CloseSteps {
    /** With less in the end of a bar a screw holds nothing. Common practice, no source. */
    private static final Length LEAST_IN_END = Length.inches(1);
    /** A screw goes so far into the end of a bar. Common practice, no source. */
    private static final Length INTO_END = Length.inches(1, 1, 2);
    /** With more sides a panel goes in before the last joints, not before the fourth corner. */
    private static final int FOUR = 4;

    private final Frame frame;
    private final Closing closing;
    private final Joint joint;
    private final boolean fits;
    private final Adhesive adhesive;
    private final List<Member> joined;
    private final boolean rabbetLater;
    private final List<Words> steps = new ArrayList<>();

    /**
     * The steps of one glue-up.
     *
     * @param used   the joint of the corners, and whether it can be cut in this frame
     * @param joined the sides that are first put together from several lengths
     */
    CloseSteps(Frame frame, Closing closing, JointOption used, List<Member> joined) {
        this.frame = frame;
        this.closing = closing;
        this.joint = Joints.of(used.kind());
        this.fits = used.fits();
        this.adhesive = frame.job().choices().adhesive();
        this.joined = joined;
        this.rabbetLater = frame.job().rabbeting() != Rabbeting.BEFORE_MITRING
                || frame.job().outline().isCurved();
    }

    List<Words> inOrder() {
        if (!fits) {
            add("close.joint_first", joint.kind());
        }
        prepare();
        clamp();
        measure();
        cross();
        // Pins and fasteners hold a corner where it is: only what was measured is driven together.
        if (fits) {
            steps.addAll(joint.whileClosed(frame));
        }
        add("close.squeeze_out." + glueWords());
        if (fits) {
            steps.addAll(joint.whenSet(adhesive));
        }
        frame.job().body().trim().ifPresent(this::bent);
        return List.copyOf(steps);
    }

    /** Over the frame's own curve, which is their form. */
    private void bent(Trim trim) {
        add("close.bent_fair");
        add("close.bent_dry", trim.strips());
        add("close.bent_glue." + (trim.strips() == 1 ? "one" : "many"), adhesive);
        add(trim.beyond().isPositive() ? "close.bent_down_ends" : "close.bent_down", trim.beyond());
        add("close.bent_clean");
        add(trim.proud().isPositive() ? "close.bent_ends_proud" : "close.bent_ends_level", trim.beyond(), trim.proud());
    }

    private void measure() {
        if (frame.isFourSquare()) {
            add("close.diagonals");
        } else if (frame.members().size() > 3) {
            add(frame.job().outline().isCurved() ? "close.checks_blanks" : "close.checks");
        }
    }

    private void add(String key, Object... arguments) {
        steps.add(Words.of(key, arguments));
    }

    private void prepare() {
        if (frame.job().body().panel().filter(panel -> panel.species().stuff().isGrown()).isPresent()) {
            add("close.panel_finish");
        }
        boolean nothingIn = frame.job().contents().layers().isEmpty()
                || frame.job().section().recess().isWall();
        if (!joined.isEmpty()) {
            String sides =
                    joined.stream().map(member -> member.side().letters()).collect(Collectors.joining(", "));
            add("close.scarfs", Words.plain(sides), adhesive.clamp());
        }
        bars();
        add(nothingIn || rabbetLater ? "close.dry_fit_bare" : "close.dry_fit");
        add("close.paper");
        prepareJoints();
        if (!frame.slats().isEmpty()) {
            add("close.slats");
        }
        if (frame.job().body().panel().isPresent()) {
            add(frame.isSquared() ? "close.leaf_panel_square" : "close.panel");
        }
        if (frame.job().section().recess() instanceof Recess.Slot && !nothingIn) {
            String panels = frame.job().section().backGroove().isPresent() ? "close.panels" : "close.panel";
            add(frame.members().size() > FOUR ? panels + "_many" : panels);
        }
    }

    /** Bars across are put in while the frame is still closed by its clamps. */
    private void cross() {
        if (!frame.cross().isEmpty()) {
            CrossBars bars = frame.job().body().cross();
            if (bars.isCrossed()) {
                add("close.bars_cross", frame.job().section().thickness().over(2));
            }
            Words screws = frame.screw(Screw.EIGHT);
            Words reach = intoEnds();
            if (bars.atWire()) {
                add("close.cross_bar_wire", middle(frame.cross().getFirst()), screws, reach);
            } else {
                add(frame.job().isStretcher() ? "close.cross_bars_cloth" : "close.cross_bars", screws, reach);
            }
        }
    }

    /** Screws through the widest side, sunk in it where none at hand is long enough. */
    private Words intoEnds() {
        Length face = frame.members().stream()
                .map(member -> member.section().face())
                .reduce(Length::max)
                .orElseThrow();
        Length screw = frame.longestScrew(face.plus(INTO_END));
        Length sunk = face.plus(LEAST_IN_END).minus(screw);
        return sunk.isPositive() ? Words.of("screws.sunk", screw, sunk) : Words.of("screws.long", screw);
    }

    /** How far a level bar's middle lies below the outside of the top. */
    private static Length middle(Member bar) {
        return Length.mm(bar.outline().stream()
                .mapToDouble(Point::y)
                .average()
                .orElseThrow());
    }

    /** Flat sides want glue all over, ends want it twice. */
    private void prepareJoints() {
        Optional<SquareCorner> square = frame.job().squared().map(Construction.Squared::corner);
        if (square.filter(SquareCorner::isLap).isPresent()) {
            add("close.prepare_lap." + glueWords());
        } else if (square.isPresent()) {
            add("close.prepare_end." + glueWords());
        } else if (!joint.isSized()) {
            add("close.prepare_plain");
        } else {
            add("close.prepare." + glueWords());
        }
    }

    private void bars() {
        Section section = frame.job().section();
        if (frame.job().outline() instanceof Boxed.Window window && window.isCrossed()) {
            add("close.bars_cross", section.thickness().over(2));
        }
        if (!frame.bars().isEmpty()) {
            add(
                    rabbetLater ? "close.bars_later" : "close.bars",
                    section.thickness().minus(section.recessDepth()),
                    section.lip(),
                    section.recessDepth());
        }
    }

    /** Glues that are handled alike. */
    private String glueWords() {
        return adhesive.like().name().toLowerCase(Locale.ROOT);
    }

    private void clamp() {
        int corners = frame.members().size();
        boolean four = corners == 4 && frame.isFourSquare();
        switch (closing) {
            case CROSSED_ARMS -> add("close.crossed_arms");
            case BAND -> add("close.band", corners);
            case FOUR_VICES -> add("close.four_vices");
            case HALVES ->
                add(
                        four ? "close.halves" : corners == 3 ? "close.halves_three" : "close.halves_many",
                        adhesive.clamp());
            case ONE_VICE -> add("close.one_vice", adhesive.clamp());
            case BY_HAND -> {
                if (frame.isConvex()) {
                    add(four ? "close.block" : "close.many", adhesive.clamp());
                } else {
                    add("close.concave");
                }
            }
            case BARS, WEDGES -> {
                SquareCorner corner = frame.job().squared().orElseThrow().corner();
                add(closing == Closing.BARS ? "close.bars_across" : "close.wedges");
                if (corner.isLap()) {
                    add(corner == SquareCorner.BRIDLED ? "close.press_bridles" : "close.press_laps");
                }
            }
            case FLAT_BOARD -> add("close.flat_board");
            case FITTED, NOTHING -> {
            }
        }
    }
}
