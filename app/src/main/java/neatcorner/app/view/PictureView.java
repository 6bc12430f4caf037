package neatcorner.app.view;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.geometry.Dimension2D;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import org.jspecify.annotations.Nullable;

/** A picture with its tags as controls on it. It is drawn anew for whatever space it gets. */
final class PictureView extends Region {
    private static final double LEAST_WIDTH = 40;
    private static final double TAG_SIZE = 19;
    /** How near to a grip counts as on it. */
    private static final double REACH = 14;
    /** A hand that moved less meant to press. */
    private static final double STILL = 4;
    private final Desk desk;
    private final TagField.Typing typing;
    private final Canvas canvas = new Canvas();
    /** One and the same, so that a picture that is waited for draws this view anew once. */
    private final Runnable again = this::redraw;
    private final Map<FigureKey<Length>, TagField> tags = new LinkedHashMap<>();
    private final Map<FigureKey<Length>, Mark.Tag> places = new HashMap<>();
    private Optional<Dragging> dragging = Optional.empty();
    private Optional<Mark.Grip> held = Optional.empty();
    private Optional<Mark.Spot> lifted = Optional.empty();
    private Optional<SpotKeys> keys = Optional.empty();
    private double heldX;
    private double heldY;
    private @Nullable Picture last;
    private Optional<DoubleFunction<Picture>> tall = Optional.empty();
    private Function<Dimension2D, Picture> drawing = size -> new Picture(size.getWidth(), size.getHeight(), List.of());

    /** What dragging a grip does. */
    interface Dragging {
        /** The grip was moved. */
        void drag(Pull pull);
    }

    /**
     * A grip on its way.
     *
     * @param grip    as it was taken
     * @param dx      mm of what is drawn, to the right of where it was taken
     * @param dy      mm down from there
     * @param dropped whether it was let go there
     */
    record Pull(Mark.Grip grip, double dx, double dy, boolean dropped) {
    }

