/**
 * The application: the command line and the window.
 */
@NullMarked
package neatcorner.app;

import org.jspecify.annotations.NullMarked;
