package neatcorner.files.store;

import java.nio.file.Path;
import java.time.Clock;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Words;
import neatcorner.files.Jobs;
import neatcorner.files.json.Document;

/** A process that edits a job for ever and says the number of each edit once it is saved; made to be killed. */
final class EditingProcess {
    private EditingProcess() {
    }

    public static void main(String[] args) {
        ShopStore store = ShopStore.open(Path.of(args[0]), Clock.systemUTC());
        if (store.jobs().isEmpty()) {
            store.add(Document.of(Jobs.plain()), Words.plain("new"));
        }
        String id = store.jobs().getFirst().id();
        int edit = store.history(id).size() - 1;
        System.out.println("ready");
        while (true) {
            Document<Job> job = store.job(id);
            edit++;
            store.save(id, job.with(new Edit.Name("edit " + edit).apply(job.value())), Words.plain("edit " + edit));
            System.out.println(edit);
        }
    }
}
