package neatcorner.core.job;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which piece of a job: {@code A–B/2}, and for a part of a joined side {@code A–B/2.1}.
 *
 * @param letters what is pencilled on it
 * @param frame   of which of the alike frames, from 1
 * @param part    of a side joined from several, from 1; 0 for a whole one
 */
public record PieceId(String letters, int frame, int part) {
    private static final Pattern TEXT = Pattern.compile("(.+)/([1-9]\\d{0,5})(?:\\.([1-9]\\d{0,3}))?");

    /** From its text, where it was written down; empty when it is none. */
    public static Optional<PieceId> read(String text) {
        Matcher parts = TEXT.matcher(text);
        return parts.matches() ? Optional.of(new PieceId(parts.group(1), Integer.parseInt(parts.group(2)),
                parts.group(3) == null ? 0 : Integer.parseInt(parts.group(3)))) : Optional.empty();
    }

    /** As it is written down and said. */
    @Override
    public String toString() {
        return letters + "/" + frame + (part == 0 ? "" : "." + part);
    }
}
