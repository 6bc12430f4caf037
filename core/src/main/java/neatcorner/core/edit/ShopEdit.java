package neatcorner.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Clamps;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.School;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sizing;
import neatcorner.core.shop.Sticks;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Ware;

/** A change of the shop; like {@link Edit} it refuses what cannot be and touches nothing. */
public sealed interface ShopEdit {
    /** The shop after the change. */
    Shop apply(Shop shop);

    /** What goes into the history. */
    Words words();

    /** A habit's number. */
    record SetHabit(Habit habit, Length value) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withHabits(shop.habits().with(habit, value));
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", habit.words(), value);
        }
    }

    /** A section kept from now on, with what is sold of it; an equal one gets the length added. */
    record Keep(Section section, List<Length> sold) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            for (int i = 0; i < shop.mouldings().size(); i++) {
                Moulding moulding = shop.mouldings().get(i);
                if (section.isCutLike(moulding.section())) {
                    return shop.withMoulding(i, moulding.withSold(
                            Stream.concat(moulding.sold().stream(), sold.stream().map(Sale::of)).toList()));
                }
            }
            List<Moulding> more = new ArrayList<>(shop.mouldings());
            more.add(new Moulding(section, sold.stream().map(Sale::of).toList(), List.of()));
            return shop.withMouldings(more);
        }

        @Override
        public Words words() {
            return Words.of("edit.keep", section.name());
        }
    }

    /** How many sticks of one length are on the rack; none takes the row away. */
    record Stock(Section section, Length length, int count) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            for (int i = 0; i < shop.mouldings().size(); i++) {
                Moulding moulding = shop.mouldings().get(i);
                if (moulding.section().equals(section)) {
                    List<Sticks> sticks = new ArrayList<>(moulding.onHand().stream()
                            .filter(s -> !s.length().equals(length)).toList());
                    if (count != 0) {
                        sticks.add(new Sticks(length, count));
                    }
                    return shop.withMoulding(i, moulding.withOnHand(sticks));
                }
            }
            throw Refusal.of("shop_edit.rack_has_no_section", section.name());
        }

        @Override
        public Words words() {
            return Words.of("edit.stock", section.name(), count, length);
        }
    }

    /** Sticks that came in, counted to those on the rack; the section is kept from now on. */
    record Receive(Section section, Length length, int count) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            Shop kept = shop.stockFor(section).isPresent() ? shop : new Keep(section, List.of(length)).apply(shop);
            Moulding moulding = kept.stockFor(section).orElseThrow();
            int before = moulding.onHand().stream()
                    .filter(s -> s.length().equals(length))
                    .mapToInt(Sticks::count)
                    .sum();
            return new Stock(moulding.section(), length, before + count).apply(kept);
        }

        @Override
        public Words words() {
            return Words.of("edit.receive", section.name(), count, length);
        }
    }

    /** What a length of a section costs to buy; empty when nobody knows. */
    record SetPrice(Section section, Length length, Optional<Price> price) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            int index = IntStream.range(0, shop.mouldings().size())
                    .filter(i -> shop.mouldings().get(i).section().equals(section))
                    .findFirst()
                    .orElseThrow(() -> Refusal.of("shop_edit.rack_has_no_section", section.name()));
            return shop.withMoulding(index, shop.mouldings().get(index).withSale(length, price));
        }

        @Override
        public Words words() {
            return Words.of("edit.price", section.name(), length);
        }
    }

    /** Items put on the rack; one with the label of another takes its place. */
    record Shelve(List<RackItem> items) implements ShopEdit {
        public Shelve {
            items = List.copyOf(items);
        }

        @Override
        public Shop apply(Shop shop) {
            return shop.withRack(shop.rack().with(items));
        }

        @Override
        public Words words() {
            return items.size() == 1
                    ? Words.of("edit.shelve", items.getFirst().label())
                    : Words.of("edit.shelve_all", items.size());
        }
    }

    /** Items taken off the rack. */
    record Unshelve(List<String> labels) implements ShopEdit {
        public Unshelve {
            labels = List.copyOf(labels);
        }

        @Override
        public Shop apply(Shop shop) {
            for (String label : labels) {
                if (shop.rack().item(label).isEmpty()) {
                    throw Refusal.of("shop_edit.rack_has_nothing_labelled", label);
                }
            }
            return shop.withRack(shop.rack().without(labels));
        }

        @Override
        public Words words() {
            return Words.of("edit.unshelve", String.join(", ", labels));
        }
    }

    /** The sign amounts are written with. */
    record SetCurrency(String currency) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withCurrency(currency.strip());
        }

        @Override
        public Words words() {
            return Words.of("edit.currency", currency);
        }
    }

    /** How sizes are come to. */
    record ChooseSizing(Sizing sizing) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withHabits(shop.habits().with(sizing));
        }

        @Override
        public Words words() {
            return Words.of("edit.sizing", sizing);
        }
    }

    /** Several changes at once, made all or none. */
    record Together(List<ShopEdit> edits, Words words) implements ShopEdit {
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public Shop apply(Shop shop) {
            Shop changed = shop;
            for (ShopEdit edit : edits) {
                changed = edit.apply(changed);
            }
            return changed;
        }
    }

    /** A section no longer kept. */
    record Drop(Section section) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withMouldings(shop.mouldings().stream().filter(m -> !m.section().equals(section)).toList());
        }

        @Override
        public Words words() {
            return Words.of("edit.drop", section.name());
        }
    }

    /** The air in the shop and on the wall. */
    record SetClimate(Climate climate) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withClimate(climate);
        }

        @Override
        public Words words() {
            return Words.of(
                    "edit.climate",
                    climate.shop().humidity(),
                    climate.dry().humidity(),
                    climate.damp().humidity());
        }
    }

    /** How many clamps of one kind, and how far they reach. */
    record HaveClamps(Clamps clamps) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            List<Clamps> changed = new ArrayList<>(shop.clamps().stream()
                    .filter(c -> c.kind() != clamps.kind()).toList());
            if (clamps.count() > 0) {
                changed.add(clamps);
            }
            return shop.withClamps(changed);
        }

        @Override
        public Words words() {
            return Words.of("edit.clamps", clamps.kind(), clamps.count());
        }
    }

    /** What may be seen of what holds corners. */
    record ChooseSchool(School school) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withJoining(shop.joining().with(school));
        }

        @Override
        public Words words() {
            return Words.of("edit.school", school);
        }
    }

    /** A tool for joining that is at hand or is not. */
    record HaveTool(JoiningTool tool, boolean atHand) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withJoining(shop.joining().with(tool, atHand));
        }

        @Override
        public Words words() {
            return Words.of(atHand ? "edit.tool_there" : "edit.tool_missing", tool);
        }
    }

    /** A size of screws or the like that is at hand or is not. */
    record HaveSize(Ware ware, Length size, boolean atHand) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withJoining(
                    shop.joining().with(shop.joining().drawers().with(ware, size, atHand)));
        }

        @Override
        public Words words() {
            return Words.of(atHand ? "edit.size_there" : "edit.size_missing", ware, size);
        }
    }

    /** A machine in the place of the one of a name, or one more where there is none of it. */
    record HaveMachine(String instead, Machine machine) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withMachines(shop.machines().with(instead, machine));
        }

        @Override
        public Words words() {
            return Words.of("edit.machine", machine.name());
        }
    }

    /** A machine that is no longer there. */
    record DropMachine(String name) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withMachines(shop.machines().without(name));
        }

        @Override
        public Words words() {
            return Words.of("edit.machine_gone", name);
        }
    }

    /** A machine that is used before all others. */
    record UseFirst(String name) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withMachines(shop.machines().first(name));
        }

        @Override
        public Words words() {
            return Words.of("edit.machine_first", name);
        }
    }

    /** What a test of a machine gave. */
    record Prove(String name, Proof proof) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.withMachines(shop.machines().proved(name, proof));
        }

        @Override
        public Words words() {
            return Words.of("edit.proved", name, proof.kind());
        }
    }

    /** A test that was wrong is forgotten. */
    record Forget(String name, Proof proof) implements ShopEdit {
        @Override
        public Shop apply(Shop shop) {
            return shop.machines().named(name)
                    .map(machine -> shop.withMachines(shop.machines().with(name, machine.without(proof))))
                    .orElse(shop);
        }

        @Override
        public Words words() {
            return Words.of("edit.proof_forgotten", name, proof.kind());
        }
    }
}
