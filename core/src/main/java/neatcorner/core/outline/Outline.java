package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/** The shape of a frame with the sizes the maker gave for it. */
public sealed interface Outline permits Boxed, Outline.Regular, Outline.Free {
    /** The most corners an outline may have. */
    int MOST_SIDES = 100;

    /** The line at which its sizes were given. */
    Line line();

    /** The same sizes given at another line. */
    Outline at(Line line);

    /** The same shape in the size in which an upright rectangle just fits inside it, in the middle. */
    Outline around(Length width, Length height);

    /** The same shape, so many times as large. */
    Outline grown(double factor);

    /**
     * Its parallel.
     *
     * @param line at which its sizes are given from then on
     * @param out  how far outside it runs; negative inside
     * @throws Refusal when the parallel is no such shape, as that of an oval, or nothing is left
     */
    Outline parallel(Line line, Length out);

    /** The same shape lying on its side, turned a quarter clockwise. */
    Outline turned();

    /** Its sides in order, once round clockwise. */
    List<Side> round();

    /** The numbers that are given for it. */
    List<OutlineEntry> entries();

    /** With another size on one axis; refused where the outline is not given by it. */
    default Outline with(Axis axis, Size size) {
        throw Refusal.of("outline.this_outline_is_not", axis.id());
    }

    /** Whether it has four sides and four square corners, whatever stands between them. */
    default boolean isFourSquare() {
        return false;
    }

    /** Whether members are sawn to a curve. */
    default boolean isCurved() {
        return false;
    }

    /** Whether any two of its sides meet at a corner that a round bit cannot reach into. */
    default boolean isCornered() {
        return !isCurved() || round().stream().anyMatch(side -> !side.isCurved());
    }

    /** Which of a regular polygon's sizes was given. */
    enum Across {
        /** One side. */
        SIDE,
        /** The circle that touches every side: from flat to flat where sides lie opposite. */
        FLATS,
        /** The circle through the corners. */
        CORNERS
    }

    /**
     * Equal sides and equal corners. With an even number of sides one lies on top, with an odd number a
     * corner does.
     *
     * @param sides  from 3 to 36
     * @param across which size was given
     * @param size   at its line
     */
    record Regular(int sides, Across across, Size size) implements Outline {
        /** The most sides a regular frame may have. */
        public static final int MOST = 36;

        public Regular {
            if (sides < 3 || sides > MOST) {
                throw Refusal.of("outline.polygon_has_sides_have", sides, MOST);
            }
        }

        @Override
        public Line line() {
            return size.line();
        }

        @Override
        public Outline at(Line line) {
            return new Regular(sides, across, new Size(line, size.length()));
        }

        @Override
        public List<OutlineEntry> entries() {
            return List.of(new OutlineEntry(
                    OutlineKey.SIZE, size.length(), l -> new Regular(sides, across, new Size(line(), l))));
        }

        /** With another number of sides. */
        public Regular withSides(int other) {
            return new Regular(other, across, size);
        }

        /** The same polygon, said by another of its sizes. */
        public Regular by(Across other) {
            return new Regular(sides, other, new Size(size.line(), Length.mm(sizeFor(other, apothem()))));
        }

        /** From the middle to the middle of a side, in mm. */
        public double apothem() {
            double given = size.length().toMm();
            return switch (across) {
                case SIDE -> given / 2 / Math.tan(Math.PI / sides);
                case FLATS -> given / 2;
                case CORNERS -> given / 2 * Math.cos(Math.PI / sides);
            };
        }

        private double sizeFor(Across what, double apothem) {
            return switch (what) {
                case SIDE -> 2 * apothem * Math.tan(Math.PI / sides);
                case FLATS -> 2 * apothem;
                case CORNERS -> 2 * apothem / Math.cos(Math.PI / sides);
            };
        }

