package neatcorner.files.text;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.job.Job;
import neatcorner.core.outline.Side;
import neatcorner.core.words.Phrasebook;

/** What lies on a stick, in words: every piece by its letters, those of which there are many as a run. */
final class StickWords {
    private StickWords() {
    }

    static List<String> of(StickLayout stick, Job job, Phrasebook book) {
        List<Piece> pieces =
                stick.placed().stream().map(StickLayout.Placed::piece).toList();
        List<String> said = new ArrayList<>();
        int i = 0;
        while (i < pieces.size()) {
            int last = i;
            while (last + 1 < pieces.size() && isNextOfMany(pieces.get(last), pieces.get(last + 1))) {
                last++;
            }
            said.add(said(pieces.get(i), pieces.get(last), job, book));
            i = last + 1;
        }
        return said;
    }

    private static boolean isNextOfMany(Piece one, Piece next) {
        Side side = one.member().side();
        return side.isOneOfMany()
                && next.member().side().name() == side.name()
                && next.member().side().number() == side.number() + 1
                && next.frame() == one.frame()
                && next.job().equals(one.job());
    }

    private static String said(Piece first, Piece last, Job job, Phrasebook book) {
        String part = job.parts().size() > 1 ? first.job() + " " : "";
        String letters = first.equals(last)
                ? first.member().side().letters()
                : book.say(
                        "stick.run",
                        first.member().side().all(),
                        first.member().side().from(),
                        last.member().side().from());
        String scarf = first.part()
                .map(of -> book.say("stick.part", of.number(), of.of()))
                .orElse("");
        return part + letters + scarf + (alike(first, job) > 1 ? " #" + first.frame() : "");
    }

    /** How many like it are cut in all. */
    private static int alike(Piece piece, Job job) {
        return IntStream.range(0, job.parts().size())
                .filter(part -> job.parts().get(part).name().equals(piece.job()))
                .map(part -> job.at(part).copies())
                .findFirst()
                .orElse(job.quantity());
    }
}
