/** What was done to a job at the bench, and what came out: a log that is only added to. */
@NullMarked
package neatcorner.core.work;

import org.jspecify.annotations.NullMarked;
