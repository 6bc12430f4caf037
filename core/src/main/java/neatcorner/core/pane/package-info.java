/** What of the package is cut to size, and how large: {@link neatcorner.core.pane.PanePlanner}. */
@NullMarked
package neatcorner.core.pane;

import org.jspecify.annotations.NullMarked;
