package neatcorner.core.strength;

/**
 * What is asked of a corner, without its signs.
 *
 * @param moment that turns one piece against the other in the frame's plane, in N·mm
 * @param pull   that draws them apart, square to the joint, in N; 0 where they are pressed together
 * @param slide  along the joint, in N
 */
public record Demand(double moment, double pull, double slide) {
}
