package neatcorner.core.cut;

import java.util.Optional;
import neatcorner.core.frame.Member;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;

/**
 * One piece to be cut.
 *
 * @param job    the title of the job it is for
 * @param member what it is
 * @param frame  which of the alike frames it is for, from 1
 * @param part   of a side that is joined from several; empty for a whole one
 * @param length how much of a stick it takes, from its one furthest point to the other: asked often, and of thousands
 */
public record Piece(String job, Member member, int frame, Optional<Scarf> part, Length length) {
    Piece(String job, Member member, int frame, Optional<Scarf> part) {
        this(job, member, frame, part, part.map(Scarf::length).orElseGet(member::overall));
    }

    /** The same of another of the alike frames. */
    public Piece ofFrame(int number) {
        return new Piece(job, member, number, part, length);
    }

    /** What it is locked by: {@code A–B/2}, and for a part {@code A–B/2.1}. */
    public PieceId id() {
        return new PieceId(member.side().letters(), frame, part.map(Scarf::number).orElse(0));
    }

    /** Whether it may be turned over: a whole piece of a plain strip with upright cuts. */
    public boolean mayBeTurned() {
        return Flipping.isAllowed(this);
    }

    /**
     * What it takes of the wood: the mean length of one that may share its cuts with its neighbours, else all of it.
     */
    Length wood() {
        return Flipping.isAllowed(this)
                ? length().minus(member.left()
                        .setback()
                        .abs()
                        .plus(member.right().setback().abs())
                        .over(2))
                : length();
    }
}