        @Override
        public Outline around(Length width, Length height) {
            List<Point> now = loop().corners(_ -> 0);
            double scale = Polygons.scaleAround(now, width.toMm(), height.toMm());
            return new Regular(sides, across, new Size(size.line(), Length.mm(sizeFor(across, apothem() * scale))));
        }

        @Override
        public Outline parallel(Line line, Length out) {
            return new Regular(sides, Across.FLATS, new Size(line, Length.mm(2 * apothem()).plus(out.times(2))));
        }

        /** Outwards of a side; the first looks up, or to the right of the corner on top. */
        private Point normal(int side) {
            double first = -Math.PI / 2 + (sides % 2 == 0 ? 0 : Math.PI / sides);
            return Point.heading(first + side * 2 * Math.PI / sides);
        }

        @Override
        public Outline turned() {
            return this;
        }

        @Override
        public Outline grown(double factor) {
            return new Regular(sides, across, new Size(size.line(), size.length().times(factor)));
        }

        @Override
        public List<Side> round() {
            return loop().round();
        }

        /** Its sides, around the middle. */
        public Loop loop() {
            double half = apothem() * Math.tan(Math.PI / sides);
            List<Loop.Part> parts = new ArrayList<>();
            for (int i = 0; i < sides; i++) {
                Point n = normal(i);
                Point middle = n.times(apothem());
                Point along = new Point(-n.y(), n.x()).times(half);
                parts.add(new Loop.Part(new Edge.Straight(middle.minus(along), middle.plus(along)), nth(i, sides)));
            }
            return new Loop(parts);
        }
    }

    /** The member on the side of a polygon, counted from 0. */
    private static Side nth(int index, int of) {
        return new Side(Side.Name.SIDE, index + 1, Side.letter(index), Side.letter((index + 1) % of));
    }

    /**
     * Any polygon that does not cross itself.
     *
     * @param line    at which the corners were given
     * @param corners from 3 to {@value #MOST_SIDES}; kept clockwise as seen from the front
     */
    record Free(Line line, List<Corner> corners) implements Outline {
        private static final double LEAST_SIDE = 5;
        private static final double LEAST_TURN = Math.toRadians(1);
        private static final double LEAST_ANGLE = Math.toRadians(8);

        public Free {
            if (corners.size() < 3 || corners.size() > MOST_SIDES) {
                throw Refusal.of("outline.outline_has_corners_have", corners.size(), MOST_SIDES);
            }
            List<Point> places = corners.stream().map(Corner::place).toList();
            for (int i = 0; i < places.size(); i++) {
                Range.number(
                        "side_in_mm",
                        places.get(i).to(places.get((i + 1) % places.size())),
                        LEAST_SIDE,
                        Size.MOST.toMm(),
                        Side.letter(i),
                        Side.letter((i + 1) % places.size()));
            }
            Polygons.crossing(places).ifPresent(at -> {
                throw Refusal.of(
                        "outline.side_crosses_side_sides",
                        Side.letter(at[0]),
                        Side.letter((at[0] + 1) % places.size()),
                        Side.letter(at[1]),
                        Side.letter((at[1] + 1) % places.size()));
            });
            checkCorners(places);
            corners = Polygons.area(places) < 0 ? List.copyOf(corners.reversed()) : List.copyOf(corners);
        }

        private static void checkCorners(List<Point> places) {
            for (int i = 0; i < places.size(); i++) {
                Point before = places.get((i + places.size() - 1) % places.size());
                Point here = places.get(i);
                Point after = places.get((i + 1) % places.size());
                double turn = Math.abs(Polygons.turn(before, here, after));
                if (turn < LEAST_TURN) {
                    throw Refusal.of("outline.corner_lies_on_straight", Side.letter(i));
                }
                if (Math.PI - turn < LEAST_ANGLE) {
                    throw Refusal.of(
                            "outline.corner_is_sharp_more", Side.letter(i), Math.round(Math.toDegrees(Math.PI - turn)));
                }
            }
        }

        @Override
        public Outline at(Line other) {
            return new Free(other, corners);
        }

