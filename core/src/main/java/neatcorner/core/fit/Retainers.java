package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Contents;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Points that hold the package in the rabbet: one near each corner and none further from the next than the habit says.
 */
final class Retainers {
    private static final Length ALIKE = new Length(1000);
    private final Frame frame;
    private final Ledger ledger;

    Retainers(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    /** For every length of side; none where nothing is put in from behind. */
    List<FitPlan.Points> points(List<Pane> sheets) {
        Recess recess = frame.job().section().recess();
        if (frame.job().contents().layers().isEmpty()
                || frame.job().contents().keeper() != Contents.Keeper.POINTS
                || !frame.isWoodwork()
                || !(recess instanceof Recess.Covering)
                || recess instanceof Recess.Slot) {
            return List.of();
        }
        if (!frame.bars().isEmpty()) {
            return sheets.stream().limit(1).flatMap(pane -> Stream.of(
                    points("points.width", Words.of("pair.pane.width"), List.of(), pane.width().value()),
                    points("points.height", Words.of("pair.pane.height"), List.of(), pane.height().value()))).toList();
        }
        if (frame.isFourSquare()) {
            return Stream.of(Axis.values())
                    .map(axis -> points(
                            "points." + axis.id(),
                            Words.of("pair." + axis.id()),
                            frame.members().stream()
                                    .filter(m -> (axis == Axis.WIDTH)
                                            == (m.place().along().y() == 0))
                                    .toList()))
                    .toList();
        }
        Map<Length, List<Member>> alike = new LinkedHashMap<>();
        frame.members()
                .forEach(m -> alike.computeIfAbsent(
                                Rounding.NEAREST.toWhole(m.rabbet().value(), ALIKE), _ -> new ArrayList<>())
                        .add(m));
        return alike.values().stream()
                .map(group -> points(
                        "points." + group.getFirst().side().id(),
                        Words.plain(group.stream().map(m -> m.side().letters()).collect(Collectors.joining(", "))),
                        group))
                .toList();
    }

    private FitPlan.Points points(String id, Words name, List<Member> members) {
        return points(id, name, members, members.getFirst().rabbet().value());
    }

    private FitPlan.Points points(String id, Words name, List<Member> members, Length side) {
        Length spacing = frame.habits().get(Habit.POINT_SPACING);
        if (!members.isEmpty() && frame.members().size() > 4 && side.isUnder(spacing)) {
            // Around many short sides the neighbours hold too; two points would stand side by side.
            entered(FigureKey.count(Station.FIT, id + ".count"), "figure.points.count", name, side, new Count(1));
            return new FitPlan.Points(
                    name,
                    members,
                    1,
                    entered(
                            FigureKey.length(Station.FIT, id + ".first"),
                            "figure.points.first",
                            name,
                            side,
                            side.over(2)),
                    entered(
                            FigureKey.length(Station.FIT, id + ".apart"),
                            "figure.points.apart",
                            name,
                            side,
                            Length.ZERO));
        }
        Length first = spacing.over(2).min(side.over(4));
        Length between = side.minus(first.times(2));
        int each = (int) Math.ceil(between.ratio(spacing) - 1e-9) + 1;
        entered(FigureKey.count(Station.FIT, id + ".count"), "figure.points.count", name, side, new Count(each));
        return new FitPlan.Points(
                name,
                members,
                each,
                entered(FigureKey.length(Station.FIT, id + ".first"), "figure.points.first", name, side, first),
                entered(
                        FigureKey.length(Station.FIT, id + ".apart"),
                        "figure.points.apart",
                        name,
                        side,
                        between.over(each - 1.0)));
    }

    private <Q extends Quantity> Figure<Q> entered(FigureKey<Q> key, String words, Words name, Length side, Q value) {
        return ledger.enter(Figure.formula(key).named(Words.of(words, name)).with("side", side)
                .note("points", frame.habits().get(Habit.POINT_SPACING)).gives(value));
    }
}
