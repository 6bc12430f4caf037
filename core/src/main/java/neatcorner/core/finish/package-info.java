/**
 * The finish as a timetable of steps.
 */
@NullMarked
package neatcorner.core.finish;

import org.jspecify.annotations.NullMarked;
