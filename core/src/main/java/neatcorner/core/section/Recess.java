package neatcorner.core.section;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/** How a section holds what it frames. */
public sealed interface Recess {
    /** The largest recess in either direction. */
    Length MOST = Length.mm(150);
    /** The least wood that stays in front of it. */
    Length LEAST_WOOD = Length.mm(0.5);

    /** How far wood covers the package on each side; zero when nothing covers it. */
    default Length lip() {
        return Length.ZERO;
    }

    /** How far wood lies before what it frames, on each side, from the sight edge outwards; zero where none does. */
    default Length covers() {
        return lip();
    }

    /** How far wood reaches in behind what it frames, past the sight line. */
    default Length ledge() {
        return Length.ZERO;
    }

    /** Whether a package can lie in it. */
    default boolean takesPackage() {
        return true;
    }

    /** Whether it is a floater's wall alone, whose ledge is fitted in behind it. */
    default boolean isWall() {
        return false;
    }

    /** From the sight edge to where the back's wood begins. */
    default Length opening() {
        return lip();
    }

    /** How deep the package may lie, in strips that are so thick together. */
    Length depthIn(Length stacked);

    /** Refuses a section that leaves too little wood around it, of strips so wide and thick together. */
    void check(Length face, Length stacked, int strips);

    /** What is cut from the glued strips, in the section's axes. */
    default Silhouette region() {
        return Silhouette.NONE;
    }

    /** The lines a frame of such a section has, from the inside out. */
    List<Line> lines(boolean hasMat);

    /** How far before the back something so thick has its own back when it is laid in, in strips so thick together. */
    default Length restsAt(Length thick, Length stacked) {
        return Length.ZERO;
    }

    /** The line of the wood beside what lies in such a frame, another frame too. */
    default Line wall() {
        return Line.SIGHT;
    }

    /** The numbers that are given for it. */
    default List<RecessEntry> entries() {
        return List.of();
    }

    private static void checkStep(Length lip, Length depth, Length face, Length stacked) {
        Range.within("lip", lip, Length.mm(1), face.minus(Length.mm(1)));
        Range.within("rabbet_depth", depth, Length.mm(1), stacked.minus(LEAST_WOOD));
    }

    private static Silhouette box(Length lip, Length depth) {
        return Silhouette.box(-1, -1, lip.toMm(), depth.toMm());
    }

    private static List<RecessEntry> with(List<RecessEntry> entries, RecessEntry... more) {
        return Stream.concat(entries.stream(), Stream.of(more)).toList();
    }

    private static List<Point> step(Length lip, Length depth) {
        return List.of(new Point(0, depth.toMm()), new Point(lip.toMm(), depth.toMm()), new Point(lip.toMm(), 0));
    }

    /** A recess that covers the edges of the package from the front. */
    sealed interface Covering extends Recess {
        /** Covering more or less of the package. */
        Covering withLip(Length other);

        /** With room for a thicker or thinner package. */
        Covering withDepth(Length other);

        /**
         * The corners of what holds the package, in mm in the section's axes: the inner end of the ledge, where
         * ledge and wall meet, and the end of the wall toward the back.
         */
        List<Point> seat();

        @Override
        default Line wall() {
            return Line.RABBET;
        }

        /** Its front against the ledge. */
        @Override
        default Length restsAt(Length thick, Length stacked) {
            return depthIn(stacked).minus(thick);
        }

        @Override
        default List<Line> lines(boolean hasMat) {
            return hasMat
                    ? List.of(Line.values())
                    : List.of(Line.ART, Line.GLASS, Line.RABBET, Line.SIGHT, Line.OUTSIDE);
        }

        @Override
        default List<RecessEntry> entries() {
            return List.of(
                    new RecessEntry(SectionKey.LIP, lip(), this::withLip),
                    new RecessEntry(SectionKey.RABBET_DEPTH, depthIn(Length.ZERO), this::withDepth));
        }

    }

    /**
     * A step cut out of the back along the sight edge, closed from behind.
     *
     * @param lip   width, sight line to rabbet line; from 1 to 150 mm
     * @param depth from the back; from 1 to 150 mm
     */
    record Rabbet(Length lip, Length depth) implements Covering {
        public Rabbet {
            Range.within("lip", lip, Length.mm(1), MOST);
            Range.within("rabbet_depth", depth, Length.mm(1), MOST);
        }

        @Override
        public Rabbet withLip(Length other) {
            return new Rabbet(other, depth);
        }

        @Override
        public Rabbet withDepth(Length other) {
            return new Rabbet(lip, other);
        }

        @Override
        public List<Point> seat() {
            return step(lip, depth);
        }

