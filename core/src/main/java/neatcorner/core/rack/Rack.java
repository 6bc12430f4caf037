package neatcorner.core.rack;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.phrase.Refusal;

/**
 * Everything on the rack that has a label.
 *
 * @param items in the order they came; up to 100 000
 */
public record Rack(List<RackItem> items) {
    /** Nothing. */
    public static final Rack EMPTY = new Rack(List.of());
    private static final int MOST = 100_000;

    public Rack {
        items = List.copyOf(items);
        if (items.size() > MOST) {
            throw Refusal.of("rack.rack_has_items_may", items.size(), MOST);
        }
        if (byLabel(items).size() < items.size()) {
            Map<String, Integer> seen = new LinkedHashMap<>();
            items.forEach(item -> seen.merge(item.label(), 1, Integer::sum));
            String twice = seen.entrySet().stream().filter(e -> e.getValue() > 1).findFirst().orElseThrow().getKey();
            throw Refusal.of("rack.two_items_of_rack", twice);
        }
    }

    private static Map<String, RackItem> byLabel(List<RackItem> items) {
        Map<String, RackItem> byLabel = LinkedHashMap.newLinkedHashMap(items.size());
        items.forEach(item -> byLabel.put(item.label(), item));
        return byLabel;
    }

    /** The item with this label. */
    public Optional<RackItem> item(String label) {
        return items.stream().filter(item -> item.label().equals(label)).findFirst();
    }

    /** The items of one kind. */
    public <T extends RackItem> List<T> all(Class<T> kind) {
        return items.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** With these items; one with the same label as one that is there takes its place. */
    public Rack with(List<? extends RackItem> more) {
        Map<String, RackItem> changed = byLabel(items);
        more.forEach(item -> changed.put(item.label(), item));
        return new Rack(List.copyOf(changed.values()));
    }

    /** Without the items with these labels. */
    public Rack without(List<String> labels) {
        return new Rack(items.stream().filter(item -> !labels.contains(item.label())).toList());
    }

    /** Labels that nobody has yet: {@code C-12} and on. */
    public List<String> freeLabels(String letter, int count) {
        int next = freeNumber(letter);
        return IntStream.range(next, next + count).mapToObj(n -> letter + "-" + n).toList();
    }

    /** The number from which on no label with this letter is taken. */
    public int freeNumber(String letter) {
        int next = 1;
        for (RackItem item : items) {
            if (item.label().matches(letter + "-\\d{1,8}")) {
                next = Math.max(next, Integer.parseInt(item.label().substring(letter.length() + 1)) + 1);
            }
        }
        return next;
    }
}
