package neatcorner.files.store;

import java.time.Instant;
import neatcorner.core.phrase.Words;

/**
 * One state of a document and the edit that led to it.
 *
 * @param number  from 1 for the first
 * @param at      when the edit was made
 * @param words   what it did
 * @param current whether the document stands here now
 */
public record Revision(int number, Instant at, Words words, boolean current) {
}
