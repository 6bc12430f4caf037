package neatcorner.files;

/** What chance starts from in every property: a build says the same each time. Another seed here, other cases. */
public final class Seed {
    public static final String FIXED = "20261128";

    private Seed() {
    }
}
