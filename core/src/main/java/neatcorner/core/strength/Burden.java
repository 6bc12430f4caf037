package neatcorner.core.strength;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Mass;
import neatcorner.core.phrase.Words;
import neatcorner.core.wood.Strength;

/**
 * What a frame bears, in each way it is borne.
 *
 * @param strength of the weakest of its wood; empty where what it is made of is not judged
 * @param mass     of all that its corners hold together
 * @param cases    each way; empty where it holds nothing together by itself
 */
public record Burden(Optional<Strength> strength, Mass mass, List<Borne> cases) {
    public Burden {
        cases = List.copyOf(cases);
    }

    /** What must be known with every number of it. */
    public List<Words> said() {
        return strength.filter(Strength::isAssumed).isPresent()
                ? List.of(Words.of("strength.estimate"), Words.of("strength.assumed"))
                : List.of(Words.of("strength.estimate"));
    }

    /** One that is held all round by something else, or is not judged. */
    static Burden none(Optional<Strength> strength, Mass mass) {
        return new Burden(strength, mass, List.of());
    }

    /**
     * One way.
     *
     * @param bearing which
     * @param corners what each asks for, each where a member starts
     * @param sides   what becomes of each member
     */
    public record Borne(Bearing bearing, List<Demand> corners, List<Bent> sides) {
        public Borne {
            corners = List.copyOf(corners);
            sides = List.copyOf(sides);
        }
    }

    /**
     * A side that is bent.
     *
     * @param span   from corner to corner, in mm
     * @param bow    of its middle, at once, in mm, positive inwards; a curve's is 0
     * @param stress the greatest in it, in MPa
     */
    public record Bent(double span, double bow, double stress) {
    }
}
