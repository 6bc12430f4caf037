/**
 * Changes as data. An {@link neatcorner.core.edit.Entry} is a number of a job that can be typed, an
 * {@link neatcorner.core.edit.Edit} any change of a job and a {@link neatcorner.core.edit.ShopEdit} any change of the
 * shop, each with the words it goes into the history with. An edit is applied to an immutable value and
 * gives another, or is refused.
 */
@NullMarked
package neatcorner.core.edit;

import org.jspecify.annotations.NullMarked;
