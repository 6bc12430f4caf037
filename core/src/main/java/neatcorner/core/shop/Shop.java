package neatcorner.core.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Rack;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;

/**
 * What there is to make frames with.
 *
 * @param name      of the shop; may be empty
 * @param habits    its numbers
 * @param mouldings on the rack or for sale
 * @param clamps    on hand
 * @param climate   the air in the shop and on the wall
 * @param rack      what lies there with a label of its own
 * @param joining   how corners are joined
 * @param currency  as it is written before an amount, up to 8 characters; may be empty
 * @param machines  what angles are set with
 */
public record Shop(
        String name,
        Habits habits,
        List<Moulding> mouldings,
        List<Clamps> clamps,
        Climate climate,
        Rack rack,
        Joining joining,
        String currency,
        Machines machines) {
    /** What amounts are written with until the shop says otherwise. */
    public static final String USUAL_CURRENCY = "$";

    public Shop {
        if (currency.length() > 8) {
            throw Refusal.of("shop.currency_has_characters_may", currency, currency.length());
        }
        mouldings = List.copyOf(mouldings);
        clamps = List.copyOf(clamps);
    }

    /** A shop on its first day: a few plain sections to start from, nothing on the rack, four corner vices. */
    public static Shop starting() {
        return new Shop(
                "",
                Habits.USUAL,
                List.of(
                        unstocked(
                                "plain",
                                Species.POPLAR,
                                Length.inches(1, 1, 2),
                                Length.inches(0, 3, 4),
                                new Recess.Rabbet(Length.inches(0, 1, 4), Length.inches(0, 1, 2)),
                                Profile.FLAT),
                        unstocked(
                                "narrow",
                                Species.MAPLE,
                                Length.inches(0, 3, 4),
                                Length.inches(1),
                                new Recess.Rabbet(Length.inches(0, 1, 4), Length.inches(0, 5, 8)),
                                Profile.FLAT),
                        unstocked(
                                "scoop",
                                Species.RED_OAK,
                                Length.inches(2),
                                Length.inches(1, 1, 8),
                                new Recess.Rabbet(Length.inches(0, 1, 4), Length.inches(0, 1, 2)),
                                new Profile(Profile.Shape.SCOOP, Length.inches(0, 3, 8))),
                        unstocked(
                                "floater",
                                Species.BASSWOOD,
                                Length.inches(0, 3, 8),
                                Length.inches(1, 1, 2),
                                new Recess.Floater(Length.inches(0, 3, 4), Length.inches(0, 3, 8)),
                                Profile.FLAT),
                        unstocked(
                                "stretcher bar",
                                Species.PINE,
                                Length.inches(1, 1, 2),
                                Length.inches(0, 3, 4),
                                new Recess.Bar(),
                                Profile.FLAT)),
                List.of(new Clamps(ClampKind.CORNER_VICE, 4, Length.inches(96))),
                Climate.USUAL,
                Rack.EMPTY,
                Joining.ANY,
                USUAL_CURRENCY,
                new Machines(List.of(MachineKind.MITRE_SAW.usual("mitre saw")), Optional.empty()));
    }

    private static Moulding unstocked(String name, Species species, Length face, Length thickness, Recess recess,
                                      Profile profile) {
        return new Moulding(new Section(name, species, face, thickness, recess, profile), Moulding.USUALLY_SOLD,
                List.of());
    }

    /** The moulding this section can be cut from. */
    public Optional<Moulding> stockFor(Section section) {
        return mouldings.stream().filter(moulding -> section.isCutLike(moulding.section())).findFirst();
    }

    /** The woods that are known and those with own values that lie on the rack or are in its mouldings. */
    public List<Species> woods() {
        Stream<Species> own = Stream.concat(
                mouldings.stream().flatMap(m -> m.section().woods().stream()),
                rack.all(Board.class).stream().map(Board::species));
        return Stream.concat(Species.known().stream(), own).distinct().toList();
    }

    /** How many of this kind of clamp reach so far. */
    public int clamps(ClampKind kind, Length reach) {
        return clamps.stream().filter(c -> c.kind() == kind && !c.reach().isUnder(reach)).mapToInt(Clamps::count).sum();
    }

    /**
     * What a job with these numbers of its own is worked out with: its own first, then what the foremost saw says of
     * itself, with the sizes at hand.
     */
    public Habits habitsUnder(Habits overrides) {
        Habits sawn = habits;
        for (Machine saw : machines.saws().stream().limit(1).toList()) {
            sawn = with(Habit.KERF, saw.sizes().kerf(), sawn);
            sawn = with(Habit.SAFE_HOLD, saw.sizes().smallest(), sawn);
        }
        return sawn.over(overrides).with(joining.drawers());
    }

    /** With the saw of this name foremost, where there is one. */
    public Shop sawing(Optional<String> saw) {
        return saw.isEmpty() ? this : withMachines(machines.preferring(saw));
    }

    private static Habits with(Habit habit, Optional<Length> said, Habits habits) {
        return said.map(length -> habits.with(habit, length)).orElse(habits);
    }

    /** With other habits. */
    public Shop withHabits(Habits other) {
        return new Shop(name, other, mouldings, clamps, climate, rack, joining, currency, machines);
    }

    /** With other mouldings. */
    public Shop withMouldings(List<Moulding> other) {
        return new Shop(name, habits, other, clamps, climate, rack, joining, currency, machines);
    }

    /** With other clamps. */
    public Shop withClamps(List<Clamps> other) {
        return new Shop(name, habits, mouldings, other, climate, rack, joining, currency, machines);
    }

    /** With another climate. */
    public Shop withClimate(Climate other) {
        return new Shop(name, habits, mouldings, clamps, other, rack, joining, currency, machines);
    }

    /** With one moulding in the place of another. */
    public Shop withMoulding(int index, Moulding other) {
        List<Moulding> changed = new ArrayList<>(mouldings);
        changed.set(index, other);
        return withMouldings(changed);
    }

    /** With another rack. */
    public Shop withRack(Rack other) {
        return new Shop(name, habits, mouldings, clamps, climate, other, joining, currency, machines);
    }

    /** With another currency. */
    public Shop withCurrency(String other) {
        return new Shop(name, habits, mouldings, clamps, climate, rack, joining, other, machines);
    }

    /** Joining in another way. */
    public Shop withJoining(Joining other) {
        return new Shop(name, habits, mouldings, clamps, climate, rack, other, currency, machines);
    }

    /** With other machines. */
    public Shop withMachines(Machines other) {
        return new Shop(name, habits, mouldings, clamps, climate, rack, joining, currency, other);
    }

    /** The off-cuts this section can be cut from, in the order of the rack. */
    public List<OffCut> offCutsFor(Section section) {
        return rack.all(OffCut.class).stream().filter(cut -> section.isCutLike(cut.section())).toList();
    }
}