        @Override
        public Length depthIn(Length stacked) {
            return depth;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            checkStep(lip, depth, face, stacked);
        }

        @Override
        public Silhouette region() {
            return box(lip, depth);
        }
    }

    /**
     * A rabbet cut with the blade tilted by the lean of the sides, so that its ledge lies level with the
     * package and its wall stands upright though the stick leans.
     *
     * @param lip     level width of the ledge, from the sight edge to the wall; from 1 to 150 mm
     * @param depth   upright height of the wall, from the ledge to the back; from 1 to 150 mm
     * @param degrees by which it is tilted, from −80 to 80 but not 0; positive for sides that lean outwards
     */
    record TiltedRabbet(Length lip, Length depth, double degrees) implements Covering {
        public TiltedRabbet {
            Range.within("lip", lip, Length.mm(1), MOST);
            Range.within("rabbet_depth", depth, Length.mm(1), MOST);
            Range.number("tilt_of_the_rabbet_in_degrees", degrees, -80, 80);
            if (degrees == 0) {
                throw Refusal.of("recess.tilt_of_rabbet_is");
            }
        }

        /** By which it is tilted, signed. */
        public Angle tilt() {
            return Angle.degrees(degrees);
        }

        /** Tilted otherwise; a plain rabbet without tilt. */
        public Covering withTilt(double other) {
            return other == 0 ? new Rabbet(lip, depth) : new TiltedRabbet(lip, depth, other);
        }

        @Override
        public TiltedRabbet withLip(Length other) {
            return new TiltedRabbet(other, depth, degrees);
        }

        @Override
        public TiltedRabbet withDepth(Length other) {
            return new TiltedRabbet(lip, other, degrees);
        }

        /**
         * A level ledge l long and an upright wall d high, turned by the tilt τ: the ledge starts on the sight
         * edge d·cos τ + l·sin τ from the back and ends at (l·cos τ, d·cos τ); the wall reaches the back at
         * l·cos τ − d·sin τ, or ends on the sight edge where that lies below 0.
         */
        @Override
        public List<Point> seat() {
            double cos = tilt().cos();
            double sin = tilt().sin();
            double l = lip.toMm();
            double d = depth.toMm();
            Point corner = new Point(l * cos, d * cos);
            double atBack = l * cos - d * sin;
            Point end = atBack >= 0 ? new Point(atBack, 0) : new Point(0, d * cos - l * cos * cos / sin);
            return List.of(new Point(0, d * cos + l * sin), corner, end);
        }

        @Override
        public Length depthIn(Length stacked) {
            return depth;
        }

        @Override
        public Length opening() {
            return Length.mm(seat().getLast().x());
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            List<Point> seat = seat();
            double highest = Math.max(seat.get(0).y(), seat.get(1).y());
            double widest = Math.max(seat.get(1).x(), seat.get(2).x());
            if (seat.get(0).y() < 1 || highest > stacked.minus(LEAST_WOOD).toMm() || widest > face.toMm() - 1) {
                throw Refusal.of(
                        "section.rabbet_of_tilted_by",
                        lip,
                        depth,
                        degrees,
                        Length.mm(Math.rint(widest * 10) / 10),
                        Length.mm(Math.rint(highest * 10) / 10),
                        face,
                        stacked);
            }
        }

        /** What is cut away: all between ledge and wall, and a little past both surfaces of the stick. */
        @Override
        public Silhouette region() {
            Point corner = seat().get(1);
            double slope = -tilt().tan();
            double past = corner.x() - (corner.y() + 1) * tilt().tan();
            Silhouette underLedge =
                    Silhouette.under(-1, List.of(-1.0, corner.x()), x -> corner.y() + (x - corner.x()) * slope);
            DoubleUnaryOperator wall = x -> corner.y() + (x - corner.x()) / tilt().tan();
            if (past >= corner.x()) {
                return underLedge.plus(Silhouette.under(-1, List.of(corner.x(), past), wall));
            }
            return underLedge.without(Silhouette.under(-1, List.of(Math.max(past, -1), corner.x()), wall));
        }
    }

