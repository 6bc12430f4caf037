package neatcorner.files.exchange;

import java.util.DoubleSummaryStatistics;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.outline.Point;

/** The box around a drawing, in millimetres. */
record Extent(double left, double top, double width, double height) {
    static Extent of(FullSize drawing) {
        DoubleSummaryStatistics x = drawing.points().mapToDouble(Point::x).summaryStatistics();
        DoubleSummaryStatistics y = drawing.points().mapToDouble(Point::y).summaryStatistics();
        return new Extent(x.getMin(), y.getMin(), x.getMax() - x.getMin(), y.getMax() - y.getMin());
    }
}
