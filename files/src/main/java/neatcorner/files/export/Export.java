package neatcorner.files.export;

import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import java.util.function.Supplier;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.sheet.SheetSize;

/**
 * One thing that can be written of a plan.
 *
 * @param what    it shows: {@code sheet}, {@code frame}, {@code pieces}; with the ending its phrase is
 *                {@code export.WHAT.ENDING}
 * @param ending  of its file, without the point
 * @param content makes the file; may refuse what is too large, and throws a
 *                {@link java.util.concurrent.CancellationException} when it is not wanted any more
 */
public record Export(String what, String ending, Function<Request, byte[]> content) implements Named {
    /**
     * What is to be written, and for whom.
     *
     * @param book   the reader's units
     * @param paper  to print on, where it is printed
     * @param boards the pieces are milled from; empty where none are known
     * @param job    what the shop calls the job; empty for one that is in no shop
     * @param goOn   told now and then what share of a large file is made; says no when nobody wants it any more
     */
    public record Request(
            Plan plan,
            Phrasebook book,
            SheetSize paper,
            Optional<Boards> boards,
            Optional<String> job,
            DoublePredicate goOn) {
        /** Of a job in no shop, where no boards are known, for whoever waits for it. */
        public Request(Plan plan, Phrasebook book, SheetSize paper) {
            this(plan, book, paper, Optional.empty(), Optional.empty(), _ -> true);
        }
    }

    /**
     * Boards that pieces are milled from.
     *
     * @param milling lays them when it is asked for
     * @param shop    whose boards they are
     * @param onSheet whether the job's sheet shows them
     */
    public record Boards(Supplier<Milling> milling, Shop shop, boolean onSheet) {
    }

    @Override
    public Words words() {
        return Words.of("export." + what + "." + ending);
    }
}
