package neatcorner.core.shop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * One machine, or a hand tool that holds an angle.
 *
 * @param name        what the shop calls it, from 1 to 40 characters
 * @param kind        what it is
 * @param reach       how far it goes
 * @param detents     where it clicks in, from square outwards, ascending and within its reach; may be empty
 * @param onlyDetents whether it knows no angle in between
 * @param scale       how its scale reads
 * @param sizes       the lengths that belong to it
 * @param proofs      every test of it, the oldest first
 */
public record Machine(
        String name,
        MachineKind kind,
        Reach reach,
        List<Angle> detents,
        boolean onlyDetents,
        Scale scale,
        Sizes sizes,
        List<Proof> proofs) {
    /** A setting is that of a detent where it differs by no more than a saw can be set by hand, in rad. */
    private static final double SAME = Math.toRadians(0.05);
    private static final int LONGEST_NAME = 40;

    /** How a scale reads. */
    public enum Scale {
        /** 0° is a square cut. */
        FROM_SQUARE,
        /** 90° is a square cut: the scale shows the angle between blade and fence. */
        FROM_FENCE
    }

    /**
     * How far a machine goes.
     *
     * @param left  it swings from square, from 0° to 80°
     * @param right it swings from square, from 0° to 80°
     * @param tilt  of its blade, bit or table, from 0° to 60°
     */
    public record Reach(Angle left, Angle right, Angle tilt) {
        public Reach {
            Range.within("machine_swing", left, Angle.degrees(0), Angle.degrees(80));
            Range.within("machine_swing", right, Angle.degrees(0), Angle.degrees(80));
            Range.within("machine_tilt", tilt, Angle.degrees(0), Angle.degrees(60));
        }

        /** To one side. */
        public Angle swing(boolean toRight) {
            return toRight ? right : left;
        }

        /** To either side. */
        public Angle most() {
            return left.compareTo(right) < 0 ? right : left;
        }
    }

    /**
     * Lengths that belong to a machine; what is empty is as the shop's habits say.
     *
     * @param kerf        what its blade turns to dust, from 0.2 to 8 mm
     * @param longestStop the longest piece its stop holds, from 50 mm to 6 m; empty where any is
     * @param smallest    the shortest piece that is safe on it, from 50 to 400 mm
     */
    public record Sizes(Optional<Length> kerf, Optional<Length> longestStop, Optional<Length> smallest) {
        /** As the habits say, and any piece has a stop. */
        public static final Sizes USUAL = new Sizes(Optional.empty(), Optional.empty(), Optional.empty());

        public Sizes {
            kerf.ifPresent(k -> Range.within("machine_kerf", k, Length.mm(0.2), Length.mm(8)));
            longestStop.ifPresent(s -> Range.within("machine_stop", s, Length.mm(50), Length.mm(6000)));
            smallest.ifPresent(s -> Range.within("machine_smallest", s, Length.mm(50), Length.mm(400)));
        }
    }

    /**
     * Checks everything.
     *
     * @throws Refusal where it has no name, reaches no angle that it must, or its detents are not in order
     */
    public Machine {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw Refusal.of("machine.name", LONGEST_NAME, name.length());
        }
        if (kind.makesMitres() && !(reach.most().radians() > 0)) {
            throw Refusal.of("machine.no_reach", name);
        }
        for (int i = 0; i < detents.size(); i++) {
            Angle detent = detents.get(i);
            if (detent.radians() < 0 || detent.radians() > most(kind, reach).radians() + SAME) {
                throw Refusal.of("machine.detent_out_of_reach", name, detent, most(kind, reach));
            }
            if (i > 0 && detent.radians() <= detents.get(i - 1).radians()) {
                throw Refusal.of("machine.detents_out_of_order", name, detents.get(i - 1), detent);
            }
        }
        if (onlyDetents && detents.isEmpty()) {
            throw Refusal.of("machine.no_angle", name);
        }
        detents = List.copyOf(detents);
        proofs = proofs.stream().sorted(Comparator.comparing(Proof::day)).toList();
    }

    private static Angle most(MachineKind kind, Reach reach) {
        return kind.makesMitres() ? reach.most() : reach.tilt();
    }

    /** Under another name. */
    public Machine called(String other) {
        return new Machine(other, kind, reach, detents, onlyDetents, scale, sizes, proofs);
    }

    /** Reaching otherwise; detents past it are gone. */
    public Machine with(Reach other) {
        List<Angle> left = detents.stream()
                .filter(detent -> detent.radians() <= most(kind, other).radians() + SAME)
                .toList();
        return new Machine(name, kind, other, left, onlyDetents && !left.isEmpty(), scale, sizes, proofs);
    }

    /** With other detents. */
    public Machine withDetents(List<Angle> other, boolean only) {
        return new Machine(name, kind, reach, other, only, scale, sizes, proofs);
    }

    /** With a scale that reads otherwise. */
    public Machine with(Scale other) {
        return new Machine(name, kind, reach, detents, onlyDetents, other, sizes, proofs);
    }

    /** With other lengths. */
    public Machine with(Sizes other) {
        return new Machine(name, kind, reach, detents, onlyDetents, scale, other, proofs);
    }

    /** With one proof more. */
    public Machine with(Proof proof) {
        List<Proof> more = new ArrayList<>(proofs);
        more.add(proof);
        return withProofs(more);
    }

    /** With one proof less. */
    public Machine without(Proof proof) {
        List<Proof> fewer = new ArrayList<>(proofs);
        fewer.remove(proof);
        return withProofs(fewer);
    }

    /** With other proofs. */
    public Machine withProofs(List<Proof> other) {
        return new Machine(name, kind, reach, detents, onlyDetents, scale, sizes, other);
    }

    /**
     * Whether it can be set so.
     *
     * @param toRight which way it swings
     * @param swing   from square, 0° or more
     * @param tilt    of the blade, 0° or more
     */
    public boolean reaches(boolean toRight, Angle swing, Angle tilt) {
        boolean swings = swing.radians() < SAME || swing.radians() <= reach.swing(toRight).radians() + SAME;
        boolean tilts = tilt.radians() < SAME || tilt.radians() <= reach.tilt().radians() + SAME;
        return swings && tilts && (!onlyDetents || detent(swing).isPresent());
    }

    /** The detent that is this swing; empty where the machine clicks in elsewhere. */
    public Optional<Angle> detent(Angle swing) {
        return detents.stream()
                .filter(detent -> Math.abs(detent.radians() - swing.radians()) < SAME)
                .findFirst();
    }

    /** What its scale shows at a swing from square. */
    public Angle reading(Angle swing) {
        return scale == Scale.FROM_SQUARE ? swing : swing.complement();
    }

    /** How it is set for a swing from square, in words: side and reading, and where it does not click in there. */
    public Words said(boolean toRight, Angle swing) {
        Words side = Words.of(toRight ? "cut.right" : "cut.left", reading(swing));
        Words read = scale == Scale.FROM_SQUARE ? side : Words.of("cut.from_fence", side);
        return detents.isEmpty() || detent(swing).isPresent() ? read : Words.of("cut.no_detent", read);
    }

    /** The newest proof of this kind; empty where there is none. */
    public Optional<Proof> last(ProofKind what) {
        return proofs.stream().filter(proof -> proof.kind() == what).reduce((_, later) -> later);
    }

    /** Since when it is proved to every side it swings to; empty where one of them never was. */
    public Optional<LocalDate> lastProved() {
        List<Optional<LocalDate>> days = Stream.of(ProofKind.LEFT, ProofKind.RIGHT)
                .filter(side -> reach.swing(side == ProofKind.RIGHT).radians() > 0)
                .map(side -> last(side).map(Proof::day))
                .toList();
        return days.stream().allMatch(Optional::isPresent)
                ? days.stream().flatMap(Optional::stream).min(Comparator.naturalOrder())
                : Optional.empty();
    }

    /** The newest error of one cut that was proved; none known is none. */
    public Optional<Proof.OfAngle> angle(ProofKind what) {
        return last(what).map(Proof.OfAngle.class::cast);
    }

    /** The newest that was proved so near to one of these settings that it speaks for it; where none was, any. */
    public Optional<Proof.OfAngle> angle(ProofKind what, Collection<Angle> settings) {
        return angles(what)
                .filter(proof -> settings.stream().anyMatch(proof::speaksFor))
                .reduce((_, later) -> later)
                .or(() -> angle(what));
    }

    /** Whether a proof speaks for this setting. */
    public boolean isProved(ProofKind what, Angle setting) {
        return angles(what).anyMatch(proof -> proof.speaksFor(setting));
    }

    private Stream<Proof.OfAngle> angles(ProofKind what) {
        return proofs.stream().filter(proof -> proof.kind() == what).map(Proof.OfAngle.class::cast);
    }

    /**
     * How much pieces off its stop differ from what is set, one standard deviation: of pairs that differ by d, √(Σd² /
     * 2k), each being off by its own share. Empty where no pair was compared.
     */
    public Optional<Length> scatter() {
        List<Proof.OfStop> pairs = proofs.stream()
                .filter(Proof.OfStop.class::isInstance)
                .map(Proof.OfStop.class::cast)
                .toList();
        double squares = pairs.stream()
                .mapToDouble(pair -> Math.pow(pair.difference().toMm(), 2))
                .sum();
        return pairs.isEmpty() ? Optional.empty() : Optional.of(Length.mm(Math.sqrt(squares / (2 * pairs.size()))));
    }
}
