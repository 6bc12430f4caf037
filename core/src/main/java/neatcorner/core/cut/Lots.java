package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Cutting;
import neatcorner.core.measure.Length;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.work.Deed;

/** Sorts the pieces of one or many jobs by section and lays each section on its sticks. */
public final class Lots {
    private Lots() {
    }

    /**
     * The lots of several jobs together: pieces of one section share its sticks. Trims and useful lengths are
     * the shop's; the kerf is the widest of the jobs'. Matched corners and pieces kept on a stick are each job's own; a
     * stick that one job must not be cut from is left alone. One batch for all holds only in the job's own plan.
     *
     * @param orders the jobs
     */
    public static List<Lot> ofAll(List<Order> orders, Shop shop, Answers answers) {
        return lots(orders, shop, shop.habits(), false, List.of(), Milled.NOTHING, answers);
    }

    /**
     * A part of a job, one of many.
     *
     * @param name  by which its pieces are told from those of the others
     * @param job   what its job is called among the others
     * @param part  what it is called among the parts of its job; empty where there is only one
     * @param frame what is to be made
     */
    public record Order(String name, String job, Optional<String> part, Frame frame) {
        /** A job of one part. */
        public Order(String job, Frame frame) {
            this(job, job, Optional.empty(), frame);
        }

        /** What is wished of its cutting. */
        public Cutting cutting() {
            return frame.job().choices().cutting();
        }
    }

    /**
     * What is to be made of one job, part by part: under its title where it has one part, else each under the name of
     * the part.
     */
    public static List<Order> orders(Assembly assembly) {
        return orders(assembly, assembly.job().title(), part -> part);
    }

    /** The parts of one job, each under a name of its own among those of all jobs. */
    public static List<Order> orders(Assembly assembly, OrderNames names) {
        String job = names.next(assembly.job().title());
        return orders(assembly, job, part -> job + " · " + part);
    }

    private static List<Order> orders(Assembly assembly, String job, UnaryOperator<String> name) {
        if (assembly.frames().size() == 1) {
            return List.of(new Order(job, assembly.frame(0)));
        }
        return assembly.frames().stream()
                .map(frame -> {
                    String part = frame.job().part().name();
                    return new Order(name.apply(part), job, Optional.of(part), frame);
                })
                .toList();
    }

    /**
     * The lots of one job: the pieces of all its parts that are not cut yet.
     *
     * @param taken  sticks that were taken up already: what was laid on them stays there where it can
     * @param milled what was read of their sections
     */
    static List<Lot> of(
            List<Order> orders, Shop shop, Habits habits, List<Deed.Laid> taken, Milled milled, Answers answers) {
        return lots(
                orders,
                shop,
                habits,
                orders.stream().anyMatch(order -> order.cutting().oneBatch()),
                taken,
                milled,
                answers);
    }

    /** The name of the part by the name its pieces carry. */
    public static Map<String, String> parts(List<Order> orders) {
        Map<String, String> parts = new HashMap<>();
        orders.forEach(order -> parts.put(order.name(), order.part()
                .orElseGet(() -> order.frame().job().part().name())));
        return parts;
    }

    private static List<Lot> lots(List<Order> orders, Shop shop, Habits habits, boolean oneBatch,
                                  List<Deed.Laid> taken, Milled milled, Answers answers) {
        Map<Section, List<Piece>> bySection = new LinkedHashMap<>();
        Map<Section, Length> gaps = new LinkedHashMap<>();
        Map<Section, Length> longest = new LinkedHashMap<>();
        Length kerf = orders.stream()
                .map(o -> o.frame().habits().get(Habit.KERF))
                .max(Length::compareTo)
                .orElse(Length.ZERO);
        Length trim = habits.get(Habit.END_TRIM);
        for (Order order : orders) {
            Frame frame = order.frame();
            List<Member> members = frame.pieces().toList();
            Map<Section, List<Piece>> ofOne = new LinkedHashMap<>();
            int place = 0;
            for (Member member : members) {
                if (SheetPieces.isOne(member)) {
                    place++;
                    continue;
                }
                Section section = Stream.concat(bySection.keySet().stream(), ofOne.keySet().stream())
                        .filter(s -> s.isCutLike(member.stock())).findFirst().orElse(member.stock());
                Length run = longest.computeIfAbsent(section, s -> longestRun(milled.meant(s), shop, trim));
                List<Piece> parts = parts(order, member, place++, run);
                ofOne.computeIfAbsent(section, _ -> new ArrayList<>()).addAll(parts);
                boolean printed = order.cutting().print().isPresent();
                gaps.merge(section, kerfBeside(parts.getLast(), printed, frame.habits().get(Habit.KERF)), Length::max);
            }
            ofOne.forEach((section, pieces) -> {
                List<Piece> all = bySection.computeIfAbsent(section, _ -> new ArrayList<>());
                for (int n = 1; n <= frame.job().copies(); n++) {
                    for (Piece piece : pieces) {
                        all.add(piece.ofFrame(n));
                    }
                }
            });
        }
        Map<String, Cutting> wishes = new LinkedHashMap<>();
        orders.forEach(order -> wishes.put(order.name(), order.cutting()));
        Map<String, String> parts = parts(orders);
        List<Lot> lots = new ArrayList<>();
        bySection.forEach((section, pieces) -> {
            Moulding stock = Source.mouldingFor(milled.meant(section), shop);
            lots.add(Lot.of(
                    stock,
                    List.copyOf(pieces),
                    Source.of(stock, shop),
                    new Lot.Terms(kerf, Known.in(gaps, section), trim, habits.get(Habit.USEFUL), oneBatch, wishes),
                    TakenUp.of(taken, pieces, parts),
                    answers));
        });
        return List.copyOf(lots);
    }

    /** A piece that may be turned over says its own slanted kerfs; beside any other the wider of its two is kept. */
    private static Length kerfBeside(Piece piece, boolean printed, Length kerf) {
        return Flipping.isAllowed(piece) && !printed ? kerf
                : piece.member().left().kerfAlongEdge(kerf).max(piece.member().right().kerfAlongEdge(kerf));
    }

    private static Length longestRun(Section section, Shop shop, Length trim) {
        return Source.of(Source.mouldingFor(section, shop), shop).stream()
                .map(s -> s.longestRun(trim))
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    /**
     * What a side of the first frame is cut as: one for which no stick is long enough, on the rack or for sale, is
     * joined from several.
     */
    private static List<Piece> parts(Order order, Member member, int place, Length longest) {
        String job = order.name();
        if (member.overall().isOver(longest) && member.curve().isEmpty() && !order.frame().isSolid()) {
            Optional<List<Scarf>> parts = Scarf.parts(member, longest, place);
            if (parts.isPresent()) {
                return parts.get().stream().map(part -> new Piece(job, member, 1, Optional.of(part))).toList();
            }
        }
        return List.of(new Piece(job, member, 1, Optional.empty()));
    }
}
