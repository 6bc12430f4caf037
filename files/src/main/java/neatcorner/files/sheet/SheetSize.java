package neatcorner.files.sheet;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Papers a sheet is printed on. */
public enum SheetSize {
    /** 210 × 297 mm. */
    A4(PDRectangle.A4),
    /** 8 1/2 × 11 in. */
    LETTER(PDRectangle.LETTER);

    private final PDRectangle page;

    SheetSize(PDRectangle page) {
        this.page = page;
    }

    /** The sheet upright. */
    public PDRectangle paper() {
        return page;
    }
}
