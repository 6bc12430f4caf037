/** Results of pure functions, kept for a while. */
@NullMarked
package neatcorner.core.recall;

import org.jspecify.annotations.NullMarked;
