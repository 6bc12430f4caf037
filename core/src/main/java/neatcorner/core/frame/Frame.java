package neatcorner.core.frame;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.job.Axis;
import neatcorner.core.job.Entry;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Habits;
import neatcorner.core.job.Job;
import neatcorner.core.job.Line;
import neatcorner.core.job.Shop;
import neatcorner.core.job.Size;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Words;

/**
 * One frame worked out: its sizes at every line it has, and its members.
 *
 * @param job     what was wanted
 * @param habits  the shop's habits with the job's overrides
 * @param widths  at each line
 * @param heights at each line
 * @param members clockwise from the top
 */
public record Frame(Job job, Habits habits, Map<Line, Figure<Length>> widths, Map<Line, Figure<Length>> heights,
                    List<Member> members) {
    /** The corners are square in this frame. */
    private static final Angle INTERIOR = Angle.RIGHT;

    /**
     * Works a frame out and enters its figures.
     *
     * @throws ImpossibleFrame when the numbers leave no opening or reach past what can be made
     */
    public static Frame of(Job job, Shop shop, Ledger ledger) {
        Habits habits = shop.habits().over(job.overrides());
        Chain across = Chain.of(job, habits, Axis.WIDTH);
        Chain down = Chain.of(job, habits, Axis.HEIGHT);
        Map<Line, Figure<Length>> widths = sizes(job, across, Axis.WIDTH, ledger);
        Map<Line, Figure<Length>> heights = sizes(job, down, Axis.HEIGHT, ledger);
        enterGiven(job, habits, ledger);
        List<Member> members = List.of(Side.values()).stream()
                .map(side -> member(job, side, side.axis() == Axis.WIDTH ? across : down, ledger)).toList();
        return new Frame(job, habits, widths, heights, members);
    }

    private static Map<Line, Figure<Length>> sizes(Job job, Chain chain, Axis axis, Ledger ledger) {
        Map<Line, Figure<Length>> sizes = new EnumMap<>(Line.class);
        for (Line line : Line.values()) {
            if (!chain.has(line)) {
                continue;
            }
            Figure<Length> size = chain.walk(line.id(axis), line).result();
            if (size.value().isUnder(Size.LEAST)) {
                throw new ImpossibleFrame(Words.of("impossible.no_room", size.name(), size.value(), Size.LEAST));
            }
            boolean given = job.given(axis).line() == line;
            sizes.put(line, ledger.enter(Station.BRIEF, given ? Figure.given(size.id(), size.value()) : size));
        }
        return Collections.unmodifiableMap(sizes);
    }

    /** Everything that was said or is habit, so that it can be shown and selected like the rest. */
    private static void enterGiven(Job job, Habits habits, Ledger ledger) {
        for (Entry entry : Entry.of(job)) {
            String id = entry.id();
            if (id.startsWith("habit.") || id.startsWith("joint.") || Line.isSizeId(id)) {
                continue;
            }
            Figure<Length> figure = Figure.given(id, entry.read().apply(job));
            if (id.startsWith("layer.")) {
                int index = Integer.parseInt(id.substring("layer.".length())) - 1;
                figure = new Figure<>(id, Words.of("figure.layer.of", job.contents().layers().get(index).material()),
                        figure.value(), figure.rounding(), figure.origin(), figure.working());
            }
            ledger.enter(stationOf(id), figure);
        }
        for (Habit habit : Habit.values()) {
            ledger.enter(stationOf(habit.id()), Figure.said(habit.id(), habits.get(habit),
                    job.overrides().says(habit) ? Origin.GIVEN : Origin.HABIT));
        }
    }

    private static Station stationOf(String id) {
        return switch (id.substring(0, id.indexOf('.'))) {
            case "border" -> Station.BRIEF;
            case "measured" -> Station.GLUE_UP;
            case "habit" -> switch (id) {
                case "habit.kerf", "habit.end_trim", "habit.safe_hold" -> Station.CUTS;
                case "habit.point_spacing", "habit.wrap_fold", "habit.strainer_slack" -> Station.FIT;
                case "habit.centre_height" -> Station.HANG;
                case "habit.big_side" -> Station.CORNERS;
                case "habit.point_room", "habit.front_wood" -> Station.SECTION;
                default -> Station.BRIEF;
            };
            default -> Station.SECTION;
        };
    }

    private static Member member(Job job, Side side, Chain chain, Ledger ledger) {
        Section section = section(job, side);
        Mitre left = mitre(job, section, side.previous());
        Mitre right = mitre(job, section, side.next());
        String id = "member." + side.id();
        Figure<Length> longPoint = ledger.enter(Station.CUTS, chain.walk(id + ".long", Line.OUTSIDE).result());
        Figure<Length> shortPoint = ledger.enter(Station.CUTS, Figure.sum(id + ".short")
                .start("long_point", longPoint.value())
                .minus("setback_left", left.setback(), left.toEdge())
                .minus("setback_right", right.setback(), right.toEdge()).note("setback").result());
        if (!shortPoint.value().isPositive()) {
            throw new ImpossibleFrame(Words.of("impossible.short_point", shortPoint.name(), shortPoint.value()));
        }
        Length toRabbet = section.face().minus(section.lip());
        Figure<Length> rabbet = ledger.enter(Station.CUTS, Figure.sum(id + ".rabbet")
                .start("long_point", longPoint.value())
                .minus("rabbet_setback_left", left.setbackOver(toRabbet))
                .minus("rabbet_setback_right", right.setbackOver(toRabbet)).note("rabbet_setback").result());
        ledger.enter(Station.CUTS, Figure.formula(id + ".swing_left").with("face", section.width())
                .with("neighbour_face", section(job, side.previous()).width()).note("swing").gives(left.swing()));
        ledger.enter(Station.CUTS, Figure.formula(id + ".swing_right").with("face", section.width())
                .with("neighbour_face", section(job, side.next()).width()).note("swing").gives(right.swing()));
        return new Member(side, section, longPoint, shortPoint, rabbet, left, right);
    }

    private static Mitre mitre(Job job, Section section, Side neighbour) {
        return Mitre.between(section.width(), section(job, neighbour).width(), INTERIOR);
    }

    private static Section section(Job job, Side side) {
        return side == Side.BOTTOM ? job.section().withFace(job.faceOfBottom()) : job.section();
    }

    /** The size at a line; empty where this frame has no such line. */
    public Optional<Figure<Length>> size(Line line, Axis axis) {
        return Optional.ofNullable((axis == Axis.WIDTH ? widths : heights).get(line));
    }

    /** The width at a line this frame must have. */
    public Length width(Line line) {
        return size(line, Axis.WIDTH).orElseThrow().value();
    }

    /** The height at a line this frame must have. */
    public Length height(Line line) {
        return size(line, Axis.HEIGHT).orElseThrow().value();
    }

    /** Whether this frame has that line. */
    public boolean has(Line line) {
        return widths.containsKey(line);
    }

    /** The member on a side. */
    public Member member(Side side) {
        return members.get(side.ordinal());
    }

    /** The longer outside side. */
    public Length longSide() {
        return width(Line.OUTSIDE).max(height(Line.OUTSIDE));
    }

    /** The narrower of the faces. */
    public Length narrowFace() {
        return job.section().face().min(job.faceOfBottom());
    }

    /**
     * What two pieces side by side on a stick lose between their long points: the blade crosses the
     * outside edge aslant, so it takes more of it than its own thickness. Both slanted cuts fit in the
     * wider of the two, since they lean away from each other.
     */
    public Length kerfBetweenPieces() {
        Length kerf = habits.get(Habit.KERF);
        return members.stream().map(m -> m.left().kerfAlongEdge(kerf).max(m.right().kerfAlongEdge(kerf)))
                .max(Length::compareTo).orElseThrow();
    }
}
