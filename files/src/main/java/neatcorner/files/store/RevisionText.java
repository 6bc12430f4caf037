package neatcorner.files.store;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32C;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import neatcorner.files.json.TextChange;

/**
 * How the text of a revision is kept: short ones as they are, long ones packed, and where the revision before is
 * known only what differs from it.
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
        TextChange change = TextChange.between(before, after);
        return change.keepStart() + " " + change.keepEnd() + "\n" + change.text();
    }

    /** The text that a difference makes of another. */
    static String applied(String before, String difference) {
        int line = difference.indexOf('\n');
        int space = difference.indexOf(' ');
        if (space < 0 || line < space) {
            throw new StoreException("A revision is damaged");
        }
        return new TextChange(
                        Integer.parseInt(difference, 0, space, 10),
                        Integer.parseInt(difference, space + 1, line, 10),
                        difference.substring(line + 1))
                .of(before);
    }
}
