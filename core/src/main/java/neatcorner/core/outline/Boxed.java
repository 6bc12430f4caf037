package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/** A shape whose size is one width and one height, each given at any line. */
public sealed interface Boxed extends Outline {
    /** The width as given. */
    Size width();

    /** The height as given. */
    Size height();

    /** The same shape with another size on one axis. */
    @Override
    Boxed with(Axis axis, Size size);

    /** Its sides, in a box from (0, 0) to these sizes in mm. */
    Loop loop(double width, double height);

    /** The size given on an axis. */
    default Size given(Axis axis) {
        return axis == Axis.WIDTH ? width() : height();
    }

    @Override
    default List<OutlineEntry> entries() {
        return Stream.of(Axis.values())
                .map(axis -> new OutlineEntry(
                        given(axis).line().size(axis),
                        given(axis).length(),
                        l -> with(axis, new Size(given(axis).line(), l))))
                .toList();
    }

    @Override
    default List<Side> round() {
        return loop(100, 1000).round();
    }

    @Override
    default Line line() {
        return width().line();
    }

    @Override
    default Boxed at(Line line) {
        return with(Axis.WIDTH, new Size(line, width().length())).with(Axis.HEIGHT, new Size(line, height().length()));
    }

    @Override
    default Boxed turned() {
        return with(Axis.WIDTH, height()).with(Axis.HEIGHT, width());
    }

    @Override
    default Boxed grown(double factor) {
        return with(Axis.WIDTH, new Size(width().line(), width().length().times(factor)))
                .with(Axis.HEIGHT, new Size(height().line(), height().length().times(factor)));
    }

    /** The same in a box that is larger on every side. */
    @Override
    default Boxed parallel(Line line, Length out) {
        return with(Axis.WIDTH, new Size(line, width().length().plus(out.times(2))))
                .with(Axis.HEIGHT, new Size(line, height().length().plus(out.times(2))));
    }

    @Override
    default Boxed around(Length width, Length height) {
        return with(Axis.WIDTH, new Size(line(), width)).with(Axis.HEIGHT, new Size(line(), height));
    }

    /** A shape that is sawn to a curve from blanks with straight ends. */
    sealed interface Segmented extends Boxed {
        /** How many blanks there are; of the whole ring or arch, or of each half of a pointed one. */
        int segments();

        /** The same shape from another number of blanks. */
        Segmented withSegments(int count);

        /** The fewest that leave some long grain in every blank. */
        int leastSegments();

        /** The most that can be sawn. */
        int mostSegments();
    }

    private static Loop.Part straight(double x1, double y1, double x2, double y2, Side side) {
        return new Loop.Part(new Edge.Straight(new Point(x1, y1), new Point(x2, y2)), side);
    }

    /**
     * Four sides, square corners.
     *
     * @param width  as given
     * @param height as given
     */
    record Rectangle(Size width, Size height) implements Boxed {
        /** The member along the top. */
        public static final Side TOP = new Side(Side.Name.TOP, 0, "A", "B");
        /** The member on the right. */
        public static final Side RIGHT = new Side(Side.Name.RIGHT, 0, "B", "C");
        /** The member along the bottom. */
        public static final Side BOTTOM = new Side(Side.Name.BOTTOM, 0, "C", "D");
        /** The member on the left. */
        public static final Side LEFT = new Side(Side.Name.LEFT, 0, "D", "A");

        @Override
        public boolean isFourSquare() {
            return true;
        }

        @Override
        public Rectangle with(Axis axis, Size size) {
            return axis == Axis.WIDTH ? new Rectangle(size, height) : new Rectangle(width, size);
        }

        @Override
        public Loop loop(double w, double h) {
            return box(w, h);
        }

        /** The same four corners as a free polygon. */
        Free asFree() {
            return new Free(
                    line(),
                    box(width.length().toMm(), height.length().toMm()).corners(_ -> 0).stream()
                            .map(Corner::of)
                            .toList());
        }

