/**
 * Text for people. The core speaks in {@link neatcorner.core.phrase.Words}: a key and its arguments,
 * with lengths still exact. A {@link neatcorner.core.words.Phrasebook} turns them into a sentence in
 * the reader's units when, and only when, somebody reads.
 *
 * <p>A {@link neatcorner.core.words.Figure} is a number that can explain itself: it has a name, an
 * {@linkplain neatcorner.core.words.Origin origin} (given, habit or worked out), a rounding of its
 * own and a {@link neatcorner.core.words.Working}, the sum that led to it line by line.
 */
@NullMarked
package neatcorner.core.words;

import org.jspecify.annotations.NullMarked;
