/**
 * The moulding cut through. A {@link neatcorner.core.section.Section} lies with its back on the x
 * axis: x runs from the sight line outwards to the outside line, y from the back to the front, both
 * in millimetres. What holds the package is its {@link neatcorner.core.section.Recess}; what the
 * eye sees is its {@link neatcorner.core.section.Profile}.
 */
@NullMarked
package neatcorner.core.section;

import org.jspecify.annotations.NullMarked;
