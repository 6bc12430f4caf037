/**
 * The customer's picture as a file: read once, turned as its metadata says, made no larger than a window needs, and
 * from then on kept by the shop as it is.
 */
@NullMarked
package neatcorner.files.picture;

import org.jspecify.annotations.NullMarked;