        private static Loop box(double w, double h) {
            return new Loop(List.of(straight(0, 0, w, 0, TOP), straight(w, 0, w, h, RIGHT),
                    straight(w, h, 0, h, BOTTOM), straight(0, h, 0, 0, LEFT)));
        }
    }

    /**
     * A rectangle divided by glazing bars.
     *
     * @param width   as given
     * @param height  as given
     * @param rows    of panes, from 1 to 12
     * @param columns of panes, from 1 to 12; with one row more than one
     * @param bar     face of the bars, from 6 to 150 mm
     */
    record Window(Size width, Size height, int rows, int columns, Length bar) implements Boxed {
        public Window {
            Range.number("rows_of_panes", rows, 1, 12);
            Range.number("columns_of_panes", columns, 1, 12);
            if (rows * columns < 2) {
                throw Refusal.of("boxed.window_of_one_pane");
            }
            Range.within("face_of_the_bars", bar, Length.mm(6), Length.mm(150));
        }

        @Override
        public boolean isFourSquare() {
            return true;
        }

        @Override
        public List<OutlineEntry> entries() {
            return Stream.concat(
                            Boxed.super.entries().stream(),
                            Stream.of(new OutlineEntry(
                                    OutlineKey.BAR, bar, l -> new Window(width, height, rows, columns, l))))
                    .toList();
        }

        @Override
        public Window with(Axis axis, Size size) {
            return axis == Axis.WIDTH
                    ? new Window(size, height, rows, columns, bar)
                    : new Window(width, size, rows, columns, bar);
        }

        /** Whether it has bars both ways. */
        public boolean isCrossed() {
            return rows > 1 && columns > 1;
        }

        @Override
        public Window turned() {
            return new Window(height, width, columns, rows, bar);
        }

        @Override
        public Loop loop(double w, double h) {
            return Rectangle.box(w, h);
        }
    }

    /** How the top of an arched frame is drawn. */
    enum Arch {
        /** Half a circle over the whole width. */
        HALF_ROUND,
        /** Less than half a circle. */
        SEGMENTAL,
        /** Two arcs that meet in a point. */
        POINTED
    }

    /**
     * A rectangle with an arched top; where the height is the arch's own rise to within 1 mm, both given at
     * one line, an arch alone on a sill, without straight sides.
     *
     * @param width    as given
     * @param height   as given, to the crown of the arch
     * @param arch     how it is drawn
     * @param rise     crown over springing as a share of half the width: 1 for half-round, from 0.01 to 0.98
     *                 for segmental (from 0.07 without straight sides), from 1.05 to 4 for pointed
     * @param segments the arch is sawn from so many blanks, each half of a pointed one; from 1 to 18
     */
    record Arched(Size width, Size height, Arch arch, double rise, int segments) implements Segmented {
        private static final double LEAST_SIDE = 10;
        /** A height this near the rise, in mm, is the rise: sizes are read off a tape. */
        private static final double SAME_AS_RISE = 1;
        /** Below it an arch runs into its sill under less than 8°, the sharpest corner any outline may have. */
        private static final double LEAST_RISE_ALONE = 0.07;
        /** The most one straight blank can be sawn to, in degrees: a third of a ring. */
        private static final double MOST_TURN = 120;
        private static final int MOST = 18;
        /** Of fewer blanks on a sill nothing is left between the long mitres at both feet. */
        public static final int LEAST_ON_A_SILL = 3;

        private static final Side RIGHT = new Side(Side.Name.RIGHT, 0, "B", "C");

        public Arched {
            Range.number("blanks_of_the_arch", segments, 1, MOST);
            switch (arch) {
                case HALF_ROUND -> Range.number("rise_of_a_half_round_arch", rise, 1, 1);
                case SEGMENTAL -> Range.number("rise_of_a_segmental_arch_as", rise, 0.01, 0.98);
                case POINTED -> Range.number("rise_of_a_pointed_arch_as", rise, 1.05, 4);
            }
            if (segments < leastSegments(arch, rise)) {
                throw Refusal.of(
                        "boxed.arch_is_sawn_blank", segments, Math.round(MOST_TURN), leastSegments(arch, rise));
            }
            if (rise < LEAST_RISE_ALONE && !hasSides(width, height, rise)) {
                Range.number("rise_of_an_arch_without_straight", rise, LEAST_RISE_ALONE, 4);
            }
        }

