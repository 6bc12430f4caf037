package neatcorner.files.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import neatcorner.core.measure.Finite;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.files.outline.OutlineFile.Scale;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;

/**
 * Closed shapes of an SVG drawing (W3C SVG 1.1): paths, polygons, polylines, rectangles, circles and
 * ellipses with their transforms. Its unit is known when the drawing's width has a unit of its own.
 */
final class SvgReader {
    /** A number as the standard writes it; the sign of the next may stand where a space would. */
    private static final Pattern NUMBER = Pattern.compile("[+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d{1,4})?");
    private static final Pattern SIZE = Pattern.compile("\\s*(" + NUMBER + ")\\s*(px|mm|cm|in|pt|pc|q|Q)?\\s*");
    /** What is drawn inside these is not on the page. */
    private static final Set<String> HIDDEN = Set.of("defs", "clipPath", "mask", "pattern", "marker", "symbol");
    private final List<OutlineFile.Drawn> found = new ArrayList<>();
    private final Deque<AffineTransform> transforms = new ArrayDeque<>(List.of(new AffineTransform()));
    private Optional<Double> scale = Optional.empty();
    private int hidden;

    private SvgReader() {
    }

    static List<OutlineFile.Drawn> read(InputStream text) {
        SvgReader reader = new SvgReader();
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(text);
            while (xml.hasNext()) {
                int event = next(xml);
                if (event == XMLStreamReader.START_ELEMENT) {
                    reader.start(xml);
                } else if (event == XMLStreamReader.END_ELEMENT) {
                    reader.end(xml.getLocalName());
                }
            }
        } catch (XMLStreamException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNumber();
            throw new DrawingException("line " + line, Words.of("refused.svg_reader.is_no_svg", said(broken)));
        }
        return reader.found;
    }

    /** The parser fails on some broken document types with whatever went wrong inside of it. */
    private static int next(XMLStreamReader xml) throws XMLStreamException {
        try {
            return xml.next();
        } catch (RuntimeException broken) {
            throw new XMLStreamException("the XML breaks off or is not well formed", xml.getLocation(), broken);
        }
    }

    /** What a parser says, without the place it says it of and its own ways of pointing there. */
    private static String said(Exception broken) {
        String message = String.valueOf(broken.getMessage());
        int at = message.indexOf("Message: ");
        return message.substring(at < 0 ? 0 : at + "Message: ".length()).lines().findFirst().orElse("not well formed");
    }

    private void start(XMLStreamReader xml) {
        String name = xml.getLocalName();
        if (HIDDEN.contains(name)) {
            hidden++;
        }
        if (name.equals("svg") && transforms.size() == 1) {
            root(xml);
        }
        AffineTransform here = new AffineTransform(transforms.peek());
        String transform = xml.getAttributeValue(null, "transform");
        try {
            if (transform != null) {
                here.concatenate(AWTTransformProducer.createAffineTransform(transform));
            }
            transforms.push(here);
            if (hidden == 0) {
                shape(name, xml)
                        .ifPresent(path -> found.add(new OutlineFile.Drawn(new Path2D.Double(path, here), scale)));
            }
        } catch (Refusal refused) {
            throw unreadable(xml, name, refused.words());
        } catch (ParseException | IllegalArgumentException broken) {
            throw unreadable(xml, name, Words.plain(said(broken)));
        }
    }

    private static DrawingException unreadable(XMLStreamReader xml, String name, Words why) {
        return new DrawingException(
                "line " + xml.getLocation().getLineNumber(), Words.of("refused.svg_reader.cannot_read", name, why));
    }

    private void end(String name) {
        transforms.pop();
        if (HIDDEN.contains(name)) {
            hidden--;
        }
    }

    /**
     * A width such as 210mm over a view box of 210 says what a unit is; without a view box a unit is a pixel by the
     * standard.
     */
    private void root(XMLStreamReader xml) {
        String width = xml.getAttributeValue(null, "width");
        Matcher size = SIZE.matcher(width == null ? "" : width);
        if (!size.matches() || size.group(2) == null || size.group(2).equals("px")) {
            return;
        }
        double mm = mm(size);
        String box = xml.getAttributeValue(null, "viewBox");
        double units = box == null ? mm / Scale.PIXEL.mm() : boxWidth(xml, box);
        if (mm > 0 && units > 0) {
            scale = Optional.of(mm / units);
        }
    }

    private static double boxWidth(XMLStreamReader xml, String box) {
        try {
            double[] numbers = numbers(box);
            if (numbers.length == 4) {
                return numbers[2];
            }
        } catch (Refusal said) {
            // as below: what it must be
        }
        throw new DrawingException(
                "line " + xml.getLocation().getLineNumber(),
                Words.of("refused.svg_reader.viewbox_is_four_numbers", box));
    }

    /** A size in millimetres; one without a unit is in pixels. */
    private static double mm(Matcher size) {
        return finite(size.group(1)) * switch (size.group(2) == null ? "px" : size.group(2)) {
            case "mm" -> Scale.MM.mm();
            case "cm" -> Scale.CM.mm();
            case "in" -> Scale.INCH.mm();
            case "pt" -> Scale.POINT.mm();
            case "pc" -> 12 * Scale.POINT.mm();
            case "px" -> Scale.PIXEL.mm();
            default -> 0.25;
        };
    }

    private static double[] numbers(String text) {
        Matcher numbers = NUMBER.matcher(text);
        if (!numbers.replaceAll(" ").matches("[\\s,]*+")) {
            throw Refusal.of("svg_reader.there_is_something_between");
        }
        return numbers.reset().results().mapToDouble(n -> finite(n.group())).toArray();
    }

    private static double finite(String text) {
        return Finite.checked("number", Double.parseDouble(text));
    }

    private static double number(XMLStreamReader xml, String name) {
        String text = xml.getAttributeValue(null, name);
        Matcher size = SIZE.matcher(text == null || text.isBlank() ? "0" : text);
        if (!size.matches()) {
            throw Refusal.of("svg_reader.is_number_with_px", name, text);
        }
        return mm(size) / Scale.PIXEL.mm();
    }

    private static Optional<Path2D> shape(String name, XMLStreamReader xml) {
        return switch (name) {
            case "path" -> Optional.ofNullable(xml.getAttributeValue(null, "d")).map(SvgReader::longest);
            case "polygon", "polyline" ->
                Optional.ofNullable(xml.getAttributeValue(null, "points")).map(SvgReader::polygon);
            case "rect" ->
                Optional.of(new Path2D.Double(new Rectangle2D.Double(
                        number(xml, "x"), number(xml, "y"), number(xml, "width"), number(xml, "height"))));
            case "circle" ->
                Optional.of(oval(number(xml, "cx"), number(xml, "cy"), number(xml, "r"), number(xml, "r")));
            case "ellipse" ->
                Optional.of(oval(number(xml, "cx"), number(xml, "cy"), number(xml, "rx"), number(xml, "ry")));
            default -> Optional.empty();
        };
    }

    private static Path2D oval(double x, double y, double rx, double ry) {
        return new Path2D.Double(new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry));
    }

    private static Path2D polygon(String points) {
        double[] xy = numbers(points);
        Path2D path = new Path2D.Double();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            if (i == 0) {
                path.moveTo(xy[0], xy[1]);
            } else {
                path.lineTo(xy[i], xy[i + 1]);
            }
        }
        if (xy.length >= 2) {
            path.closePath();
        }
        return path;
    }

    /** A path may hold several runs; the one with the largest box is the outline, the others are holes. */
    private static Path2D longest(String data) {
        if (!data.isBlank() && Character.toUpperCase(data.strip().charAt(0)) != 'M') {
            throw Refusal.of("svg_reader.path_does_not_begin");
        }
        Shape whole;
        try {
            whole = AWTPathProducer.createShape(new StringReader(data), PathIterator.WIND_NON_ZERO);
        } catch (IOException impossible) {
            throw new UncheckedIOException("a text in memory cannot fail to be read", impossible);
        }
        List<Path2D> runs = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = whole.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                runs.add(new Path2D.Double());
                runs.getLast().moveTo(at[0], at[1]);
                continue;
            }
            Path2D run = runs.getLast();
            switch (kind) {
                case PathIterator.SEG_LINETO -> run.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO -> run.quadTo(at[0], at[1], at[2], at[3]);
                case PathIterator.SEG_CUBICTO -> run.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> run.closePath();
            }
        }
        return runs.stream()
                .max((a, b) -> Double.compare(box(a), box(b)))
                .orElseThrow(() -> Refusal.of("svg_reader.path_is_empty"));
    }

    private static double box(Path2D path) {
        Rectangle2D box = path.getBounds2D();
        return box.getWidth() * box.getHeight();
    }
}
