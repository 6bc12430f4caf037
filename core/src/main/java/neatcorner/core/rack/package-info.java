/**
 * What lies on the rack: off-cuts and sticks with a label of their own, boards with their defects,
 * sheets; and what any of it costs. Alike whole sticks are only counted, with their moulding.
 */
@NullMarked
package neatcorner.core.rack;

import org.jspecify.annotations.NullMarked;
