/**
 * Wood, and what takes its place, as it comes and goes: species with how heavy, how hard, what colour and how much
 * they move, and what {@linkplain neatcorner.core.wood.Stuff kind of thing} they are; the
 * {@linkplain neatcorner.core.wood.Air air} that sets their moisture, and the
 * {@linkplain neatcorner.core.wood.Climate climate} between the shop and the wall.
 */
@NullMarked
package neatcorner.core.wood;

import org.jspecify.annotations.NullMarked;
