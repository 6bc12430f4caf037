package neatcorner.files.sheet;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.IOException;
import java.util.Map;
import neatcorner.core.phrase.Refusal;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A QR code on paper. */
final class CodeMark {
    /** Modules across; the encoder takes more where the text needs them. */
    private static final int MODULES = 21;

    private CodeMark() {
    }

    /** Draws it, its lower left corner here, in points; it wants four of its modules free all round. */
    static void draw(PDPageContentStream out, String content, float x, float y, float size) throws IOException {
        BitMatrix dots;
        try {
            dots = new QRCodeWriter()
                    .encode(
                            content,
                            BarcodeFormat.QR_CODE,
                            MODULES,
                            MODULES,
                            Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.CHARACTER_SET, "UTF-8"));
        } catch (WriterException tooLong) {
            throw Refusal.of("label_sheet.too_long", content);
        }
        float dot = size / dots.getWidth();
        out.setNonStrokingColor(0f);
        for (int row = 0; row < dots.getHeight(); row++) {
            for (int column = 0; column < dots.getWidth(); column++) {
                if (dots.get(column, row)) {
                    out.addRect(x + column * dot, y + size - (row + 1) * dot, dot, dot);
                }
            }
        }
        out.fill();
    }
}
