/**
 * Something to say, not yet said: {@link neatcorner.core.phrase.Words} are a key of the phrase file and what goes
 * in its gaps, lengths still exact. A {@link neatcorner.core.phrase.Refusal} is what a person cannot have, in such
 * words. Who reads them and in which units is decided above, in {@link neatcorner.core.words.Phrasebook}.
 */
@NullMarked
package neatcorner.core.phrase;

import org.jspecify.annotations.NullMarked;
