/**
 * The window: small nodes that read a plan and send edits. No arithmetic.
 */
@NullMarked
package neatcorner.app.view;

import org.jspecify.annotations.NullMarked;
