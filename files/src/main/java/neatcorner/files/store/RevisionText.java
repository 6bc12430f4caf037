package neatcorner.files.store;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32C;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * How the text of a revision is kept: short ones as they are, long ones packed, and where the revision before is
 * known only what differs from it: how much both have in common at their start and at their end, and what
 * stands between. An edit changes one place of a document, so that is little, however long the document is.
 */
final class RevisionText {
    /** Shorter texts are not worth packing. */
    private static final int PACKED_FROM = 600;

    private RevisionText() {
    }

    /** Of the whole text, so that a damaged one is known. */
    static String checksum(String text) {
        CRC32C sum = new CRC32C();
        sum.update(text.getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }

    /** As it goes into a column: a text or bytes. */
    static Object packed(String text) {
        if (text.length() < PACKED_FROM) {
            return text;
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return bytes.toByteArray();
    }

    /** As it comes out of a column. */
    static String unpacked(Object kept) {
        if (kept instanceof String text) {
            return text;
        }
        try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream((byte[]) kept))) {
            return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException damaged) {
            throw new StoreException("A revision is damaged", damaged);
        }
    }

    /** What turns one text into another. */
    static String difference(String before, String after) {
        int most = Math.min(before.length(), after.length());
        int start = 0;
        while (start < most && before.charAt(start) == after.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < most - start && before.charAt(before.length() - 1 - end) == after.charAt(after.length() - 1 - end)) {
            end++;
        }
        return start + " " + end + "\n" + after.substring(start, after.length() - end);
    }

    /** The text that a difference makes of another. */
    static String applied(String before, String difference) {
        int line = difference.indexOf('\n');
        int space = difference.indexOf(' ');
        if (space < 0 || line < space) {
            throw new StoreException("A revision is damaged");
        }
        int start = Integer.parseInt(difference, 0, space, 10);
        int end = Integer.parseInt(difference, space + 1, line, 10);
        return before.substring(0, start) + difference.substring(line + 1) + before.substring(before.length() - end);
    }
}
