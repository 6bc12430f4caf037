/**
 * The shop in one SQLite file. Every edit is a revision, committed as it is made; undo and redo
 * move along the revisions and so survive a restart.
 */
@NullMarked
package neatcorner.files.store;

import org.jspecify.annotations.NullMarked;