        private static boolean hasSides(Size width, Size height, double rise) {
            return width.line() != height.line()
                    || Math.abs(height.length().toMm() - rise * width.length().toMm() / 2) > SAME_AS_RISE;
        }

        /** Whether straight sides stand below the arch. */
        public boolean hasSides() {
            return hasSides(width, height, rise);
        }

        /** The fewest blanks such an arch can be sawn from; a segment of that rise turns 4·atan(rise) in all. */
        private static int leastSegments(Arch arch, double rise) {
            return arch == Arch.POINTED ? 1 : (int) Math.ceil(Math.toDegrees(4 * Math.atan(rise)) / MOST_TURN);
        }

        @Override
        public int leastSegments() {
            return leastSegments(arch, rise);
        }

        @Override
        public int mostSegments() {
            return MOST;
        }

        /** An arch with its usual rise: half-round, a third of half the width, or as in an equilateral arch. */
        public static Arched usual(Size width, Size height, Arch arch, int segments) {
            return new Arched(width, height, arch, switch (arch) {
                case HALF_ROUND -> 1;
                case SEGMENTAL -> 0.4;
                case POINTED -> Math.sqrt(3);
            }, segments);
        }

        @Override
        public Arched with(Axis axis, Size size) {
            return axis == Axis.WIDTH
                    ? new Arched(size, height, arch, rise, segments)
                    : new Arched(width, size, arch, rise, segments);
        }

        @Override
        public Arched withSegments(int other) {
            return new Arched(width, height, arch, rise, other);
        }

        /** With another rise, as a share of half the width. */
        public Arched withRise(double other) {
            return new Arched(width, height, arch, other, segments);
        }

        @Override
        public Boxed around(Length w, Length h) {
            return Segmented.super.around(w, h.plus(w.times(rise / 2)));
        }

        /**
         * Arcs keep their middle and change their radius: the crown rises by as much as the sides part, in a pointed
         * arch by more, and the springing stays.
         */
        @Override
        public Boxed parallel(Line line, Length out) {
            if (!hasSides()) {
                throw Refusal.of("boxed.no_parallel_arch");
            }
            double w = width.length().toMm();
            double d = out.toMm();
            double up = rise * w / 2;
            double radius = arch == Arch.POINTED ? (w * w / 4 + up * up) / w : (w * w / 4 + up * up) / (2 * up);
            double half = w / 2 + d;
            double other = radius + d;
            double crown = arch == Arch.POINTED
                    ? Math.sqrt(other * other - (other - half) * (other - half))
                    : other - Math.sqrt(Math.max(0, other * other - half * half));
            Length rises = arch == Arch.POINTED ? Length.mm(crown - up) : out;
            return new Arched(
                    new Size(line, width.length().plus(out.times(2))),
                    new Size(line, height.length().plus(out).plus(rises)),
                    arch,
                    arch == Arch.HALF_ROUND ? 1 : crown / half,
                    segments);
        }

        /** An arch does not lie on its side. */
        @Override
        public Arched turned() {
            return this;
        }

        @Override
        public boolean isCurved() {
            return true;
        }

        @Override
        public List<Side> round() {
            return loop(100, hasSides() ? 1000 : 50 * rise).round();
        }

