package neatcorner.core.shop;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import neatcorner.core.measure.Angle;
import neatcorner.core.phrase.Refusal;

/**
 * The machines of a shop, the one that is used first foremost.
 *
 * @param all   every one, under names of their own
 * @param today the day proofs are looked at, where it is known; not kept with the shop
 */
public record Machines(List<Machine> all, Optional<LocalDate> today) {
    /** None is said: settings are spoken as most saws read. */
    public static final Machines NONE = new Machines(List.of(), Optional.empty());
    /** A proof is fresh for so many days, as long as the saw is not moved nor its blade changed. Common, no source. */
    public static final int FRESH_DAYS = 30;

    /**
     * Checks the names.
     *
     * @throws Refusal for two machines of one name
     */
    public Machines {
        Set<String> names = new HashSet<>();
        for (Machine machine : all) {
            if (!names.add(machine.name())) {
                throw Refusal.of("machine.same_name", machine.name());
            }
        }
        all = List.copyOf(all);
    }

    /** Looked at on this day. */
    public Machines on(LocalDate day) {
        return new Machines(all, Optional.of(day));
    }

    /** The machine of this name. */
    public Optional<Machine> named(String name) {
        return all.stream().filter(machine -> machine.name().equals(name)).findFirst();
    }

    /** What cuts pieces to length. */
    public List<Machine> saws() {
        return all.stream().filter(machine -> machine.kind().saws()).toList();
    }

    /**
     * The first saw that can be set so; empty where none can.
     *
     * @param toRight which way it swings
     * @param swing   from square, 0° or more
     * @param tilt    of the blade, 0° or more
     */
    public Optional<Machine> sawFor(boolean toRight, Angle swing, Angle tilt) {
        return saws().stream()
                .filter(saw -> saw.reaches(toRight, swing, tilt))
                .findFirst();
    }

    /** With another machine in the place of the one of this name, or one more. */
    public Machines with(String name, Machine machine) {
        List<Machine> changed = new ArrayList<>(all);
        named(name).map(changed::indexOf).ifPresentOrElse(
                at -> changed.set(at, machine), () -> changed.add(machine));
        return new Machines(changed, today);
    }

    /** Without this one. */
    public Machines without(String name) {
        return new Machines(
                all.stream().filter(machine -> !machine.name().equals(name)).toList(), today);
    }

    /** With this one foremost. */
    public Machines first(String name) {
        List<Machine> changed = new ArrayList<>(all);
        named(name).ifPresent(machine -> {
            changed.remove(machine);
            changed.addFirst(machine);
        });
        return new Machines(changed, today);
    }

    /**
     * With a proof more of one of them.
     *
     * @throws Refusal where there is no such machine or the proof is from the future
     */
    public Machines proved(String name, Proof proof) {
        Machine machine = named(name).orElseThrow(() -> Refusal.of("machine.unknown", name));
        if (today.isPresent() && proof.day().isAfter(today.get())) {
            throw Refusal.of("machine.proof_from_the_future", proof.day().toString(), today.get().toString());
        }
        return with(name, machine.with(proof));
    }

    /** The saw of this name foremost, where there is one. */
    public Machines preferring(Optional<String> saw) {
        return saw.map(this::first).orElse(this);
    }

    /** A machine with those of its proofs that hold; where the day is not known, all do. */
    public Machine holding(Machine machine) {
        return today.isEmpty()
                ? machine
                : machine.withProofs(machine.proofs().stream()
                        .filter(proof -> holds(ChronoUnit.DAYS.between(proof.day(), today.get())))
                        .toList());
    }

    private static boolean holds(long age) {
        return age >= 0 && age <= FRESH_DAYS;
    }

    /** How many days ago it was proved; empty where it never was or the day is not known. */
    public OptionalLong age(Machine machine) {
        return today.isEmpty() || machine.lastProved().isEmpty()
                ? OptionalLong.empty()
                : OptionalLong.of(ChronoUnit.DAYS.between(machine.lastProved().get(), today.get()));
    }

    /** Whether its last proof holds: neither too old nor from the future; where the day is not known, any does. */
    public boolean isFresh(Machine machine) {
        return machine.lastProved().isPresent() && holds(age(machine).orElse(0));
    }
}
