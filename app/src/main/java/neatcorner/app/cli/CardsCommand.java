package neatcorner.app.cli;

import java.util.Optional;
import neatcorner.files.sheet.CardSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner cards JOB.json -o OUT.pdf}. */
@Command(
        name = "cards",
        description = "Write the cards of the bench as a PDF, one for every act.",
        mixinStandardHelpOptions = true)
final class CardsCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Mixin
    private PaperArguments printed = new PaperArguments();
    @Option(names = "--a-page", defaultValue = "1", description = "How many cards to a page: 1 or 4.")
    private int aPage = 1;

    @Override
    public void run() {
        if (aPage != 1 && aPage != 4) {
            throw new CommandException("--a-page is " + aPage + "; it must be 1 or 4");
        }
        printed.write(CardSheet.write(
                arguments.plan(), Optional.empty(), aPage, printed.book(), printed.paper(), _ -> true));
    }
}