        @Override
        public Loop loop(double w, double h) {
            boolean alone = !hasSides();
            double up = alone ? h : rise * w / 2;
            if (!alone && h - up < LEAST_SIDE) {
                throw new Refusal(
                        Words.of("impossible.arch_low", Length.mm(up), Length.mm(h), Length.mm(up + LEAST_SIDE)));
            }
            List<Loop.Part> parts = new ArrayList<>();
            switch (arch) {
                case HALF_ROUND, SEGMENTAL -> {
                    double radius = (w * w / 4 + up * up) / (2 * up);
                    double half = Math.atan2(w / 2, radius - up);
                    arcs(parts, new Point(w / 2, radius), radius, 1.5 * Math.PI - half, 2 * half);
                }
                case POINTED -> {
                    double radius = (w * w / 4 + up * up) / w;
                    double sweep = Math.atan2(up, radius - w / 2);
                    arcs(parts, new Point(radius, up), radius, Math.PI, sweep);
                    arcs(parts, new Point(w - radius, up), radius, 2 * Math.PI - sweep, sweep);
                }
            }
            if (alone) {
                parts.add(
                        straight(w, h, 0, h, new Side(Side.Name.BOTTOM, 0, Side.letter(parts.size()), Side.letter(0))));
                return new Loop(parts);
            }
            int corners = parts.size() + 3;
            String right = Side.letter(parts.size());
            String low = Side.letter(parts.size() + 1);
            String left = Side.letter(corners - 1);
            parts.add(straight(w, up, w, h, new Side(RIGHT.name(), 0, right, low)));
            parts.add(straight(w, h, 0, h, new Side(Side.Name.BOTTOM, 0, low, left)));
            parts.add(straight(0, h, 0, up, new Side(Side.Name.LEFT, 0, left, Side.letter(0))));
            return new Loop(parts);
        }

        private void arcs(List<Loop.Part> parts, Point centre, double radius, double from, double sweep) {
            for (int i = 0; i < segments; i++) {
                int number = parts.size();
                parts.add(new Loop.Part(
                        new Edge.Arc(centre, radius, radius, from + sweep * i / segments, sweep / segments),
                        new Side(Side.Name.ARCH, number + 1, Side.letter(number), Side.letter(number + 1))));
            }
        }
    }

    /**
     * A circle or an ellipse from straight blanks that are sawn to the curve. Every blank covers the same
     * turn, so that all its ends are cut at one and the same angle, in an ellipse too.
     *
     * @param width    as given
     * @param height   as given; the same for a circle
     * @param segments how many blanks, from 3 to 36
     */
    record Round(Size width, Size height, int segments) implements Segmented {
        private static final int MOST = 36;
        /** Fewer leave hardly any long grain in a ring. Common practice, no source. */
        private static final int LEAST_WORTH_SAWING = 6;

        public Round {
            Range.number("segments", segments, 3, MOST);
        }

        @Override
        public Round with(Axis axis, Size size) {
            return axis == Axis.WIDTH ? new Round(size, height, segments) : new Round(width, size, segments);
        }

        @Override
        public Round withSegments(int other) {
            return new Round(width, height, other);
        }

        @Override
        public int leastSegments() {
            return LEAST_WORTH_SAWING;
        }

        @Override
        public int mostSegments() {
            return MOST;
        }

        @Override
        public boolean isCurved() {
            return true;
        }

        @Override
        public Boxed parallel(Line line, Length out) {
            if (!width.length().equals(height.length()) || width.line() != height.line()) {
                throw Refusal.of("boxed.no_parallel_oval");
            }
            return Segmented.super.parallel(line, out);
        }

        /** The rectangle with the ellipse's own proportion touches it at w/√2 and h/√2. */
        @Override
        public Boxed around(Length w, Length h) {
            return Segmented.super.around(w.times(Math.sqrt(2)), h.times(Math.sqrt(2)));
        }

        @Override
        public Loop loop(double w, double h) {
            double turn = 2 * Math.PI / segments;
            List<Loop.Part> parts = new ArrayList<>();
            for (int i = 0; i < segments; i++) {
                parts.add(new Loop.Part(
                        new Edge.Arc(new Point(w / 2, h / 2), w / 2, h / 2, -Math.PI / 2 - turn / 2 + i * turn, turn),
                        new Side(Side.Name.SEGMENT, i + 1, Side.letter(i), Side.letter((i + 1) % segments))));
            }
            return new Loop(parts);
        }
    }
}
