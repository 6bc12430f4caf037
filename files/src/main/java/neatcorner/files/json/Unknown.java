package neatcorner.files.json;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What stands in a document but is not known here: fields of a newer program or of the maker's own, object
 * by object. They are put back where they were when the document is written.
 *
 * @param fields  by name
 * @param objects known fields that hold something unknown
 * @param lists   known fields that are lists, some of whose items do
 */
record Unknown(Map<String, JsonNode> fields, Map<String, Unknown> objects, Map<String, Items> lists) {
    /** All of a document is known. */
    static final Unknown NOTHING = new Unknown(Map.of(), Map.of(), Map.of());
    /** Fields by which an item is told from the others of its list. */
    private static final List<String> NAMES = List.of("id", "label", "name");

    /**
     * Items of a list that hold something unknown.
     *
     * @param size how many items the whole list had
     */
    private record Items(int size, List<Item> items) {
    }

    /**
     * One of them.
     *
     * @param index its place in the list
     * @param known what was known of it
     * @param rest  what was not
     */
    private record Item(int index, ObjectNode known, Unknown rest) {
    }

    /** What stands in {@code source} but not in {@code known}. */
    static Unknown of(ObjectNode source, ObjectNode known) {
        Unknown unknown = new Unknown(new LinkedHashMap<>(), new LinkedHashMap<>(), new LinkedHashMap<>());
        for (var field : source.properties()) {
            JsonNode mine = known.get(field.getKey());
            if (mine == null) {
                unknown.fields.put(field.getKey(), field.getValue());
            } else if (mine instanceof ObjectNode object && field.getValue() instanceof ObjectNode theirs) {
                Unknown part = of(theirs, object);
                if (!part.isEmpty()) {
                    unknown.objects.put(field.getKey(), part);
                }
            } else if (mine.isArray() && field.getValue().isArray()) {
                List<Item> items = items(field.getValue(), mine);
                if (!items.isEmpty()) {
                    unknown.lists.put(field.getKey(), new Items(mine.size(), items));
                }
            }
        }
        return unknown;
    }

    /**
     * A list may be kept in another order than it was written in, so every item is looked for by what is known of it.
     */
    private static List<Item> items(JsonNode source, JsonNode known) {
        List<Item> items = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        for (int i = 0; i < Math.min(source.size(), known.size()); i++) {
            if (source.get(i) instanceof ObjectNode theirs && known.get(i) instanceof ObjectNode) {
                int at = likest(theirs, known, i, taken);
                taken.add(at);
                Unknown rest = of(theirs, (ObjectNode) known.get(at));
                if (!rest.isEmpty()) {
                    items.add(new Item(at, (ObjectNode) known.get(at), rest));
                }
            }
        }
        return items;
    }

    private static int likest(ObjectNode theirs, JsonNode known, int same, Set<Integer> taken) {
        if (!taken.contains(same) && name(theirs).isPresent() && name(theirs).equals(name(known.get(same)))) {
            return same;
        }
        IntPredicate free = at -> !taken.contains(at) && known.get(at) instanceof ObjectNode;
        return IntStream.concat(IntStream.of(same), IntStream.range(0, known.size())).filter(free).boxed()
                .reduce((a, b) -> alike(theirs, known.get(b)) > alike(theirs, known.get(a)) ? b : a).orElse(same);
    }

    private static long alike(ObjectNode theirs, JsonNode mine) {
        return theirs.properties().stream().filter(field -> field.getValue().equals(mine.get(field.getKey()))).count();
    }

    boolean isEmpty() {
        return fields.isEmpty() && objects.isEmpty() && lists.isEmpty();
    }

    /** Puts it back into a document that may have changed since. */
    void restore(ObjectNode node) {
        fields.forEach((name, value) -> {
            if (!node.has(name)) {
                node.set(name, value);
            }
        });
        objects.forEach((name, rest) -> {
            if (node.get(name) instanceof ObjectNode object) {
                rest.restore(object);
            }
        });
        lists.forEach((name, items) -> {
            if (node.get(name) != null && node.get(name).isArray()) {
                restore(node.get(name), items);
            }
        });
    }

    /**
     * Every item is looked for as it was, then by its name, then in its place where the list has kept its length; one
     * that is gone takes what it had along.
     */
    private static void restore(JsonNode list, Items items) {
        Set<Integer> taken = new HashSet<>();
        List<Item> left = items.items();
        left = matched(list, left, taken, (item, at) -> at == item.index() && list.get(at).equals(item.known()));
        left = matched(list, left, taken, (item, at) -> list.get(at).equals(item.known()));
        left = matched(
                list,
                left,
                taken,
                (item, at) ->
                        name(item.known()).isPresent() && name(item.known()).equals(name(list.get(at))));
        matched(list, left, taken, (item, at) -> list.size() == items.size() && at == item.index()
                && (name(item.known()).isEmpty() || name(list.get(at)).isEmpty()));
    }

    /** Whether an item was the one at a place. */
    private interface Match {
        boolean test(Item item, int at);
    }

    private static List<Item> matched(JsonNode list, List<Item> items, Set<Integer> taken, Match match) {
        List<Item> left = new ArrayList<>();
        for (Item item : items) {
            IntPredicate fits = at -> !taken.contains(at) && list.get(at) instanceof ObjectNode && match.test(item, at);
            IntStream places = IntStream.concat(
                    IntStream.of(item.index()).filter(at -> at < list.size()), IntStream.range(0, list.size()));
            places.filter(fits).findFirst().ifPresentOrElse(at -> {
                taken.add(at);
                item.rest().restore((ObjectNode) list.get(at));
            }, () -> left.add(item));
        }
        return left;
    }

    private static Optional<String> name(JsonNode item) {
        return NAMES.stream().filter(item::has).findFirst().map(field -> field + " " + item.get(field));
    }
}
