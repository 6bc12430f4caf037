package neatcorner.core.job;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A strip of a member of a frame.
 *
 * @param piece the member, whole
 * @param layer of its section from 1, from the back; 0 for its band
 */
public record StripId(PieceId piece, int layer) {
    private static final Pattern TEXT = Pattern.compile("(.+)#(\\d{1,2})");

    /** From its text, where it was written down; empty when it is none. */
    public static Optional<StripId> read(String text) {
        Matcher parts = TEXT.matcher(text);
        return parts.matches()
                ? PieceId.read(parts.group(1)).map(piece -> new StripId(piece, Integer.parseInt(parts.group(2))))
                : Optional.empty();
    }

    /** As it is written down. */
    @Override
    public String toString() {
        return piece + "#" + layer;
    }
}