    /**
     * Two steps: a narrow deep one for glass and picture, a wider and shallower one behind it for the
     * backing board.
     *
     * @param lip       width of the narrow step, sight line to rabbet line; from 1 to 150 mm
     * @param depth     of the narrow step, from the back; from 1 to 150 mm
     * @param backLip   width of the step behind, from the sight line; wider than the lip, up to 150 mm
     * @param backDepth of the step behind, from the back; less than the depth
     */
    record DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) implements Covering {
        public DoubleRabbet {
            Range.within("lip", lip, Length.mm(1), MOST);
            Range.within("rabbet_depth", depth, Length.mm(1), MOST);
            Range.within("lip_of_the_step_behind", backLip, lip.plus(Length.mm(0.5)), MOST);
            Range.within("depth_of_the_step_behind", backDepth, Length.mm(0.5), depth.minus(Length.mm(0.5)));
        }

        @Override
        public DoubleRabbet withLip(Length other) {
            return new DoubleRabbet(other, depth, backLip, backDepth);
        }

        @Override
        public DoubleRabbet withDepth(Length other) {
            return new DoubleRabbet(lip, other, backLip, backDepth);
        }

        @Override
        public List<Point> seat() {
            return step(lip, depth);
        }

        @Override
        public Length depthIn(Length stacked) {
            return depth;
        }

        @Override
        public Length opening() {
            return backLip;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            checkStep(lip, depth, face, stacked);
            Range.within("lip_of_the_step_behind", backLip, lip, face.minus(Length.mm(1)));
        }

        @Override
        public Silhouette region() {
            return box(lip, depth).plus(box(backLip, backDepth));
        }

        @Override
        public List<RecessEntry> entries() {
            return with(
                    Covering.super.entries(),
                    new RecessEntry(
                            SectionKey.BACK_LIP, backLip, l -> new DoubleRabbet(lip, depth, l, backDepth)),
                    new RecessEntry(
                            SectionKey.BACK_DEPTH, backDepth, l -> new DoubleRabbet(lip, depth, backLip, l)));
        }

        /** How much larger a board in the step behind is than one in the narrow step, on each side. */
        public Length wider() {
            return backLip.minus(lip);
        }
    }

    /**
     * A groove in the sight edge that holds a panel all round; the panel goes in before the last corner
     * is closed. A second one behind it may hold the back of a box.
     *
     * @param lip      how deep the groove is; from 1 to 150 mm
     * @param fromBack wood left behind the groove; from 1 to 150 mm
     * @param width    of the groove, what the panel may be thick; from 1 to 150 mm
     * @param behind   as deep, nearer to the back, with at least 1 mm of wood between both; empty where there is one
     */
    record Slot(Length lip, Length fromBack, Length width, Optional<Groove> behind) implements Covering {
        private static final Length LEAST_BETWEEN = Length.mm(1);

        /**
         * A groove by its place and its width.
         *
         * @param fromBack wood left behind it; from 1 to 150 mm
         * @param width    from 1 to 150 mm
         */
        public record Groove(Length fromBack, Length width) {
            public Groove {
                Range.within("wood_behind_the_second_groove", fromBack, Length.mm(1), MOST);
                Range.within("width_of_the_second_groove", width, Length.mm(1), MOST);
            }
        }

        /** One groove alone. */
        public Slot(Length lip, Length fromBack, Length width) {
            this(lip, fromBack, width, Optional.empty());
        }

        public Slot {
            Range.within("depth_of_the_groove", lip, Length.mm(1), MOST);
            Range.within("wood_behind_the_groove", fromBack, Length.mm(1), MOST);
            Range.within("width_of_the_groove", width, Length.mm(1), MOST);
            behind.ifPresent(second -> Range.within(
                    "wood_behind_the_groove",
                    fromBack,
                    second.fromBack().plus(second.width()).plus(LEAST_BETWEEN),
                    MOST));
        }

        @Override
        public Slot withLip(Length other) {
            return new Slot(other, fromBack, width, behind);
        }

        @Override
        public Slot withDepth(Length other) {
            return new Slot(lip, fromBack, other, behind);
        }

        @Override
        public List<Point> seat() {
            double front = fromBack.plus(width).toMm();
            return List.of(new Point(0, front), new Point(lip.toMm(), front), new Point(lip.toMm(), fromBack.toMm()));
        }

        @Override
        public Length depthIn(Length stacked) {
            return width;
        }

        @Override
        public Length opening() {
            return Length.ZERO;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            Range.within("depth_of_the_groove", lip, Length.mm(1), face.minus(Length.mm(1)));
            Range.within("width_of_the_groove", width, Length.mm(1), stacked.minus(fromBack).minus(LEAST_WOOD));
        }

        @Override
        public Silhouette region() {
            Silhouette front = box(fromBack, width);
            return behind.map(second -> front.plus(box(second.fromBack(), second.width()))).orElse(front);
        }

        private Silhouette box(Length from, Length wide) {
            return Silhouette.box(-1, from.toMm(), lip.toMm(), from.plus(wide).toMm());
        }

        @Override
        public List<RecessEntry> entries() {
            List<RecessEntry> first = with(
                    Covering.super.entries(),
                    new RecessEntry(SectionKey.SLOT_FROM_BACK, fromBack, l -> new Slot(lip, l, width, behind)));
            return behind.map(second -> with(
                            first,
                            new RecessEntry(SectionKey.GROOVE_BEHIND_FROM, second.fromBack(), l ->
                                    with(new Groove(l, second.width()))),
                            new RecessEntry(SectionKey.GROOVE_BEHIND_WIDTH, second.width(), l ->
                                    with(new Groove(second.fromBack(), l)))))
                    .orElse(first);
        }

        private Slot with(Groove second) {
            return new Slot(lip, fromBack, width, Optional.of(second));
        }

        private static List<RecessEntry> with(List<RecessEntry> entries, RecessEntry... more) {
            return Recess.with(entries, more);
        }
    }

    /**
     * An L: the picture stands in it from the front, free of the wall, screwed from behind. Without a ledge of its own
     * it is the wall alone, and strips fitted in behind it are the ledge.
     *
     * @param ledge     how far the ledge reaches in from the wall; from 3 to 150 mm, or 0 as the thickness
     * @param thickness of the ledge; from 3 to 150 mm, or 0
     */
    record Floater(Length ledge, Length thickness) implements Recess {
        /** The wall alone. */
        public static final Floater WALL = new Floater(Length.ZERO, Length.ZERO);

        public Floater {
            if (!ledge.isZero() || !thickness.isZero()) {
                Range.within("ledge_width", ledge, Length.mm(3), MOST);
                Range.within("ledge_thickness", thickness, Length.mm(3), MOST);
            }
        }

        @Override
        public boolean isWall() {
            return ledge.isZero();
        }

        @Override
        public Length depthIn(Length stacked) {
            return stacked.minus(thickness);
        }

        /** On the ledge. */
        @Override
        public Length restsAt(Length thick, Length stacked) {
            return thickness;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            if (!isWall()) {
                Range.within("ledge_thickness", thickness, Length.mm(3), stacked.minus(Length.mm(1)));
            }
            if (strips > 1) {
                throw Refusal.of("section.floater_is_one_strip", strips);
            }
        }

        @Override
        public List<Line> lines(boolean hasMat) {
            return List.of(Line.ART, Line.RABBET, Line.SIGHT, Line.OUTSIDE);
        }

        @Override
        public List<RecessEntry> entries() {
            return isWall() ? List.of() : List.of(
                    new RecessEntry(SectionKey.LEDGE, ledge, l -> new Floater(l, thickness)),
                    new RecessEntry(SectionKey.LEDGE_THICKNESS, thickness, l -> new Floater(ledge, l)));
        }
    }

    /**
     * Nothing cut: it lies on what hangs already, a mirror, over its edge and its clips.
     *
     * @param overlap how far it covers the mirror on each side; from 1 to 150 mm
     * @param clips   how far the mirror's clips stand in from its edge; from 0 to 150 mm
     * @param stands  how far the mirror's front stands off the wall, clips and all; from 1 to 150 mm
     */
    record Over(Length overlap, Length clips, Length stands) implements Recess {
        /** Covering less, an edge that was not cut for show is seen. Common practice, no source. */
        public static final Length LEAST = Length.inches(0, 1, 2);

        public Over {
            Range.within("overlap", overlap, Length.mm(1), MOST);
            Range.within("clips", clips, Length.ZERO, MOST);
            Range.within("stands_off", stands, Length.mm(1), MOST);
        }

        @Override
        public boolean takesPackage() {
            return false;
        }

        @Override
        public Length covers() {
            return overlap;
        }

        @Override
        public Length depthIn(Length stacked) {
            return Length.ZERO;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            Range.within("overlap", overlap, Length.mm(1), face.minus(Length.mm(1)));
        }

        @Override
        public List<Line> lines(boolean hasMat) {
            return List.of(Line.GLASS, Line.SIGHT, Line.OUTSIDE);
        }

        @Override
        public List<RecessEntry> entries() {
            return List.of(
                    new RecessEntry(SectionKey.OVERLAP, overlap, l -> new Over(l, clips, stands)),
                    new RecessEntry(SectionKey.CLIPS, clips, l -> new Over(overlap, l, stands)),
                    new RecessEntry(SectionKey.STANDS_OFF, stands, l -> new Over(overlap, clips, l)));
        }
    }

    /** Nothing: a plain bar, as in strainers and stretchers. */
    record Bar() implements Recess {
        @Override
        public boolean takesPackage() {
            return false;
        }

        @Override
        public Length depthIn(Length stacked) {
            return Length.ZERO;
        }

        @Override
        public void check(Length face, Length stacked, int strips) {
            // Nothing is cut from it.
        }

        @Override
        public List<Line> lines(boolean hasMat) {
            return List.of(Line.SIGHT, Line.OUTSIDE);
        }
    }
}
