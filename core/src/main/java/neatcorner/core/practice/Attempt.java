package neatcorner.core.practice;

import java.time.Instant;

/**
 * An exercise that was answered.
 *
 * @param at     when
 * @param what   was practised
 * @param seed   from which the exercise can be made again
 * @param points from 0 to {@value Judged#MOST}
 */
public record Attempt(Instant at, Practice what, long seed, int points) {
}
