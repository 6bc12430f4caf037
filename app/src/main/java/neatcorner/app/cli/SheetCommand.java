package neatcorner.app.cli;

import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Lots;
import neatcorner.core.mill.Milling;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.files.sheet.ShopSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner sheet JOB.json -o OUT.pdf}. */
@Command(name = "sheet", description = "Write the shop sheet of a job as a PDF.", mixinStandardHelpOptions = true)
final class SheetCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Mixin
    private PaperArguments printed = new PaperArguments();
    @Option(names = "--boards", description = "With the boards of the shop that it is milled from, and their list.")
    private boolean isFromBoards;

    @Override
    public void run() {
        Plan plan = arguments.plan();
        Optional<ShopSheet.Boards> boards = Optional.empty();
        if (isFromBoards) {
            Shop shop = arguments.shop();
            List<Lots.Order> orders = Lots.orders(plan.assembly());
            boards = Optional.of(
                    new ShopSheet.Boards(Milling.of(orders, shop, Answers.NONE), shop));
        }
        printed.write(ShopSheet.write(plan, boards, printed.book(), printed.paper()));
    }
}
