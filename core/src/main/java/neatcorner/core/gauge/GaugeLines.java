package neatcorner.core.gauge;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Puts what comes down a cable, a few letters at a time, together to lines. Used from one thread at a time. */
public final class GaugeLines {
    /** A gauge sends a line at once: what is not ended after so long was broken off. */
    public static final Duration PATIENCE = Duration.ofMillis(700);
    /** No reading is longer; what is, is noise, and is given out as it stands. */
    private static final int LONGEST = 80;
    private final StringBuilder begun = new StringBuilder();
    private Duration last = Duration.ZERO;

    /**
     * Takes what came.
     *
     * @param at when, by whatever clock nobody sets
     * @return the lines that are whole now, without their ends
     */
    public List<String> take(String came, Duration at) {
        List<String> lines = new ArrayList<>();
        last = at;
        for (int i = 0; i < came.length(); i++) {
            char letter = came.charAt(i);
            if (letter != '\n' && letter != '\r') {
                begun.append(letter);
            }
            boolean ends = letter == '\n' || letter == '\r' || begun.length() == LONGEST;
            if (ends && !begun.isEmpty()) {
                lines.add(begun.toString());
                begun.setLength(0);
            }
        }
        return lines;
    }

    /**
     * What was begun and not ended for {@link #PATIENCE}; it is forgotten, so that the next reading is not taken for
     * its end.
     */
    public Optional<String> brokenOff(Duration now) {
        if (begun.isEmpty() || now.minus(last).compareTo(PATIENCE) < 0) {
            return Optional.empty();
        }
        String text = GaugeReading.shortened(begun.toString());
        begun.setLength(0);
        return Optional.of(text);
    }
}
