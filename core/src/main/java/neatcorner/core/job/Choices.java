package neatcorner.core.job;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;

/**
 * What the maker decided of the making; what is empty Neat Corner decides and says why.
 *
 * @param joint    the way to join the corners
 * @param fastener how long the pins or how deep the spline slots are to be
 * @param adhesive the glue
 * @param finish   the recipe, first step first; may be empty
 * @param hardware how it hangs
 * @param rabbeting when the rabbet is cut
 * @param grain    how the wood is sawn
 * @param cutting  what is wished of the cutting
 */
public record Choices(
        Optional<JointKind> joint,
        Optional<Length> fastener,
        Adhesive adhesive,
        List<Coat> finish,
        Optional<Hardware> hardware,
        Rabbeting rabbeting,
        Species.Grain grain,
        Cutting cutting) {
    /** Nothing decided, wood glue. */
    public static final Choices NONE = new Choices(Optional.empty(), Optional.empty(), Adhesive.PVA, List.of(),
            Optional.empty(), Rabbeting.BEFORE_MITRING, Species.Grain.FLAT_SAWN, Cutting.FREE);

    public Choices {
        finish = List.copyOf(finish);
        if (finish.size() > 40) {
            throw Refusal.of("choices.finish_has_steps_may", finish.size());
        }
    }

    /** With another joint; a fastener length of the old kind is dropped. */
    public Choices withJoint(Optional<JointKind> other) {
        return new Choices(other, Optional.empty(), adhesive, finish, hardware, rabbeting, grain, cutting);
    }

    /** With another fastener length. */
    public Choices withFastener(Optional<Length> other) {
        return new Choices(joint, other, adhesive, finish, hardware, rabbeting, grain, cutting);
    }

    /** With another glue. */
    public Choices withAdhesive(Adhesive other) {
        return new Choices(joint, fastener, other, finish, hardware, rabbeting, grain, cutting);
    }

    /** With another recipe. */
    public Choices withFinish(List<Coat> other) {
        return new Choices(joint, fastener, adhesive, other, hardware, rabbeting, grain, cutting);
    }

    /** With other hardware. */
    public Choices withHardware(Optional<Hardware> other) {
        return new Choices(joint, fastener, adhesive, finish, other, rabbeting, grain, cutting);
    }

    /** With the rabbet cut at another time. */
    public Choices withRabbeting(Rabbeting other) {
        return new Choices(joint, fastener, adhesive, finish, hardware, other, grain, cutting);
    }

    /** Of wood sawn otherwise. */
    public Choices withGrain(Species.Grain other) {
        return new Choices(joint, fastener, adhesive, finish, hardware, rabbeting, other, cutting);
    }

    /** With other wishes for the cutting. */
    public Choices withCutting(Cutting other) {
        return new Choices(joint, fastener, adhesive, finish, hardware, rabbeting, grain, other);
    }
}
