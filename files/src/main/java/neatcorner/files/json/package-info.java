/**
 * Open formats in JSON: jobs, shops and plans. A document keeps what it does not know, so that
 * nothing of a newer or foreign writer is lost.
 */
@NullMarked
package neatcorner.files.json;

import org.jspecify.annotations.NullMarked;
