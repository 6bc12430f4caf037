/** Exercises for the eye and the head of a frame maker: endless, from the same core that plans. */
@NullMarked
package neatcorner.core.practice;

import org.jspecify.annotations.NullMarked;
