/**
 * What a frame has to bear and what bears it: the ring of its sides under its package, hung or lifted, and what that
 * asks of its corners. Estimates for choosing, never a certificate.
 */
@NullMarked
package neatcorner.core.strength;

import org.jspecify.annotations.NullMarked;
