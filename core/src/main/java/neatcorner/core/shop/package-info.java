/**
 * What there is to make frames with: a {@link neatcorner.core.shop.Shop} with its mouldings, rack and clamps,
 * and its {@link neatcorner.core.shop.Habits}, the numbers it always uses until a job says otherwise.
 * Everything is immutable and checked when built.
 */
@NullMarked
package neatcorner.core.shop;

import org.jspecify.annotations.NullMarked;
