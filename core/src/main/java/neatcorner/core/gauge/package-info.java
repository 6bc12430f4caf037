/** Measuring instruments that say down a cable what they show: the lines they send, and how those are read. */
@NullMarked
package neatcorner.core.gauge;

import org.jspecify.annotations.NullMarked;
