/**
 * Weight, hardware, wire and hook height. Everything about loads is an estimate.
 */
@NullMarked
package neatcorner.core.hang;

import org.jspecify.annotations.NullMarked;
