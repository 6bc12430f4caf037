/**
 * Cut sizes of glass, mat and backing, how they are held, and the strainer behind a thin frame.
 */
@NullMarked
package neatcorner.core.fit;

import org.jspecify.annotations.NullMarked;
