package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Stuff;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.FigureKey;

/**
 * A way to join a corner. It answers for itself: how much it holds, whether and how it fits a frame, what the
 * hands do at the glue-up, what lies in the corner. One class a kind, and one line in {@link Joints}.
 */
public interface Joint {
    /** Its name. */
    JointKind kind();

    /** What is left of it when its glue has let go. */
    Grade grade();

    /** What it bears until it gives way, at a corner with these surfaces and these settings; an estimate. */
    Hold hold(Faying at, Fitted used);

    /** Whether it can be put into or on a corner that is glued already. */
    default boolean isAddedLater() {
        return false;
    }

    /** What it takes to make it, and where it shows. */
    Craft craft();

    /** Whether pieces that meet so can be held by it; one for mitres unless it says otherwise. */
    default boolean goesWith(Construction construction) {
        return construction instanceof Construction.Mitred;
    }

    /** Whether it holds pieces of such stuff; what is worked like wood unless it says otherwise. */
    default boolean isFor(Stuff stuff) {
        return stuff.isWorkedLikeWood();
    }

    /** Whether it is never recommended, only chosen. */
    default boolean isOnlyChosen() {
        return false;
    }

    /** Whether the corners are glued. */
    default boolean isGlued() {
        return true;
    }

    /** Whether end grain drinks a thin coat before the glue. */
    default boolean isSized() {
        return true;
    }

    /** Whether its slots are cut while the corner stands on its tip in a cradle. */
    default boolean isInCradle() {
        return false;
    }

    /** What is said of it in place of whether it is strong enough, where nothing can be said of that. */
    default Optional<Words> instead() {
        return Optional.empty();
    }

    /** What must be at hand for it in some size, where anything is bought for it by its size. */
    default Optional<Ware> ware() {
        return Optional.empty();
    }

    /** The length of its fastener, where the maker may say it. */
    default Optional<FigureKey<Length>> fastener() {
        return Optional.empty();
    }

    /** What to watch out for when it is made. */
    List<Safety> cautions();

    /** Whether it holds the corner by itself while the glue sets. */
    default boolean isDriven() {
        return false;
    }

    /**
     * Tried in a frame; its settings are entered.
     *
     * @param wish the maker's own length of the fastener, where this kind is chosen
     */
    Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger);

    /** What is cut for it while the pieces are loose; may be empty. */
    default List<Words> beforeGlue(Fitted used) {
        return List.of();
    }

    /** What is done at the glue-up as soon as the corners are closed; may be empty. */
    default List<Words> whileClosed(Frame frame) {
        return List.of();
    }

    /** What is done when the glue has set; may be empty. */
    default List<Words> whenSet(Adhesive adhesive) {
        return List.of();
    }

    /** What lies in the second corner of a frame, from one side to the other, with these settings; may be empty. */
    default List<Insert> inserts(Frame frame, JointOption used) {
        return List.of();
    }
}
