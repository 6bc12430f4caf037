/**
 * A plan as readable text and its cut list as CSV.
 */
@NullMarked
package neatcorner.files.text;

import org.jspecify.annotations.NullMarked;
