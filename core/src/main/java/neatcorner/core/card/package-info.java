/** A plan told act by act, for a hand that has a stick in it: one card for one act. */
@NullMarked
package neatcorner.core.card;

import org.jspecify.annotations.NullMarked;
