package neatcorner.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;

/**
 * What the maker wishes of the cutting; the planner lays everything else around it.
 *
 * @param matched   whether the pieces of a frame come one after the other from one stick, in the order they go
 *                  round, so that grain or pattern runs on through the corners
 * @param oneBatch  whether all sticks must be of one batch, so that their colour matches
 * @param locks     pieces kept on a certain stick
 * @param forbidden sticks not to be touched, which
 * @param made      what it was cut from; empty until it is cut
 * @param partly    whether some boards are milled but not all strips there
 * @param print     what repeats along the stick and must land whole; empty where nothing does
 */
public record Cutting(
        boolean matched,
        boolean oneBatch,
        List<Lock> locks,
        List<StickId> forbidden,
        List<Made> made,
        boolean partly,
        Optional<Print> print) {
    /** No wishes, and nothing cut. */
    public static final Cutting FREE = new Cutting(false, false, List.of(), List.of(), List.of(), false);

    /** Of sticks with no print on them. */
    public Cutting(
            boolean matched,
            boolean oneBatch,
            List<Lock> locks,
            List<StickId> forbidden,
            List<Made> made,
            boolean partly) {
        this(matched, oneBatch, locks, forbidden, made, partly, Optional.empty());
    }

    public Cutting {
        locks = List.copyOf(locks);
        forbidden = List.copyOf(forbidden);
        made = List.copyOf(made);
        if (locks.size() + forbidden.size() > 2000) {
            throw Refusal.of("cutting.there_are_locked_pieces", (locks.size() + forbidden.size()));
        }
    }

    /**
     * A piece kept on a stick.
     *
     * @param piece which
     * @param stick the one it stays on
     */
    public record Lock(PieceId piece, StickId stick) {
    }

    /** What something was cut from. */
    public enum Stuff {
        /** A stick of moulding or plain strip. */
        STICK,
        /** A board, milled to blanks. */
        BOARD,
        /** A sheet of glass, mat or board. */
        SHEET
    }

    /**
     * A stick, board or sheet that was cut.
     *
     * @param of      what it was
     * @param stick   its key or label
     * @param section of a stick; empty for boards and sheets
     * @param length  whole; of a sheet its width
     * @param width   of a board across, of a sheet its height; nothing for a stick
     * @param pieces  what was cut from it for this job; of a sheet how many panes
     * @param offCut  the labels of what was left and kept; may be empty
     * @param left    how long the off-cuts of a stick are together; nothing when none was kept
     * @param strips  that were milled from a board
     */
    public record Made(
            Stuff of,
            String stick,
            String section,
            Length length,
            Length width,
            String pieces,
            String offCut,
            Length left,
            List<StripId> strips) {
        public Made {
            strips = List.copyOf(strips);
        }

        /** From a stick or a sheet. */
        public Made(
                Stuff of,
                String stick,
                String section,
                Length length,
                Length width,
                String pieces,
                String offCut,
                Length left) {
            this(of, stick, section, length, width, pieces, offCut, left, List.of());
        }
    }

    /** Whether the pieces are cut already, from sticks or from boards. */
    public boolean isMade() {
        return !partly && made.stream().anyMatch(one -> one.of() != Stuff.SHEET);
    }

    /** The strips that are milled already while others are not. */
    public Set<StripId> milled() {
        return partly
                ? made.stream().flatMap(one -> one.strips().stream()).collect(Collectors.toUnmodifiableSet())
                : Set.of();
    }

    /**
     * With some more boards milled.
     *
     * @param all whether all strips are there now
     */
    public Cutting withMilled(List<Made> more, boolean all) {
        return new Cutting(
                matched,
                oneBatch,
                locks,
                forbidden,
                Stream.concat(made.stream(), more.stream()).toList(),
                !all,
                print);
    }

    /** Whether its panes are cut already. */
    public boolean isSheetsMade() {
        return made.stream().anyMatch(one -> one.of() == Stuff.SHEET);
    }

    /** What its pieces were cut from, or its panes. */
    public List<Made> made(boolean sheets) {
        return made.stream().filter(one -> (one.of() == Stuff.SHEET) == sheets).toList();
    }

    /** With its pieces, or its panes, cut from these; from none when they are not cut. */
    public Cutting withMade(boolean sheets, List<Made> other) {
        return new Cutting(
                matched,
                oneBatch,
                locks,
                forbidden,
                Stream.concat(made(!sheets).stream(), other.stream()).toList(),
                sheets && partly,
                print);
    }

    /** Whether nothing is wished of single pieces and sticks. */
    public boolean isFree() {
        return locks.isEmpty() && forbidden.isEmpty();
    }

    /** With or without matched corners. */
    public Cutting withMatched(boolean wanted) {
        return new Cutting(wanted, oneBatch, locks, forbidden, made, partly, print);
    }

    /** With or without one batch for all. */
    public Cutting withOneBatch(boolean wanted) {
        return new Cutting(matched, wanted, locks, forbidden, made, partly, print);
    }

    /** With a piece kept on this stick, wherever it was kept before. */
    public Cutting withLock(PieceId piece, StickId stick) {
        List<Lock> changed = new ArrayList<>(withoutLock(piece).locks);
        changed.add(new Lock(piece, stick));
        return new Cutting(matched, oneBatch, changed, forbidden, made, partly, print);
    }

    /** With a piece free to lie anywhere. */
    public Cutting withoutLock(PieceId piece) {
        return new Cutting(
                matched,
                oneBatch,
                locks.stream().filter(lock -> !lock.piece().equals(piece)).toList(),
                forbidden,
                made, partly, print);
    }

    /** With a stick forbidden or allowed again; what was locked to a forbidden stick is free. */
    public Cutting withForbidden(StickId stick, boolean forbid) {
        List<StickId> changed = new ArrayList<>(forbidden);
        changed.remove(stick);
        if (forbid) {
            changed.add(stick);
        }
        return new Cutting(
                matched,
                oneBatch,
                locks.stream()
                        .filter(lock -> !forbid || !lock.stick().equals(stick))
                        .toList(),
                changed,
                made, partly, print);
    }

    /** Without any locked piece or forbidden stick. */
    public Cutting freed() {
        return new Cutting(matched, oneBatch, List.of(), List.of(), made, partly, print);
    }

    /** With another print on the stick, or none. */
    public Cutting withPrint(Optional<Print> other) {
        return new Cutting(matched, oneBatch, locks, forbidden, made, partly, other);
    }
}
