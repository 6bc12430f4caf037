package neatcorner.core.mill;

import java.util.Optional;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.wood.Species;

/**
 * A strip of a member that is to be milled: a layer of its section, or the band on it.
 *
 * @param job       the name of the job it is for
 * @param piece     the member it becomes
 * @param part      of the member's section
 * @param species   the wood
 * @param length    finished, along the grain
 * @param width     finished
 * @param thickness finished
 * @param grooved   whether it takes its rabbet from the groove of a board
 * @param over      how much longer its blank is sawn
 * @param planing   what its faces lose, both together
 * @param matched   whether all sides of its frame are wished from one board
 */
public record Wanted(
        String job,
        PieceId piece,
        Part part,
        Species species,
        Length length,
        Length width,
        Length thickness,
        boolean grooved,
        Length over,
        Length planing,
        boolean matched) {
    /**
     * A part of a member's section.
     *
     * @param layer from 1, from the back; 0 for the band
     * @param of    how many layers the section has
     */
    public record Part(int layer, int of) {
        /** Whether it is the band on the outside. */
        public boolean isBand() {
            return layer == 0;
        }
    }

    /** As its blank is crosscut. */
    public Length blank() {
        return length.plus(over);
    }

    /**
     * What goes round a frame as one: the same layer of all its sides.
     *
     * @param job   the name of the job
     * @param frame which of the job's frames, from 1
     * @param layer of the section
     */
    record Ring(String job, int frame, int layer) {
    }

    /** The ring it is a part of, which is wished from one board; empty when that is not wished. */
    Optional<Ring> ring() {
        return matched ? Optional.of(new Ring(job, piece.frame(), part.layer())) : Optional.empty();
    }

    /** The piece it becomes, and which part of it where it has several. */
    public Words words() {
        return part.isBand()
                ? Words.of("mill.piece.band", piece)
                : part.of() > 1 ? Words.of("mill.piece.layer", piece, part.layer()) : Words.of("mill.piece", piece);
    }

    /** The same with its job before it. */
    public Words wordsWithJob() {
        return Words.of("mill.piece.job", job, words());
    }
}
