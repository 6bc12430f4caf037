package neatcorner.core.job;

import neatcorner.core.phrase.Refusal;

/**
 * What stands at the head of a job's card.
 *
 * @param title    what the frame is called, not blank, up to 120 characters
 * @param order    whom or what it is for, up to 120 characters; may be empty
 * @param quantity how many alike, from 1 to 999
 */
public record Heading(String title, String order, int quantity) {
    private static final int LONGEST = 120;

    public Heading {
        if (title.isBlank() || title.length() > LONGEST) {
            throw Refusal.of("job.title_has_characters_have", title.strip().length());
        }
        if (order.length() > LONGEST) {
            throw Refusal.of("job.order_has_characters_have", order.length());
        }
        if (quantity < 1 || quantity > 999) {
            throw Refusal.of("job.quantity_is", quantity);
        }
    }
}
