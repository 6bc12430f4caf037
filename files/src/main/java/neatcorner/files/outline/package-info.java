/** Outlines out of drawings that other programs made. */
@NullMarked
package neatcorner.files.outline;

import org.jspecify.annotations.NullMarked;
