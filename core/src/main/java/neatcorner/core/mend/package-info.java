/** What to do when a corner went wrong: it opened, gapes, steps, split, or something came out of it. */
@NullMarked
package neatcorner.core.mend;

import org.jspecify.annotations.NullMarked;
