/** Measurements: JMH benchmarks, and the time to the first usable window. Figures go to {@code docs/benchmarks.md}. */
@NullMarked
package neatcorner.bench;

import org.jspecify.annotations.NullMarked;
