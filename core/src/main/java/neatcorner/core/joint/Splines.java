package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;

/**
 * Splines across a corner of angle θ that stands in a cradle of that angle. A slot of height h above
 * the corner's tip takes away a triangle with base 2·h·tan(θ/2). The rabbet corner lies
 * (sum of both backs) / (2·sin(θ/2)) above the tip, the sight corner likewise with the faces; there
 * the slot begins to show. At a square corner with equal faces that is back·√2 and face·√2, and the
 * base is 2·h.
 */
final class Splines {
    private static final Length CLEAR = Length.inches(0, 3, 16);
    private static final Length LEAST = Length.inches(0, 1, 4);
    /** A key is planed so much fatter than its slot and sanded to a push fit. Common practice, no source. */
    private static final Length FAT = Length.mm(0.1);
    private final Slot slot;
    private final Frame frame;
    private final Ledger ledger;

    Splines(Slot slot, Frame frame, Ledger ledger) {
        this.slot = slot;
        this.frame = frame;
        this.ledger = ledger;
    }

    Fitted fitted(Optional<Length> wish) {
        Section section = frame.job().section();
        if (!frame.isConvex()) {
            return Fitted.not(slot.kind(), Words.of("obstacle.spline_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(slot.kind(), Words.of("obstacle.spline_curved"));
        }
        if (!frame.job().lean().isFlat()) {
            return Fitted.not(slot.kind(), Words.of("obstacle.spline_lean"));
        }
        Angle flattest = frame.angles().stream().max(Comparator.naturalOrder()).orElseThrow();
        Length high = section.edgeHeight();
        Optional<Slot.Tool> tool = slot.tool(frame);
        if (tool.isEmpty()) {
            return Fitted.not(
                    slot.kind(),
                    Words.of(
                            "obstacle.spline_thin",
                            section.edgeHeight(),
                            slot.tools(frame).getFirst().width()));
        }
        return fitted(tool.get(), wish);
    }

    private Fitted fitted(Slot.Tool tool, Optional<Length> wish) {
        Section section = frame.job().section();
        Length high = section.edgeHeight();
        int wanted = high.isUnder(Length.inches(0, 7, 8)) ? 1 : high.isUnder(Length.inches(2)) ? 2 : 3;
        Length lowest = high.over(wanted + 1.0);
        boolean inRabbet =
                lowest.minus(tool.width().over(2)).isUnder(section.recessDepth()) && section.lip().isPositive();
        Length reach = reach(inRabbet ? section.lip() : Length.ZERO);
        Length off = OuterShaping.of(frame).map(OuterShaping::offMitre).orElse(Length.ZERO);
        Length usual = reach.minus(CLEAR).min(off.plus(reach.minus(off).times(0.45)));
        Length height = wish.orElse(tool.most().map(usual::min).orElse(usual));
        if (height.isUnder(LEAST)) {
            return Fitted.not(slot.kind(), Words.of("obstacle.spline_no_room", reach, LEAST));
        }
        List<Words> obstacles = new ArrayList<>();
        if (height.isUnder(off.plus(LEAST))) {
            obstacles.add(Words.of("obstacle.spline_sawn_off", off, height, LEAST));
        }
        if (!height.isUnder(reach)) {
            obstacles.add(Words.of(
                    inRabbet ? "obstacle.spline_in_rabbet" : "obstacle.spline_at_sight",
                    height,
                    reach,
                    height.minus(reach)));
        }
        tool.most()
                .filter(height::isOver)
                .ifPresent(most ->
                        obstacles.add(Words.of("obstacle.spline_tool", height, most, height.minus(most))));
        double[] heights = room(height);
        Length room = Length.mm(heights[1] - heights[0]);
        Length needed = tool.width().times(Slot.OF_EDGE);
        if (room.isUnder(needed)) {
            obstacles.add(Words.of("obstacle.spline_profile", height, room, needed));
        }
        int count = beside(wanted, tool.width(), room);
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(deep(height, inRabbet, reach, off));
        settings.add(wide(tool));
        Length floor = frame.habits().get(Habit.CRADLE_FLOOR);
        if (slot.isInCradle() && floor.isPositive()) {
            settings.add(ledger.enter(Figure.sum(slot.key("slot_over_table"))
                    .named(Words.of("figure.joint.slot_over_table." + (slot == Slot.DOVETAIL ? "bit" : "blade")))
                    .start("slot_height", height)
                    .plus("cradle_floor", floor)
                    .result()));
        }
        settings.add(ledger.enter(Figure.formula(slot.key("slot_clear"))
                .named(Slot.words("slot_clear"))
                .with(inRabbet ? "reach_rabbet" : "reach_sight", reach)
                .with("slot_height", height)
                .gives(reach.minus(height))));
        settings.addAll(key(tool, height));
        for (int i = 1; i <= count; i++) {
            settings.add(ledger.enter(Figure.formula(slot.level(i))
                    .named(Slot.words("slot_level_" + i))
                    .with("slot_room", room)
                    .with("slot_room_from", Length.mm(heights[0]))
                    .note("slot_level")
                    .gives(Length.mm(heights[0]).plus(room.times((double) i / (count + 1))))));
        }
        return new Fitted(slot.kind(), settings, count, obstacles, Angle.RIGHT);
    }

    private Figure<Length> deep(Length height, boolean inRabbet, Length reach, Length off) {
        Figure.Formula<Length> deep = Figure.formula(slot.height())
                .with(inRabbet ? "reach_rabbet" : "reach_sight", reach)
                .with("clear", CLEAR);
        if (off.isPositive()) {
            deep.with("sawn_off_tip", off);
        }
        slot.tool(frame).flatMap(Slot.Tool::most).ifPresent(most -> deep.with("slot_tool_reach", most));
        return ledger.enter(deep.note(off.isPositive() ? "slot_height_sawn" : "slot_height")
                .rounded(Rounding.DOWN)
                .gives(height));
    }

    private Figure<Length> wide(Slot.Tool tool) {
        return ledger.enter(Figure.formula(slot.width())
                .named(Slot.words(slot == Slot.DOVETAIL ? "slot_width_dovetail" : "slot_width"))
                .with(slot.isBySaw() ? "kerf" : "slot_tool_wide", tool.width())
                .note(slot.isBySaw() ? "slot_width" : "slot_width_tool")
                .gives(tool.width()));
    }

    /** How a key is prepared: how thick, and how long. */
    private List<Figure<Length>> key(Slot.Tool tool, Length height) {
        Angle flattest = frame.angles().stream().max(Comparator.naturalOrder()).orElseThrow();
        return List.of(
                ledger.enter(Figure.sum(slot.key("key_thick"))
                        .named(Slot.words(slot == Slot.DOVETAIL ? "key_thick_dovetail" : "key_thick"))
                        .start("slot_width", tool.width())
                        .plus("key_fat", FAT)
                        .result()),
                ledger.enter(Figure.formula(slot.key("key_length"))
                        .named(Slot.words("key_length"))
                        .with("slot_height", height)
                        .with("corner_angle", flattest)
                        .note("key_length")
                        .rounded(Rounding.UP)
                        .gives(height.times(2 * Math.tan(flattest.radians() / 2)))));
    }

    /** So many that wood as thick as half a slot stays between two of them, and one at least. */
    private static int beside(int wanted, Length width, Length room) {
        int count = wanted;
        while (count > 1 && room.over(count + 1.0).isUnder(width.times(1.5))) {
            count--;
        }
        return count;
    }

    /**
     * The heights over the back between which slots of this height are in wood all over, at every corner and
     * on both sides: a slot reaches inwards by its height along the joint times the sine of the cut.
     */
    private double[] room(Length height) {
        List<double[]> rooms = List.of(new double[] {-1e9, 1e9});
        for (Meeting meeting : Meeting.of(frame)) {
            for (Meeting.Way way : meeting.ways()) {
                double phi = way.cut().toEdge().radians();
                double along = height.toMm() / Math.cos(phi - meeting.angle().radians() / 2);
                Section section = way.from().section();
                double face = section.face().toMm();
                rooms = PinPath.both(rooms, section.wood().rooms(face - Math.min(face, along * Math.sin(phi)), face));
            }
        }
        return PinPath.tallest(rooms);
    }

    /** The least height at any corner at which a slot shows inside, with this much of each face left out. */
    private Length reach(Length lip) {
        List<Member> members = frame.members();
        List<Angle> angles = frame.angles();
        Length least = Length.mm(1e6);
        for (int i = 0; i < members.size(); i++) {
            Member before = members.get((i + members.size() - 1) % members.size());
            Length both = members.get(i).section().face().plus(before.section().face()).minus(lip.times(2));
            least = least.min(both.over(2 * Math.sin(angles.get(i).radians() / 2)));
        }
        return least;
    }
}
