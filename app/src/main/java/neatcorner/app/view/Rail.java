package neatcorner.app.view;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.SVGPath;
import neatcorner.app.desk.Desk;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** The nine stations, drawn as mitred pieces laid on a stick: long side up, long side down in turn. */
final class Rail extends Pane {
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final double GAP = 4;
    private final Desk desk;
    private final Map<Station, Button> pieces = new EnumMap<>(Station.class);

    Rail(Desk desk) {
        this.desk = desk;
        getStyleClass().add("rail");
        for (Station station : Station.values()) {
            Button piece = new Button();
            piece.getStyleClass().add("rail-piece");
            piece.setId("station-" + station.id());
            piece.setContentDisplay(ContentDisplay.RIGHT);
            piece.setOnAction(_ -> desk.go(station));
            pieces.put(station, piece);
            getChildren().add(piece);
        }
    }

    void update() {
        for (Station station : Station.values()) {
            Button piece = Known.in(pieces, station);
            Plan.Standing standing = desk.plan().standing(station);
            String name = desk.book().say(Phrasebook.keyOf(station));
            piece.setText(name);
            piece.setGraphic(switch (standing) {
                case SETTLED -> tick();
                case FINDING -> dot();
                case OPEN -> null;
            });
            piece.setAccessibleText(name + ", " + desk.book().say(Phrasebook.keyOf(standing)));
            piece.getStyleClass().removeAll("settled", "open", "finding");
            piece.getStyleClass().add(standing.name().toLowerCase(Locale.ROOT));
            piece.pseudoClassStateChanged(HERE, station == desk.station() && !desk.isInShop());
        }
        requestLayout();
    }

    private static Polyline tick() {
        Polyline tick = new Polyline(0, 5, 4, 9, 11, 0);
        tick.getStyleClass().add("tick");
        return tick;
    }

    private static Circle dot() {
        Circle dot = new Circle(4.5);
        dot.getStyleClass().add("dot");
        return dot;
    }

    /** Each piece is a trapezoid; neighbours lean together with a saw cut between them. */
    @Override
    protected void layoutChildren() {
        double high = getHeight();
        double slant = high * 0.62;
        int count = pieces.size();
        double each = (getWidth() + slant * (count - 1) - GAP * (count - 1)) / count;
        double x = 0;
        int index = 0;
        for (Button piece : pieces.values()) {
            boolean first = index == 0;
            boolean last = index == count - 1;
            boolean longUp = index % 2 == 0;
            double cut = slant;
            double topLeft = first || longUp ? 0 : cut;
            double topRight = last || longUp ? each : each - cut;
            double bottomLeft = first || !longUp ? 0 : cut;
            double bottomRight = last || !longUp ? each : each - cut;
            SVGPath shape = new SVGPath();
            shape.setContent("M" + topLeft + ",0 L" + topRight + ",0 L" + bottomRight + "," + high + " L" + bottomLeft
                    + "," + high + " Z");
            piece.setShape(shape);
            piece.setScaleShape(false);
            piece.setCenterShape(false);
            piece.setPickOnBounds(false);
            piece.resizeRelocate(Math.round(x), 0, Math.round(each), high);
            x += each - slant + GAP;
            index++;
        }
    }
}
