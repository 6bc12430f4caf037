/**
 * What is wanted: a {@link neatcorner.core.job.Job} with its contents, its choices and what was measured.
 * Everything is immutable and checked when built; {@link neatcorner.core.edit} changes it.
 */
@NullMarked
package neatcorner.core.job;

import org.jspecify.annotations.NullMarked;
