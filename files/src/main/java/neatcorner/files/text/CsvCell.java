package neatcorner.files.text;

/**
 * Cells that a spreadsheet would take for a formula. They are written with an apostrophe before them, by
 * which spreadsheets know a text, and read without it (OWASP, "CSV Injection").
 */
final class CsvCell {
    private static final String FORMULA = "=+-@\t\r";

    private CsvCell() {
    }

    static String write(String text) {
        return isMasked(text) || begins(text, FORMULA) ? "'" + text : text;
    }

    static String read(String cell) {
        return isMasked(cell) ? cell.substring(1) : cell;
    }

    /** Also a text that had an apostrophe of its own there, so that every text comes back as it was. */
    private static boolean isMasked(String text) {
        return text.startsWith("'") && begins(text.substring(1), FORMULA + "'");
    }

    private static boolean begins(String text, String signs) {
        return !text.isEmpty() && signs.indexOf(text.charAt(0)) >= 0;
    }
}
