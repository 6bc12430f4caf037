/**
 * Commands for a terminal. Each reads its input whole, says what is wrong on standard error, and
 * writes nothing when something is.
 */
@NullMarked
package neatcorner.app.cli;

import org.jspecify.annotations.NullMarked;
