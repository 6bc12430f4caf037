import java.io.File;
import java.io.IOException;
import javafx.css.Stylesheet;

/** Part of the build: turns the style sheet into the toolkit's binary form, which it prefers and reads much sooner. */
final class CompileStylesheet {
    private CompileStylesheet() {
    }

    /** The style sheet, and where its binary form goes. */
    public static void main(String[] args) throws IOException {
        Stylesheet.convertToBinary(new File(args[0]), new File(args[1]));
    }
}
