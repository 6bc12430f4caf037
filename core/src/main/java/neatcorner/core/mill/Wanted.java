package neatcorner.core.mill;

import java.util.List;
import java.util.Optional;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StripId;
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
 * @param glued     what it is glued to, when no board gives the strip in one
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
        boolean matched,
        Optional<Glued> glued) {
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

    /** A part of it that is glued to others. */
    Wanted glued(Length otherWidth, Length otherThickness, Glued to) {
        return new Wanted(
                job,
                piece,
                part,
                species,
                length,
                otherWidth,
                otherThickness,
                grooved,
                over,
                planing,
                matched,
                Optional.of(to));
    }

    /** As its blank is crosscut. */
    public Length blank() {
        return length.plus(over);
    }

    /**
     * A stave of a wide strip, or a layer of a thick one.
     *
     * @param way       it is glued
     * @param number    which, from 1
     * @param of        how many
     * @param width     finished, of the whole strip
     * @param thickness finished, of the whole strip
     */
    public record Glued(Way way, int number, int of, Length width, Length thickness) {
        /** How blanks are glued to one another. */
        public enum Way {
            /** Staves side by side. */
            EDGE_TO_EDGE,
            /** Layers on one another. */
            FACE_TO_FACE
        }
    }

    /** The strip it is or is a part of, scarfed or glued. */
    public StripId strip() {
        return new StripId(new PieceId(piece.letters(), piece.frame(), 0), part.layer());
    }

    /** What it is or is a part of, among several jobs. */
    List<Object> whole() {
        return List.of(job, strip());
    }

    /**
     * What is to come from one board, so that grain and colour go together.
     *
     * @param job   the name of the job
     * @param what  of it: a frame, or one piece of it
     * @param layer of the section
     */
    record Ring(String job, String what, int layer) {
    }

    /** The same layer of all sides of a frame where that is wished, else what is glued to one strip, else nothing. */
    Optional<Ring> ring() {
        if (matched) {
            return Optional.of(new Ring(job, Integer.toString(piece.frame()), part.layer()));
        }
        return glued.map(_ -> new Ring(job, piece.toString(), part.layer()));
    }

    /** The piece it becomes, and which part of it where it has several. */
    public Words words() {
        Words whole = strips();
        return glued.map(one -> Words.of(
                        one.way() == Glued.Way.EDGE_TO_EDGE ? "mill.piece.stave" : "mill.piece.ply",
                        whole,
                        one.number(),
                        one.of()))
                .orElse(whole);
    }

    private Words strips() {
        return part.isBand()
                ? Words.of("mill.piece.band", piece)
                : part.of() > 1 ? Words.of("mill.piece.layer", piece, part.layer()) : Words.of("mill.piece", piece);
    }

    /** The same with its job before it. */
    public Words wordsWithJob() {
        return Words.of("mill.piece.job", job, words());
    }
}
