/**
 * What the window works on: the shop's store, the job in hand, its plan, and every change of
 * them. No controls.
 */
@NullMarked
package neatcorner.app.desk;

import org.jspecify.annotations.NullMarked;
