package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Scarf;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;

/** What strips some jobs want, with what cannot be sawn from a board at all. */
final class Demand {
    /** More parts glued to one strip are a panel, which is not sawn from a list. */
    private static final int MOST_GLUED = 12;
    private final Habits habits;
    private final Predicate<Wanted> isWanted;
    private final Function<Wanted, Optional<Length>> longest;
    private final List<Wanted> wanted = new ArrayList<>();
    private final List<Milling.Missing> missing = new ArrayList<>();

    private Demand(Habits habits, Function<Wanted, Optional<Length>> longest, Predicate<Wanted> isWanted) {
        this.habits = habits;
        this.isWanted = isWanted;
        this.longest = longest;
    }

    /**
     * Of every frame of these orders.
     *
     * @param habits  of the shop
     * @param longest blank that boards give of a strip's width and thickness; empty when there is no such board
     * @param isWanted which of their strips, before they are scarfed or glued up
     */
    static Demand of(
            List<Lots.Order> orders,
            Habits habits,
            Function<Wanted, Optional<Length>> longest,
            Predicate<Wanted> isWanted) {
        Demand demand = new Demand(habits, longest, isWanted);
        for (Lots.Order order : orders) {
            List<Member> members = order.frame().pieces().toList();
            for (int n = 1; n <= order.frame().job().copies(); n++) {
                for (int place = 0; place < members.size(); place++) {
                    demand.member(order, members.get(place), n, place);
                }
            }
        }
        return demand;
    }

    List<Wanted> wanted() {
        return wanted;
    }

    List<Milling.Missing> missing() {
        return missing;
    }

    private void member(Lots.Order order, Member member, int number, int place) {
        Section section = member.section();
        boolean curved = member.curve().isPresent();
        List<Strip> strips = curved ? section.strips() : member.stock().strips();
        for (int i = 0; i < strips.size(); i++) {
            Strip strip = strips.get(i);
            if (!strip.species().stuff().isGrown()) {
                // No board gives it.
                continue;
            }
            strip(
                    order,
                    member,
                    number,
                    place,
                    new Wanted.Part(i + 1, strips.size()),
                    curved ? strip.withWidth(member.stock().face()) : strip);
        }
        if (section.band().filter(band -> band.species().stuff().isGrown()).isPresent()) {
            Strip band = section.band().get().strip();
            if (curved) {
                // A band round a curve is bent or laminated from veneer, not sawn.
                missing.add(new Milling.Missing(
                        part(order, member, number, 0, member.overall(), new Wanted.Part(0, strips.size()), band),
                        Milling.BENT));
            } else {
                strip(order, member, number, place, new Wanted.Part(0, strips.size()), band);
            }
        }
    }

    private void strip(Lots.Order order, Member member, int number, int place, Wanted.Part part, Strip strip) {
        Wanted whole = part(order, member, number, 0, member.overall(), part, strip);
        if (order.frame().job().choices().cutting().milled().contains(whole.strip()) || !isWanted.test(whole)) {
            return;
        }
        Optional<Length> blank = longest.apply(whole);
        Length most = blank.map(length -> length.minus(whole.over())).orElse(Length.ZERO);
        boolean mayBeJoined = most.isPositive() && member.curve().isEmpty() && !order.frame().isSolid();
        Optional<List<Scarf>> joined = whole.length().isOver(most) && mayBeJoined
                ? Scarf.parts(member, most, place)
                : Optional.empty();
        if (joined.isPresent()) {
            joined.get().forEach(scarf ->
                    wanted.add(part(order, member, number, scarf.number(), scarf.length(), part, strip)));
        } else if (blank.isPresent()) {
            wanted.add(whole);
        } else {
            wanted.addAll(glued(whole).orElse(List.of(whole)));
        }
    }

    /** What a strip is glued up from that no board gives in one: staves, else layers, as few as boards give. */
    private Optional<List<Wanted>> glued(Wanted whole) {
        if (whole.grooved()) {
            return Optional.empty();
        }
        return Stream.of(Wanted.Glued.Way.values())
                .flatMap(way -> IntStream.rangeClosed(2, MOST_GLUED).mapToObj(of -> parts(whole, way, of)))
                .filter(parts -> isAllowed(parts.getFirst())
                        && longest.apply(parts.getFirst())
                                .map(length -> !whole.blank().isOver(length))
                                .orElse(false))
                .findFirst();
    }

    private boolean isAllowed(Wanted part) {
        Length least = habits.get(isStave(part) ? Habit.STAVE : Habit.LAYER);
        return least.isPositive() && !(isStave(part) ? part.width() : part.thickness()).isUnder(least);
    }

    private static boolean isStave(Wanted part) {
        return part.glued().orElseThrow().way() == Wanted.Glued.Way.EDGE_TO_EDGE;
    }

    /**
     * Staves are glued wider and thicker than the strip, since edges slip and faces are planed after; layers wider.
     */
    private static List<Wanted> parts(Wanted whole, Wanted.Glued.Way way, int of) {
        boolean isWide = way == Wanted.Glued.Way.EDGE_TO_EDGE;
        Length wide = whole.width().plus(whole.over().over(4));
        return IntStream.rangeClosed(1, of)
                .mapToObj(number -> whole.glued(
                        isWide ? wide.over(of) : wide,
                        isWide
                                ? whole.thickness().plus(whole.planing().over(2))
                                : whole.thickness().over(of),
                        new Wanted.Glued(way, number, of, whole.width(), whole.thickness())))
                .toList();
    }

    private static Wanted part(
            Lots.Order order, Member member, int number, int scarf, Length length, Wanted.Part part, Strip strip) {
        Frame frame = order.frame();
        return new Wanted(
                order.name(),
                new PieceId(member.side().letters(), number, scarf),
                part,
                strip.species(),
                length,
                strip.width(),
                strip.thickness(),
                strip.source() == Strip.Source.GROOVED_BOARD,
                frame.habits().get(Habit.OVER_LENGTH),
                frame.habits().get(Habit.PLANING),
                frame.job().choices().cutting().matched(),
                Optional.empty());
    }
}
