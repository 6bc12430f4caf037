package neatcorner.core.mill;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * One setting of one machine, and what is done at it.
 *
 * @param board     its label
 * @param number    in the board's list, from 1
 * @param operation what is done
 * @param length    which of the board's lengths, from 1; 0 for the whole board
 * @param rips      which of its rips, from 1, from the near edge; empty for all of it
 * @param setting   what fence, stop or table is set to; zero where nothing is set
 * @param from      where the cut is: from the board's left end or its near edge; zero where there is none
 * @param pieces    how many come of it
 * @param wanted    what becomes of the blanks it is for; empty when it is for all
 * @param what      is done, in a sentence
 * @param notes     on it, cautions last
 */
public record MillStep(
        String board,
        int number,
        Operation operation,
        int length,
        List<Integer> rips,
        Length setting,
        Length from,
        int pieces,
        List<Wanted> wanted,
        Words what,
        List<Words> notes) {
    public MillStep {
        rips = List.copyOf(rips);
        wanted = List.copyOf(wanted);
        notes = List.copyOf(notes);
    }
}
