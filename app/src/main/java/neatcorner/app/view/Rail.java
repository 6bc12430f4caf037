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
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** The nine stations, drawn as mitred pieces laid on a stick: long side up, long side down in turn. */
final class Rail extends Pane {
    private static final PseudoClass HERE = PseudoClass.getPseudoClass("here");
    private static final double GAP = 4;
    private final Desk desk;
    private final Map<Station, Button> pieces = new EnumMap<>(Station.class);
    private final Map<Station, Plan.Standing> shown = new EnumMap<>(Station.class);
    private double cutWidth;
    private double cutHeight;

    Rail(Desk desk) {
        this.desk = desk;
        getStyleClass().add("rail");
    }

    /** Lays the pieces down; until then it keeps their place. */
    void fill() {
        for (Station station : Station.values()) {
            Button piece = new Button();
            piece.getStyleClass().addAll("rail-piece", "open");
            piece.setId("station-" + station.id());
            piece.setContentDisplay(ContentDisplay.RIGHT);
            piece.setScaleShape(false);
            piece.setCenterShape(false);
            piece.setPickOnBounds(false);
            piece.setOnAction(_ -> desk.go(station));
            pieces.put(station, piece);
            getChildren().add(piece);
        }
    }

    /** Reads the desk anew; what stands as it stood is left alone. */
    void update() {
        pieces.forEach((station, piece) -> {
            Plan.Standing standing = desk.plan().standing(station);
            String name = desk.book().say(Phrasebook.keyOf(station));
            piece.setText(name);
            piece.setAccessibleText(name + ", " + desk.book().say(Phrasebook.keyOf(standing)));
            piece.pseudoClassStateChanged(HERE, station == desk.station() && !desk.isInShop());
            if (standing != shown.put(station, standing)) {
                piece.setGraphic(switch (standing) {
                    case SETTLED -> tick();
                    case FINDING -> dot();
                    case OPEN -> null;
                });
                piece.getStyleClass().setAll("button", "rail-piece", standing.name().toLowerCase(Locale.ROOT));
            }
        });
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
        if (pieces.isEmpty() || getWidth() == cutWidth && high == cutHeight) {
            return;
        }
        cutWidth = getWidth();
        cutHeight = high;
        double slant = high * 0.62;
        int count = pieces.size();
        double each = (cutWidth + slant * (count - 1) - GAP * (count - 1)) / count;
        int index = 0;
        for (Button piece : pieces.values()) {
            piece.setShape(cut(index, each, slant, high));
            piece.resizeRelocate(Math.round(index * (each - slant + GAP)), 0, Math.round(each), high);
            index++;
        }
    }

    /** The long side up and down in turn; the ends of the rail are square. */
    private SVGPath cut(int index, double each, double slant, double high) {
        boolean longUp = index % 2 == 0;
        double left = index == 0 ? 0 : slant;
        double right = index == pieces.size() - 1 ? each : each - slant;
        SVGPath shape = new SVGPath();
        shape.setContent("M" + (longUp ? 0 : left) + ",0 L" + (longUp ? each : right) + ",0 L"
                + (longUp ? right : each) + "," + high + " L" + (longUp ? left : 0) + "," + high + " Z");
        return shape;
    }
}
