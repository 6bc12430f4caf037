/**
 * What the maker says: a {@link neatcorner.core.job.Job} (what is wanted), a
 * {@link neatcorner.core.job.Shop} (what there is to make it with), and the two ways of changing a
 * job: an {@link neatcorner.core.job.Entry} is a number that can be typed, an
 * {@link neatcorner.core.job.Edit} any change with the words it goes into the history with.
 * Everything is immutable and checked when built.
 */
@NullMarked
package neatcorner.core.job;

import org.jspecify.annotations.NullMarked;
