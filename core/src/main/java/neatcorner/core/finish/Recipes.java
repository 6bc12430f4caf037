package neatcorner.core.finish;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Coat.Kind;

/** Recipes to start from; products are to be written in by the maker. Common practice, no source. */
public final class Recipes {
    private static final List<Coat> PREPARED = coats(Kind.SAND, Kind.RAISE_GRAIN, Kind.DUST_OFF);
    /** Two coats of oil. */
    public static final List<Coat> OIL = with(Kind.OIL, Kind.RUB_DOWN, Kind.OIL);
    /** Three thin coats of shellac and wax. */
    public static final List<Coat> SHELLAC = with(Kind.SHELLAC, Kind.RUB_DOWN, Kind.SHELLAC, Kind.SHELLAC, Kind.WAX);
    /** Stain under two coats of water-based varnish. */
    public static final List<Coat> STAINED = with(Kind.STAIN, Kind.WATER_VARNISH, Kind.RUB_DOWN, Kind.WATER_VARNISH);
    /** Two coats of paint. */
    public static final List<Coat> PAINTED = with(Kind.PAINT, Kind.RUB_DOWN, Kind.PAINT);
    /** By the name of the phrase that says what they are. */
    public static final Map<String, List<Coat>> ALL = Collections.unmodifiableMap(new TreeMap<>(Map.of(
            "recipe.oil", OIL, "recipe.shellac", SHELLAC, "recipe.stained", STAINED, "recipe.painted", PAINTED)));

    private Recipes() {
    }

    private static List<Coat> with(Kind... kinds) {
        return Stream.concat(PREPARED.stream(), coats(kinds).stream()).toList();
    }

    private static List<Coat> coats(Kind... kinds) {
        return Stream.of(kinds).map(kind -> Coat.of(kind, "")).toList();
    }
}
