/**
 * Lengths, angles and masses; reading and writing them the way makers do; and directed rounding.
 *
 * <p>The few ideas:
 * <ol>
 *   <li>A {@link neatcorner.core.measure.Length} counts whole nanometres, so that 1/64 in
 *       (396 875 nm) and 0.01 mm (10 000 nm) are both exact and sums never drift.</li>
 *   <li>Nothing is rounded on the way. A number is rounded once, when it is written, to a
 *       {@link neatcorner.core.measure.Graduation} of the tape and in a stated
 *       {@link neatcorner.core.measure.Rounding}; what was dropped shows as a residue.</li>
 * </ol>
 * Angles are doubles in radians inside and degrees outside. NaN and infinities are refused at the
 * door of every type here.
 */
@NullMarked
package neatcorner.core.measure;

import org.jspecify.annotations.NullMarked;
