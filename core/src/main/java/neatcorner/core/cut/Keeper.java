package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Cutting;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.shop.Shop;

/** Gathers what goes from the rack and what comes to it, and gives what comes its labels. */
public final class Keeper {
    private final Shop shop;
    private final String letter;
    private final int firstFree;
    private final List<ShopEdit> edits = new ArrayList<>();
    private final List<String> gone = new ArrayList<>();
    private final Map<String, Integer> counted = new LinkedHashMap<>();
    private final List<RackItem> kept = new ArrayList<>();
    private final Map<String, List<Cutting.Made>> made = new LinkedHashMap<>();

    /** A keeper who begins the labels of what is kept with this letter. */
    public Keeper(Shop shop, String letter) {
        this.shop = shop;
        this.letter = letter;
        this.firstFree = shop.rack().freeNumber(letter);
    }

    /** What was on the rack under this label is cut up. */
    public void take(String label) {
        gone.add(label);
    }

    /** One sheet less of these. */
    void takeOne(Sheet sheet) {
        counted.merge(sheet.label(), 1, Integer::sum);
    }

    /** What else changes in the shop. */
    void edit(ShopEdit edit) {
        edits.add(edit);
    }

    /** Keeps what is left, under a label that was never on the rack. */
    public RackItem keep(Function<String, RackItem> item) {
        kept.add(item.apply(letter + "-" + (firstFree + kept.size())));
        return kept.getLast();
    }

    /** What a job was cut from. */
    public void enter(String job, Cutting.Made from) {
        made.computeIfAbsent(job, _ -> new ArrayList<>()).add(from);
    }

    /**
     * All of it as one edit.
     *
     * @param cut how many sticks, boards or sheets were cut
     */
    public Booking booking(int cut) {
        return booking(cut, Set.of());
    }

    /**
     * All of it as one edit.
     *
     * @param cut  how many sticks, boards or sheets were cut
     * @param open jobs that are not cut as a whole by it
     */
    public Booking booking(int cut, Set<String> open) {
        List<RackItem> fewer = new ArrayList<>();
        counted.forEach((label, count) -> {
            Sheet sheet = (Sheet) shop.rack().item(label).orElseThrow();
            if (sheet.count() == count && !sheet.forSale()) {
                gone.add(label);
            } else {
                fewer.add(sheet.withCount(sheet.count() - count));
            }
        });
        if (!gone.isEmpty()) {
            edits.add(new ShopEdit.Unshelve(gone));
        }
        if (!kept.isEmpty() || !fewer.isEmpty()) {
            edits.add(new ShopEdit.Shelve(Stream.concat(fewer.stream(), kept.stream()).toList()));
        }
        return new Booking(
                new ShopEdit.Together(edits, Words.of("edit.booked", cut, kept.size())), List.copyOf(kept), made, open);
    }

    /** Puts what belongs to each job together, the jobs in the order of their first. */
    public static <T> Map<String, List<T>> byJob(List<T> pieces, Function<T, String> job) {
        return pieces.stream().collect(Collectors.groupingBy(job, LinkedHashMap::new, Collectors.toList()));
    }

    /** The labels of some items, as they are written. */
    public static String labels(List<RackItem> items) {
        return items.stream().map(RackItem::label).collect(Collectors.joining(", "));
    }
}
