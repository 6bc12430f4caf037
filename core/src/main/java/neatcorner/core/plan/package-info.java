/**
 * From a job and a shop to everything that follows from them. {@link
 * neatcorner.core.plan.Planner#plan} is a pure function: same input, same plan.
 */
@NullMarked
package neatcorner.core.plan;

import org.jspecify.annotations.NullMarked;
