/**
 * How the corners are joined: what each way of joining asks of the section, what it gives, and
 * which is enough for this frame. Everything about strength is an estimate.
 */
@NullMarked
package neatcorner.core.joint;

import org.jspecify.annotations.NullMarked;
