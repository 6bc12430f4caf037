package neatcorner.files.json;

import neatcorner.core.phrase.Refusal;

/**
 * What turns one text into the next: how much both have in common at their start and at their end, and what
 * stands between. An edit changes one place of a document, so that is little, however long the document is.
 *
 * @param keepStart characters kept from the start of the text before
 * @param keepEnd   characters kept from its end
 * @param text      what stands between them
 */
public record TextChange(int keepStart, int keepEnd, String text) {
    /** From one text to another. */
    public static TextChange between(String before, String after) {
        int most = Math.min(before.length(), after.length());
        int start = 0;
        while (start < most && before.charAt(start) == after.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < most - start
                && before.charAt(before.length() - 1 - end) == after.charAt(after.length() - 1 - end)) {
            end++;
        }
        return new TextChange(start, end, after.substring(start, after.length() - end));
    }

    /**
     * The text it makes of the one before.
     *
     * @throws Refusal when that is too short to be the one it was taken from
     */
    public String of(String before) {
        if (keepStart < 0 || keepEnd < 0 || keepStart + (long) keepEnd > before.length()) {
            throw Refusal.of("text_change.keeps", keepStart, keepEnd, before.length());
        }
        return before.substring(0, keepStart) + text + before.substring(before.length() - keepEnd);
    }
}
