package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Splines across a corner of angle θ that stands in a cradle of that angle. A slot of height h above
 * the corner's tip takes away a triangle with base 2·h·tan(θ/2). The rabbet corner lies
 * (sum of both backs) / (2·sin(θ/2)) above the tip, the sight corner likewise with the faces; there
 * the slot begins to show. At a square corner with equal faces that is back·√2 and face·√2, and the
 * base is 2·h.
 */
public final class Splines {
    /** How deep the slot is above the corner's tip. */
    public static final FigureKey<Length> HEIGHT = new FastenerKey("joint.slot_height");

    /** How wide the slot is. */
    public static final FigureKey<Length> WIDTH = FigureKey.length(Station.CORNERS, "joint.slot_width");

    private static final Length CLEAR = Length.inches(0, 3, 16);
    private static final Length LEAST = Length.inches(0, 1, 4);
    private final Frame frame;
    private final Ledger ledger;

    Splines(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    Fitted fitted(Optional<Length> wish) {
        Section section = frame.job().section();
        if (!frame.isConvex()) {
            return Fitted.not(JointKind.SPLINED, Words.of("obstacle.spline_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(JointKind.SPLINED, Words.of("obstacle.spline_curved"));
        }
        if (!frame.job().lean().isFlat()) {
            return Fitted.not(JointKind.SPLINED, Words.of("obstacle.spline_lean"));
        }
        Angle flattest = frame.angles().stream().max(Comparator.naturalOrder()).orElseThrow();
        Length high = section.edgeHeight();
        Length width = frame.habits().get(Habit.KERF).max(Length.inches(0, 1, 16));
        int count = high.isUnder(Length.inches(0, 7, 8)) ? 1 : high.isUnder(Length.inches(2)) ? 2 : 3;
        if (width.times(3).isOver(high)) {
            return Fitted.not(JointKind.SPLINED, Words.of("obstacle.spline_thin", high, width));
        }
        Length lowest = high.over(count + 1.0);
        boolean inRabbet = lowest.minus(width.over(2)).isUnder(section.recessDepth()) && section.lip().isPositive();
        Length lip = inRabbet ? section.lip() : Length.ZERO;
        Length reach = reach(lip);
        Length off = OuterShaping.of(frame).map(OuterShaping::offMitre).orElse(Length.ZERO);
        Length height = wish.orElse(reach.minus(CLEAR).min(off.plus(reach.minus(off).times(0.45))));
        if (height.isUnder(LEAST)) {
            return Fitted.not(JointKind.SPLINED, Words.of("obstacle.spline_no_room", reach, LEAST));
        }
        List<Words> obstacles = new ArrayList<>();
        if (height.isUnder(off.plus(LEAST))) {
            obstacles.add(Words.of("obstacle.spline_sawn_off", off, height, LEAST));
        }
        if (!height.isUnder(reach)) {
            obstacles.add(Words.of(inRabbet ? "obstacle.spline_in_rabbet" : "obstacle.spline_at_sight",
                    height, reach, height.minus(reach)));
        }
        List<Figure<Length>> settings = new ArrayList<>();
        Figure.Formula<Length> deep = Figure.formula(HEIGHT)
                .with(inRabbet ? "reach_rabbet" : "reach_sight", reach)
                .with("clear", CLEAR);
        if (off.isPositive()) {
            deep.with("sawn_off_tip", off);
        }
        settings.add(ledger.enter(deep.note(off.isPositive() ? "slot_height_sawn" : "slot_height")
                .rounded(Rounding.DOWN)
                .gives(height)));
        settings.add(ledger.enter(Figure.formula(WIDTH)
                .with("kerf", width)
                .note("slot_width")
                .gives(width)));
        settings.add(ledger.enter(Figure.formula(FigureKey.length(Station.CORNERS, "joint.slot_clear"))
                .with(inRabbet ? "reach_rabbet" : "reach_sight", reach)
                .with("slot_height", height)
                .gives(reach.minus(height))));
        settings.add(ledger.enter(Figure.formula(FigureKey.length(Station.CORNERS, "joint.key_length"))
                .with("slot_height", height)
                .with("corner_angle", flattest)
                .note("key_length")
                .rounded(Rounding.UP)
                .gives(height.times(2 * Math.tan(flattest.radians() / 2)))));
        double[] room = room(height);
        count = beside(count, width, Length.mm(room[1] - room[0]));
        if (Length.mm(room[1] - room[0]).isUnder(width.times(3))) {
            obstacles.add(Words.of("obstacle.spline_profile", height, Length.mm(room[1] - room[0]), width.times(3)));
        }
        Length low = Length.mm(room[0]);
        Length tall = Length.mm(room[1]).minus(low);
        for (int i = 1; i <= count; i++) {
            settings.add(ledger.enter(Figure.formula(level(i)).with("slot_room", tall).with("slot_room_from", low)
                    .note("slot_level").gives(low.plus(tall.times((double) i / (count + 1))))));
        }
        return new Fitted(JointKind.SPLINED, settings, count, obstacles, Angle.RIGHT);
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

    /** How far up from the back a slot lies, from 1. */
    public static FigureKey<Length> level(int number) {
        return FigureKey.length(Station.CORNERS, "joint.slot_level_" + number);
    }
}
