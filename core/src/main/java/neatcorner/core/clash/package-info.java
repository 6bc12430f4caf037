/** What lies in the wood and meets something else there: fasteners of one corner, of its neighbours, and screws. */
@NullMarked
package neatcorner.core.clash;

import org.jspecify.annotations.NullMarked;