        @Override
        public List<OutlineEntry> entries() {
            List<Side> round = round();
            return IntStream.range(0, corners.size())
                    .mapToObj(side ->
                            new OutlineEntry(OutlineKey.side(round.get(side)), side(side), l -> withSide(side, l)))
                    .toList();
        }

        /** Stretched to it, where the size is of the line it is given at. */
        @Override
        public Outline with(Axis axis, Size size) {
            return size.line() == line ? scaled(axis, size.length()) : Outline.super.with(axis, size);
        }

        /** With one corner moved. */
        public Free withCorner(int index, Corner corner) {
            List<Corner> changed = new ArrayList<>(corners);
            changed.set(index, corner);
            return new Free(line, changed);
        }

        /** With a corner more in the middle of a side, pulled outwards a little so that it shows. */
        public Free split(int side) {
            Point from = corners.get(side).place();
            Point to = corners.get((side + 1) % corners.size()).place();
            Point out = to.minus(from).unit().outward().times(from.to(to) / 8);
            List<Corner> changed = new ArrayList<>(corners);
            changed.add(side + 1, Corner.of(from.towards(to, 0.5).plus(out)));
            return new Free(line, changed);
        }

        /** With one corner less. */
        public Free without(int corner) {
            List<Corner> changed = new ArrayList<>(corners);
            changed.remove(corner);
            return new Free(line, changed);
        }

        /** How long a side is, counted from 0. */
        public Length side(int side) {
            return Length.mm(corners.get(side).place().to(corners.get((side + 1) % corners.size()).place()));
        }

        /** With a side of another length: the corner at its end moves along it, all others stay. */
        public Free withSide(int side, Length length) {
            Point from = corners.get(side).place();
            int next = (side + 1) % corners.size();
            Point to = corners.get(next).place();
            return withCorner(next, Corner.of(from.plus(to.minus(from).unit().times(length.toMm()))));
        }

        /** With its width or height changed and everything on that axis in proportion. */
        public Free scaled(Axis axis, Length size) {
            double factor = size.toMm() / extent(axis);
            List<Point> places = places();
            double left = places.stream().mapToDouble(Point::x).min().orElseThrow();
            double top = places.stream().mapToDouble(Point::y).min().orElseThrow();
            return new Free(
                    line,
                    places.stream()
                            .map(p -> axis == Axis.WIDTH
                                    ? new Point(left + (p.x() - left) * factor, p.y())
                                    : new Point(p.x(), top + (p.y() - top) * factor))
                            .map(Corner::of)
                            .toList());
        }

        /** How wide or high it is, in mm. */
        public double extent(Axis axis) {
            return Polygons.extent(places(), axis);
        }

        /** Its corners as places. */
        public List<Point> places() {
            return corners.stream().map(Corner::place).toList();
        }

        /** {@inheritDoc} Scaled evenly; an outline with corners that point inwards is refused. */
        @Override
        public Outline around(Length width, Length height) {
            return grown(Polygons.scaleAround(places(), width.toMm(), height.toMm()));
        }

        @Override
        public Outline parallel(Line other, Length out) {
            return new Free(
                    other,
                    loop().corners(_ -> out.toMm()).stream().map(Corner::of).toList());
        }

        @Override
        public Outline turned() {
            return new Free(line, places().stream().map(p -> Corner.of(new Point(-p.y(), p.x()))).toList());
        }

        @Override
        public Outline grown(double factor) {
            return new Free(line, places().stream().map(p -> Corner.of(p.times(factor))).toList());
        }

        @Override
        public List<Side> round() {
            return loop().round();
        }

        /** Its sides. */
        public Loop loop() {
            List<Point> places = places();
            List<Loop.Part> parts = new ArrayList<>();
            for (int i = 0; i < places.size(); i++) {
                parts.add(new Loop.Part(
                        new Edge.Straight(places.get(i), places.get((i + 1) % places.size())), nth(i, places.size())));
            }
            return new Loop(parts);
        }
    }
}
