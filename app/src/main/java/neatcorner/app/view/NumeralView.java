package neatcorner.app.view;

import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.StackedNumeral;
import neatcorner.core.measure.Numeral;

/** A number with its fraction stacked, as large as it needs. */
final class NumeralView extends Region {
    private final Canvas canvas = new Canvas();
    private double wide;
    private double high;

    NumeralView() {
        getChildren().add(canvas);
        setMouseTransparent(true);
    }

    void show(Numeral numeral, double size, Color colour) {
        StackedNumeral set = StackedNumeral.of(numeral, size, FxFonts.SHIPPED);
        wide = Math.ceil(set.width()) + 2;
        high = Math.ceil(set.height());
        canvas.setWidth(wide);
        canvas.setHeight(high);
        canvas.getGraphicsContext2D().clearRect(0, 0, wide, high);
        new Painter(canvas.getGraphicsContext2D(), Palette.DAY, _ -> Optional.empty())
                .numeral(set, 1, high / 2 + size * StackedNumeral.CAP / 2, colour);
        setMinSize(wide, high);
        setPrefSize(wide, high);
        setMaxSize(wide, high);
    }
}
