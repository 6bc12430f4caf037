package neatcorner.files.store;

import java.time.Instant;

/**
 * One state of a document and the edit that led to it.
 *
 * @param number  from 1 for the first
 * @param at      when the edit was made
 * @param words   what it did, as it was said then
 * @param current whether the document stands here now
 */
public record Revision(int number, Instant at, String words, boolean current) {
}
