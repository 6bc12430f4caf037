/**
 * The shop sheet as a PDF, painted from the same pictures as the window.
 */
@NullMarked
package neatcorner.files.sheet;

import org.jspecify.annotations.NullMarked;
