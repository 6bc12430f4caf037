/**
 * What planning writes down besides its results: every figure, every finding, every caution. The
 * planners of the subjects fill one {@link neatcorner.core.report.Ledger} a plan.
 */
@NullMarked
package neatcorner.core.report;

import org.jspecify.annotations.NullMarked;