    PictureView(Desk desk, TagField.Typing typing) {
        this.desk = desk;
        this.typing = typing;
        canvas.setMouseTransparent(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        getChildren().add(canvas);
    }

    /** Lets grips be dragged. */
    void onDrag(Dragging does) {
        dragging = Optional.of(does);
        setOnMousePressed(press -> {
            held = gripAt(press);
            heldX = press.getX();
            heldY = press.getY();
        });
        setOnMouseDragged(move -> moved(move, false));
        setOnMouseReleased(drop -> {
            moved(drop, true);
            held = Optional.empty();
        });
        setOnMouseMoved(move -> setCursor(gripAt(move).isPresent() ? Cursor.MOVE : Cursor.DEFAULT));
    }

    /** What pressing and dragging the things in a picture does. */
    interface Pressing {
        /** Something was pressed here and let go without moving, by mouse or by key. */
        void pressed(Mark.Spot spot, double x, double y);

        /** Something is on its way, or was let go, {@code dx} to the right and {@code dy} below where it was taken. */
        void moved(Mark.Spot spot, double dx, double dy, boolean dropped);

        /** Whether it can be dragged. */
        boolean canMove(Mark.Spot spot);

        /** How far a key moves it, to the right and down. */
        Mark.At step(Mark.Spot spot);
    }

    /** Lets things in the picture be pressed and dragged; a shadow follows the hand. */
    void onPress(Pressing does) {
        keys = Optional.of(SpotKeys.of(this, does));
        Rectangle shadow = new Rectangle();
        shadow.getStyleClass().add("shadow");
        shadow.setManaged(false);
        shadow.setMouseTransparent(true);
        setOnMousePressed(press -> {
            requestFocus();
            // What it scrolls in would take the focus for itself.
            press.consume();
            lifted = spotAt(press.getX(), press.getY());
            heldX = press.getX();
            heldY = press.getY();
        });
        setOnMouseDragged(move -> lifted.filter(does::canMove).ifPresent(spot -> {
            if (!getChildren().contains(shadow)) {
                getChildren().add(shadow);
            }
            shadow.setX(spot.from().x() + move.getX() - heldX);
            shadow.setY(spot.from().y() + move.getY() - heldY);
            shadow.setWidth(spot.to().x() - spot.from().x());
            shadow.setHeight(spot.to().y() - spot.from().y());
            does.moved(spot, move.getX() - heldX, move.getY() - heldY, false);
        }));
        setOnMouseReleased(drop -> {
            getChildren().remove(shadow);
            Optional<Mark.Spot> was = lifted;
            lifted = Optional.empty();
            was.ifPresent(spot -> {
                if (Math.hypot(drop.getX() - heldX, drop.getY() - heldY) < STILL) {
                    does.pressed(spot, drop.getX(), drop.getY());
                } else if (does.canMove(spot)) {
                    does.moved(spot, drop.getX() - heldX, drop.getY() - heldY, true);
                }
            });
        });
        setOnMouseMoved(move -> setCursor(spotAt(move.getX(), move.getY())
                .map(spot -> does.canMove(spot) ? Cursor.OPEN_HAND : Cursor.HAND)
                .orElse(Cursor.DEFAULT)));
    }

    /** The topmost thing here. */
    Optional<Mark.Spot> spotAt(double x, double y) {
        return spots().filter(spot -> spot.has(x, y)).reduce((_, above) -> above);
    }

    /** What can be pressed now, from the lowest up. */
    Stream<Mark.Spot> spots() {
        return last == null
                ? Stream.empty()
                : last.marks().stream().filter(Mark.Spot.class::isInstance).map(Mark.Spot.class::cast);
    }

    /** The nearest grip within reach. */
    private Optional<Mark.Grip> gripAt(MouseEvent mouse) {
        return grips().filter(grip -> away(grip, mouse) < REACH)
                .min(Comparator.comparingDouble(grip -> away(grip, mouse)));
    }

    private static double away(Mark.Grip grip, MouseEvent mouse) {
        return Math.hypot(grip.at().x() - mouse.getX(), grip.at().y() - mouse.getY());
    }

    /** What can be dragged now. */
    Stream<Mark.Grip> grips() {
        return last == null
                ? Stream.empty()
                : last.marks().stream().filter(Mark.Grip.class::isInstance).map(Mark.Grip.class::cast);
    }

    private void moved(MouseEvent mouse, boolean dropped) {
        held.ifPresent(grip -> dragging.orElseThrow().drag(new Pull(grip, (mouse.getX() - heldX) / grip.unit(),
                (mouse.getY() - heldY) / grip.unit(), dropped)));
    }

    /** The reader that pictures are drawn for at the current text size. */
    static Reader reader(Desk desk) {
        return new Reader(desk.book(), FxFonts.SHIPPED, desk.appearance().textSize() / 100.0);
    }

    /** Another drawing, or the same one again of a changed plan. */
    void draw(String spoken, Function<Dimension2D, Picture> other) {
        setAccessibleText(spoken);
        drawing = other;
        last = null;
        redraw();
    }

    /** A drawing that is as high as it needs to be for the width it gets. */
    void drawTall(String spoken, DoubleFunction<Picture> other) {
        tall = Optional.of(other);
        draw(spoken, space -> other.apply(space.getWidth()));
        requestLayout();
    }

    @Override
    public @Nullable Orientation getContentBias() {
        return tall.isPresent() ? Orientation.HORIZONTAL : null;
    }

    @Override
    protected double computePrefHeight(double width) {
        return tall.isPresent() && width > LEAST_WIDTH ? drawn(width, 0).height() : super.computePrefHeight(width);
    }

    @Override
    protected double computeMinHeight(double width) {
        return tall.isPresent() ? computePrefHeight(width) : super.computeMinHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return LEAST_WIDTH;
    }

    void redraw() {
        double width = getWidth();
        double height = getHeight();
        if (width < LEAST_WIDTH || height < 10) {
            return;
        }
        canvas.setWidth(width);
        canvas.setHeight(height);
        Picture picture = drawn(width, height);
        canvas.getGraphicsContext2D().clearRect(0, 0, width, height);
        new Painter(
                        canvas.getGraphicsContext2D(),
                        desk.appearance().palette(),
                        name -> Photos.of(desk, name, again))
                .paint(picture);
        show(picture);
        keys.ifPresent(SpotKeys::shown);
    }

    /** Shows or takes away the ring around what the keyboard has chosen. */
    void ring(Rectangle ring, boolean shown) {
        getChildren().remove(ring);
        if (shown) {
            getChildren().add(ring);
        }
    }

    /** The picture for a space; layout asks for it more than once. */
    private Picture drawn(double width, double height) {
        Picture shown = last;
        if (shown != null && shown.width() == width && (tall.isPresent() || shown.height() == height)) {
            return shown;
        }
        Picture anew = drawing.apply(new Dimension2D(width, height));
        last = anew;
        return anew;
    }

    /** Puts the keyboard on the first number that was given. */
    void focusFirst() {
        tags.values().stream()
                .filter(tag -> tag.getStyleClass().contains("given"))
                .findFirst()
                .ifPresent(TagField::focus);
    }

    private void show(Picture picture) {
        Set<FigureKey<Length>> shown = new HashSet<>();
        places.clear();
        picture.tags().forEach(mark -> {
            shown.add(mark.figure());
            places.put(mark.figure(), mark);
            TagField tag = tags.computeIfAbsent(mark.figure(), id -> {
                TagField added = new TagField(id, typing);
                added.setManaged(false);
                added.onResize(this::requestLayout);
                getChildren().add(added);
                added.applyCss();
                return added;
            });
            String name = desk.plan().figure(mark.figure()).map(Figure::name).map(desk.book()::say)
                    .orElseGet(() -> desk.book().say(mark.figure().words()));
            tag.show(mark.value(), mark.origin(), mark.caption(), name, TAG_SIZE * desk.appearance().textSize() / 100.0,
                    desk.appearance().palette(), mark.figure().equals(desk.selected()));
        });
        tags.entrySet().removeIf(entry -> {
            boolean gone = !shown.contains(entry.getKey()) && !entry.getValue().isTyping();
            if (gone) {
                getChildren().remove(entry.getValue());
            }
            return gone;
        });
        place();
    }

    /** Tags are placed at once and are no part of the window's layout: nothing else moves when a number changes. */
    private void place() {
        tags.forEach((figure, tag) -> {
            Mark.Tag place = places.get(figure);
            if (place != null) {
                double width = tag.prefWidth(-1);
                double height = tag.prefHeight(width);
                double above = (TAG_SIZE * 1.12 + 8) * desk.appearance().textSize() / 200.0;
                double x = Math.clamp(place.at().x() - width / 2, 0, Math.max(0, getWidth() - width));
                double y = Math.clamp(place.at().y() - above, 0, Math.max(0, getHeight() - height));
                tag.resizeRelocate(Math.round(x), Math.round(y), width, height);
            }
        });
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            redraw();
        }
        place();
    }
}
