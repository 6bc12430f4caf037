package neatcorner.files.exchange;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.outline.Point;

/** A drawing at full size as SVG 1.1; one user unit is one millimetre, and the file says so. */
public final class SvgFile {
    private static final double MARGIN = 5;

    private SvgFile() {
    }

    /** The text of the file. */
    public static String write(FullSize drawing) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            Extent box = Extent.of(drawing);
            double width = box.width() + 2 * MARGIN;
            double height = box.height() + 2 * MARGIN;
            xml.writeStartElement("svg");
            xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
            xml.writeAttribute("width", number(width) + "mm");
            xml.writeAttribute("height", number(height) + "mm");
            xml.writeAttribute(
                    "viewBox",
                    number(box.left() - MARGIN) + " " + number(box.top() - MARGIN) + " " + number(width) + " "
                            + number(height));
            element(xml, "title", legal(drawing.name()));
            for (FullSize.Layer layer : FullSize.Layer.values()) {
                List<FullSize.Trace> traces = drawing.traces().stream().filter(t -> t.layer() == layer).toList();
                if (!traces.isEmpty()) {
                    layer(xml, layer, traces);
                }
            }
            for (FullSize.Word word : drawing.words()) {
                xml.writeStartElement("text");
                xml.writeAttribute("x", number(word.at().x()));
                xml.writeAttribute("y", number(word.at().y()));
                xml.writeAttribute("font-size", "6");
                xml.writeAttribute("text-anchor", "middle");
                xml.writeCharacters(legal(word.text()));
                xml.writeEndElement();
            }
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("an SVG in memory cannot be written", impossible);
        }
        return text.toString();
    }

    /** Without the signs that no XML may hold (W3C XML 1.0, production 2). */
    private static String legal(String text) {
        return text.codePoints()
                .filter(c -> c == '\t'
                        || c == '\n'
                        || c >= 0x20 && c <= 0xD7FF
                        || c >= 0xE000 && c <= 0xFFFD
                        || c >= 0x10000)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    private static void layer(XMLStreamWriter xml, FullSize.Layer layer, List<FullSize.Trace> traces)
            throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", layer.name().toLowerCase(Locale.ROOT));
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", switch (layer) {
            case EDGE -> "#22282e";
            case CUT -> "#b23a2c";
            case RABBET -> "#5d6670";
            case CURVE -> "#22598f";
        });
        xml.writeAttribute("stroke-width", "0.25");
        if (layer == FullSize.Layer.RABBET) {
            xml.writeAttribute("stroke-dasharray", "3 2");
        }
        for (FullSize.Trace trace : traces) {
            xml.writeEmptyElement("path");
            xml.writeAttribute(
                    "d",
                    trace.points().stream()
                            .map(SvgFile::place)
                            .collect(Collectors.joining(" L ", "M ", trace.closed() ? " Z" : "")));
        }
        xml.writeEndElement();
    }

    private static String place(Point point) {
        return number(point.x()) + " " + number(point.y());
    }

    /** To a thousandth of a millimetre. */
    private static String number(double mm) {
        return String.format(Locale.ROOT, "%.3f", mm);
    }
}
