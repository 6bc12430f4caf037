/**
 * What can be written of a plan, in one list for the window and the command line:
 * {@link neatcorner.files.export.Exports}.
 */
@NullMarked
package neatcorner.files.export;

import org.jspecify.annotations.NullMarked;
