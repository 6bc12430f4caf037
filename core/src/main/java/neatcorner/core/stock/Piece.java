package neatcorner.core.stock;

import neatcorner.core.frame.Member;

/**
 * One piece to be cut.
 *
 * @param member what it is
 * @param frame  which of the alike frames it is for, from 1
 */
public record Piece(Member member, int frame) {
}
