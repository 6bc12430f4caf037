/** Species: how heavy, how hard, what colour. */
@NullMarked
package neatcorner.core.wood;

import org.jspecify.annotations.NullMarked;
