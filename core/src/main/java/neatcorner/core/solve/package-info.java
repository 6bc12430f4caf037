/**
 * Pure optimisers: they know lengths, counts and costs, and nothing of frames, woods or shops.
 *
 * <p>{@link neatcorner.core.solve.stick} lays pieces on sticks, {@link neatcorner.core.solve.sheet} panes on
 * sheets. Both take a problem that cannot be wrong, answer at once by quick rules, then better ones as
 * long as they are let, each with how far it may be from the best; what they answer is checked by rules
 * of its own before it goes out. {@link neatcorner.core.solve.Chance} is the only chance there is, and it
 * always draws the same.
 */
@NullMarked
package neatcorner.core.solve;

import org.jspecify.annotations.NullMarked;
