package neatcorner.core.sawing;

/**
 * What an order of cuts costs.
 *
 * @param settings how often the saw is set
 * @param lengths  how often a length is carried to the saw, by a stop or a mark
 */
public record Effort(int settings, int lengths) {
    /** Both together. */
    public int changes() {
        return settings + lengths;
    }
}
