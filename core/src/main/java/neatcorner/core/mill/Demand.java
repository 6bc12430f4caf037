package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Scarf;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;

/** What strips some jobs want, with what cannot be sawn from a board at all. */
final class Demand {
    private final List<Board> boards;
    private final Length trim;
    private final List<Wanted> wanted = new ArrayList<>();
    private final List<Milling.Missing> missing = new ArrayList<>();

    private Demand(List<Board> boards, Length trim) {
        this.boards = boards;
        this.trim = trim;
    }

    /**
     * Of every frame of these orders.
     *
     * @param boards that tell how long a strip can be
     * @param trim   off either end of a board
     */
    static Demand of(List<Lots.Order> orders, List<Board> boards, Length trim) {
        Demand demand = new Demand(boards, trim);
        for (Lots.Order order : orders) {
            List<Member> members = order.frame().pieces().toList();
            for (int n = 1; n <= order.frame().job().quantity(); n++) {
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
            strip(
                    order,
                    member,
                    number,
                    place,
                    new Wanted.Part(i + 1, strips.size()),
                    curved ? strip.withWidth(member.stock().face()) : strip);
        }
        if (section.band().isPresent()) {
            Strip band = section.band().get().strip();
            if (curved) {
                // A band round a curve is bent or laminated from veneer, not sawn.
                part(order, member, number, 0, member.overall(), new Wanted.Part(0, strips.size()), band)
                        .forEach(one -> missing.add(new Milling.Missing(one, Words.of("mill.missing.bent"))));
            } else {
                strip(order, member, number, place, new Wanted.Part(0, strips.size()), band);
            }
        }
    }

    private void strip(Lots.Order order, Member member, int number, int place, Wanted.Part part, Strip strip) {
        Length longest = longest(strip.species())
                .map(length -> length.minus(order.frame().habits().get(Habit.OVER_LENGTH)))
                .orElse(Length.ZERO);
        Optional<List<Scarf>> joined = member.overall().isOver(longest)
                        && longest.isPositive()
                        && member.curve().isEmpty()
                        && !order.frame().isSolid()
                ? Scarf.parts(member, longest, place)
                : Optional.empty();
        if (joined.isEmpty()) {
            part(order, member, number, 0, member.overall(), part, strip).forEach(wanted::add);
        } else {
            joined.get().forEach(scarf ->
                    part(order, member, number, scarf.number(), scarf.length(), part, strip).forEach(wanted::add));
        }
    }

    private static Stream<Wanted> part(
            Lots.Order order, Member member, int number, int scarf, Length length, Wanted.Part part, Strip strip) {
        Frame frame = order.frame();
        return Stream.of(new Wanted(
                order.name(),
                new PieceId(member.side().letters(), number, scarf),
                part,
                strip.species(),
                length,
                strip.width(),
                strip.thickness(),
                strip.source() == Strip.Source.GROOVED_BOARD,
                frame.habits().get(Habit.OVER_LENGTH),
                frame.habits().get(Habit.PLANING)));
    }

    /** The longest run between the ends of a board of a wood; empty when there is none of it. */
    private Optional<Length> longest(Species species) {
        return boards.stream()
                .filter(board -> board.species().equals(species))
                .map(board -> board.length().minus(trim.times(2)))
                .max(Length::compareTo);
    }
}
