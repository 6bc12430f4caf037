package neatcorner.core.report;

import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Station;

/** The step that would fix it, one press away. */
public sealed interface Remedy {
    /** What the button says. */
    Words words();

    /** A change of the job. */
    record OnJob(Words words, Edit edit) implements Remedy {
    }

    /** A change of the shop. */
    record OnShop(Words words, ShopEdit edit) implements Remedy {
    }

    /** Nothing one press can do, but here is where it is done. */
    record Visit(Words words, Station station) implements Remedy {
        /** Said as going there. */
        public Visit(Station station) {
            this(Words.of("remedy.see", station), station);
        }
    }

    /** Where the saw is proved. */
    record Prove(Words words) implements Remedy {
    }
}
