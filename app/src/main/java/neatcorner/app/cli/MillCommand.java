package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.OrderNames;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.drawing.MarkingStrip;
import neatcorner.core.measure.Graduation;
import neatcorner.core.mill.Buying;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.MillStep;
import neatcorner.core.mill.Milling;
import neatcorner.core.plan.Plan;
import neatcorner.core.sawing.Strips;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.KnownAnswers;
import neatcorner.core.solve.board.BoardProblem;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.exchange.Template;
import neatcorner.files.sheet.SheetSize;
import neatcorner.files.text.MillCsv;
import neatcorner.files.text.MillText;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner mill JOB.json...}. */
@Command(
        name = "mill",
        description = "Lay the strips of one or several jobs on the boards of a shop, and list how they are milled.",
        mixinStandardHelpOptions = true)
final class MillCommand implements Runnable {
    @Parameters(paramLabel = "JOB.json", arity = "1..*", description = "The jobs; they share the boards.")
    private List<Path> jobs = new ArrayList<>();

    @Option(
            names = {"--shop-file", "--shop"},
            paramLabel = "SHOP.json",
            description = "The shop whose boards are milled.",
            required = true)
    private Path shopFile;

    @Option(names = {"-o", "--out"}, paramLabel = "OUT.csv", description = "Write the list as CSV.")
    private @Nullable Path out;

    @Option(
            names = "--strip",
            paramLabel = "OUT.pdf",
            description = "Write a strip for every board, at full size, to be laid along it and marked from.")
    private @Nullable Path strip;

    @Option(names = "--paper", defaultValue = "A4", description = "${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Option(
            names = "--seconds",
            paramLabel = "S",
            defaultValue = "5",
            description = "Time to look for a better way; ${DEFAULT-VALUE} when not said.")
    private double seconds;

    @Option(
            names = "--tape",
            defaultValue = "INCH_16",
            description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    private Phrasebook book = new Phrasebook(Graduation.INCH_16);

    @Override
    public void run() {
        if (!(seconds > 0 && seconds <= 86_400)) {
            throw new CommandException("--seconds is " + seconds + "; it must be over 0 and up to 86400");
        }
        Shop shop = JobFile.shop(Optional.of(shopFile));
        List<Plan> plans = jobs.stream().map(job -> JobFile.plan(job, Optional.of(shopFile))).toList();
        book = new Phrasebook(tape);
        List<Lots.Order> orders = Orders.of(plans);
        Milling milling = solved(orders, shop);
        List<MillStep> steps = MillList.of(milling, shop.habits());
        if (out != null) {
            WholeFile.write(out, MillCsv.write(steps, book).getBytes(StandardCharsets.UTF_8));
        }
        if (strip != null) {
            List<FullSize> strips = MarkingStrip.of(milling, shop.habits(), book);
            if (strips.isEmpty()) {
                throw new CommandException(strip + ": no board is cut, so there is no strip to write");
            }
            WholeFile.write(strip, Template.write(strips, book, paper));
        }
        MillText.list(milling, shop.habits(), book).forEach(MillCommand::print);
        print(MillText.settings(new Strips(milling, orders, shop.habits()).inOrder(), book));
        MillText.balance(milling, book).forEach(line -> System.out.println(line.what() + ": " + line.volume()));
        milling.proof().ifPresent(proof -> System.out.println(book.say(proof.words())));
        MillText.bought(milling, Buying.asMoulding(Lots.ofAll(orders, shop, Answers.NONE)), shop, book)
                .forEach(System.out::println);
        MillText.spread(milling, book).forEach(System.out::println);
        MillText.missing(milling, book).forEach(System.out::println);
    }

    private static void print(MillText.Part part) {
        System.out.println(part.title());
        for (MillText.Step step : part.steps()) {
            System.out.println("  " + step.what());
            step.said().forEach(note -> System.out.println("     " + note));
        }
        part.left().forEach(left -> System.out.println("  " + left));
    }

    /** Searched for so long, and once more without what cannot be made whole. */
    private Milling solved(List<Lots.Order> orders, Shop shop) {
        KnownAnswers known = new KnownAnswers();
        Milling milling = Milling.of(orders, shop, known);
        for (int i = 0; i < milling.problems().size(); i++) {
            BoardProblem problem = milling.problems().get(i);
            long start = System.nanoTime();
            problem.solve(() -> System.nanoTime() - start > seconds * 1e9, _ -> {})
                    .ifPresent(answer -> known.put(problem, answer));
            milling = Milling.of(orders, shop, known);
        }
        return milling;
    }
}
