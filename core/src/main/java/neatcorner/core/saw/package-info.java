/**
 * A saw that can be trusted: how it is proved, what its errors do to a frame, and which error a frame shows.
 *
 * <ol>
 *   <li>A {@link neatcorner.core.saw.Trial} is a test with scraps as it was seen; it gives a
 *       {@link neatcorner.core.shop.Proof} and a {@link neatcorner.core.saw.Correction}.
 *   <li>{@link neatcorner.core.saw.PieceError}s are what each end and each length of a frame is off by. A
 *       {@link neatcorner.core.saw.Closure} puts the frame together from such pieces, in space: one corner after
 *       another closed tight, and what the last one is left with.
 *   <li>{@link neatcorner.core.saw.Band} pulls the same pieces together all at once and says what stays open where.
 *   <li>A {@link neatcorner.core.saw.Budget} takes the errors from the machine's proofs, and says what to better first.
 *   <li>The {@link neatcorner.core.saw.Doctor} goes the other way: from what is seen at each
 *       {@link neatcorner.core.saw.Look} to the {@link neatcorner.core.saw.Cause}s of it, and a
 *       {@link neatcorner.core.saw.Mend}.
 * </ol>
 */
@NullMarked
package neatcorner.core.saw;

import org.jspecify.annotations.NullMarked;
