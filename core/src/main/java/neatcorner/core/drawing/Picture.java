package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.Stream;

/**
 * A finished drawing.
 *
 * @param width  in the reader's units
 * @param height in the reader's units
 * @param marks  from the lowest to the topmost
 */
public record Picture(double width, double height, List<Mark> marks) {
    public Picture {
        marks = List.copyOf(marks);
    }

    /** The tags in it. */
    public Stream<Mark.Tag> tags() {
        return marks.stream().filter(Mark.Tag.class::isInstance).map(Mark.Tag.class::cast);
    }
}
