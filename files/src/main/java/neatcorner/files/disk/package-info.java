/**
 * Reading and writing whole files: all or nothing, with refusals in words. Everything that leaves the
 * program, from the window or from the command line, goes through {@link neatcorner.files.disk.WholeFile}.
 */
@NullMarked
package neatcorner.files.disk;

import org.jspecify.annotations.NullMarked;
