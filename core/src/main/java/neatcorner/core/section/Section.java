package neatcorner.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.recall.Recent;
import neatcorner.core.wood.Species;

/**
 * A moulding or strip cut through: strips glued one on the other, then what is cut from the back, then
 * a band along the outside.
 *
 * @param name   what the shop calls it
 * @param strips from the back to the front, from 1 to {@value Strip#MOST}
 * @param recess what holds the package
 * @param relief a hollow along the back
 * @param band   around the outside
 */
public record Section(String name, List<Strip> strips, Recess recess, Optional<Relief> relief, Optional<Band> band) {
    /** A plain bar may be as wide as a glued-up panel, others 300 mm. */
    public static final Length WIDEST_BAR = Length.mm(1200);
    private static final Length LEAST_WOOD = Length.mm(0.5);
    /** Wood that stays between a hollow in the back and the rabbet. */
    private static final Length BESIDE_RABBET = Length.mm(2);
    /** Strips lie on one another so far at least, to be glued. */
    private static final Length LEAST_SHARED = Length.mm(3);
    private static final Recent<Section, Made> MADE = new Recent<>(64, Section::made);

    public Section {
        if (name.isBlank()) {
            throw Refusal.of("section.section_needs_name");
        }
        strips = List.copyOf(strips);
        if (strips.isEmpty() || strips.size() > Strip.MOST) {
            throw Refusal.of("section.section_has_strips_have", name, strips.size(), Strip.MOST);
        }
        if (strips.stream().noneMatch(strip -> strip.setIn().isZero())) {
            throw Refusal.of("section.every_strip_of_is", name);
        }
        checkStack(strips);
        Length stacked = Length.sum(strips.stream().map(Strip::thickness).toList());
        Length face = faceOf(strips, recess, band);
        Range.within("face", face, Length.mm(3), recess instanceof Recess.Bar ? WIDEST_BAR : Length.mm(300));
        Range.within("thickness", stacked, Length.mm(recess instanceof Recess.Bar ? 1 : 3), Length.mm(200));
        recess.check(face, stacked, strips.size());
        Length core = face.minus(band.map(Band::width).orElse(Length.ZERO));
        if (relief.isPresent()) {
            Relief r = relief.get();
            Length room = core.minus(recess.lip()).minus(r.from()).minus(BESIDE_RABBET);
            if (room.isUnder(Length.mm(3))) {
                throw Refusal.of("section.hollow_outside_finds_no", r.from(), core.minus(recess.lip()), BESIDE_RABBET);
            }
            Range.within("width_of_the_back_hollow", r.width(), Length.mm(3), room);
            Range.within(
                    "depth_of_the_back_hollow",
                    r.depth(),
                    LEAST_WOOD,
                    strips.getFirst().thickness().minus(Length.mm(1)));
        }
        band.ifPresent(b -> Range.within("band_height", b.height(), Length.mm(3), stacked.plus(b.reveal())));
    }

    /** A plain moulding of one strip. */
    public Section(String name, Species species, Length face, Length thickness, Recess recess, Profile profile) {
        this(
                name,
                List.of(new Strip(
                        species,
                        face.plus(recess.ledge()),
                        thickness,
                        Length.ZERO,
                        profile,
                        Edging.SQUARE,
                        Edging.SQUARE,
                        Strip.Source.BOARD)),
                recess,
                Optional.empty(),
                Optional.empty());
    }

    /** Every strip lies on the one before it somewhere. */
    private static void checkStack(List<Strip> strips) {
        for (int i = 1; i < strips.size(); i++) {
            Strip below = strips.get(i - 1);
            Strip here = strips.get(i);
            Length shared = below.setIn()
                    .plus(below.width())
                    .min(here.setIn().plus(here.width()))
                    .minus(below.setIn().max(here.setIn()));
            if (shared.isUnder(LEAST_SHARED)) {
                throw Refusal.of("section.strip_lies_on_strip", i + 1, i, shared, LEAST_SHARED);
            }
        }
    }

    private static Length faceOf(List<Strip> strips, Recess recess, Optional<Band> band) {
        Length reach = Length.ZERO;
        for (Strip strip : strips) {
            reach = reach.max(strip.setIn().plus(strip.width()));
        }
        return reach.minus(recess.ledge()).plus(band.map(Band::width).orElse(Length.ZERO));
    }

    /** The wood of the strip that lies at the back and carries the rest. */
    public Species species() {
        return strips.getFirst().species();
    }

    /** Sight line to outside line. */
    public Length face() {
        return faceOf(strips, recess, band);
    }

    /** The strips glued one on the other. */
    public Length stacked() {
        Length stack = Length.ZERO;
        for (Strip strip : strips) {
            stack = stack.plus(strip.thickness());
        }
        return stack;
    }

    /** Back to the highest point of the front, a proud band with it. */
    public Length thickness() {
        return stacked().plus(band.map(Band::reveal).orElse(Length.ZERO).max(Length.ZERO));
    }

    /** How far in from the outside edge its wood is cut through as it is there, square and whole. */
    public Length plainEdge() {
        List<Silhouette.Column> columns = wood().columns();
        double from = face().toMm();
        for (Silhouette.Column column : columns.reversed()) {
            if (column.to() < from - 1e-6 || !column.isLike(columns.getLast())) {
                break;
            }
            from = column.from();
        }
        return face().minus(Length.mm(from));
    }

    /** What a square metre of its outer edge weighs, seen from the front, in kg: an estimate, as densities are. */
    public double edgeKgPerM2() {
        return parts().stream()
                .filter(part -> !part.wood().isNone())
                .filter(part -> part.wood().columns().getLast().to() > face().toMm() - 1e-6)
                .mapToDouble(part -> part.wood().columns().getLast().endHeight() * 1e-3 * part.species().density())
                .sum();
    }

    /** How far wood covers the package on each side. */
    public Length lip() {
        return recess.lip();
    }

    /** How far wood lies before what it frames, on each side. */
    public Length covers() {
        return recess.covers();
    }

    /** All the wood across: what the stick is wide. */
    public Length width() {
        return face().plus(recess.ledge());
    }

    /** What is left of the back to drive fasteners into: the rabbet's wall to the outside. */
    public Length backWidth() {
        return width().minus(recess.opening());
    }

    /** How deep the package may lie: the rabbet's depth, a groove's width, or a floater's wall above its ledge. */
    public Length recessDepth() {
        return recess.depthIn(stacked());
    }

    /** From the back to where the package's front lies. */
    public Length recessFront() {
        return recess instanceof Recess.Covering covering
                ? Length.mm(Math.max(
                        covering.seat().get(0).y(), covering.seat().get(1).y()))
                : recessDepth();
    }

    /** How far before the back the front of a second groove lies, in mm, which holds the back of a box. */
    public OptionalDouble backGroove() {
        return recess instanceof Recess.Slot slot
                ? slot.behind().stream()
                        .mapToDouble(second -> second.fromBack().plus(second.width()).toMm())
                        .findFirst()
                : OptionalDouble.empty();
    }

    /**
     * The least wood between the rabbet or groove and the front, below zero where it comes out there; the whole
     * thickness where there is neither.
     */
    public Length woodInFrontOfRabbet() {
        return lip().isPositive()
                ? Length.mm(MADE.of(this).uncut().lowestFront(0, lip().toMm())).minus(recessFront())
                : thickness();
    }

    /** The least wood over the back between the recess and the outside. */
    public Length woodOverBack() {
        return Length.mm(
                wood().lowestFront(recess.ledge().isPositive() ? -recess.ledge().toMm() : lip().toMm(), face().toMm()));
    }

    /** How high the outside edge stands. */
    public Length edgeHeight() {
        return Length.mm(wood().outerEdge());
    }

    /** The same with another face: every strip grows or shrinks by the difference. */
    public Section withFace(Length other) {
        Length by = other.minus(face());
        return by.isZero() ? this : withStrips(strips.stream().map(s -> s.withWidth(s.width().plus(by))).toList());
    }

    /** The same with another thickness: the strip at the back takes the difference. */
    public Section withThickness(Length other) {
        Length by = other.minus(thickness());
        List<Strip> changed = new ArrayList<>(strips);
        changed.set(0, changed.getFirst().withThickness(changed.getFirst().thickness().plus(by)));
        return withStrips(changed);
    }

    /** The woods it is made of, each once. */
    public List<Species> woods() {
        return Stream.concat(strips.stream().map(Strip::species), band.stream().map(Band::species)).distinct().toList();
    }

    /** The same with another recess; a floater's strip keeps its wall. */
    public Section withRecess(Recess other) {
        Length by = other.ledge().minus(recess.ledge());
        List<Strip> changed = by.isZero() ? strips : strips.stream().map(s -> s.withWidth(s.width().plus(by))).toList();
        return new Section(name, changed, other, relief, band);
    }

    /** The same of other strips. */
    public Section withStrips(List<Strip> other) {
        return new Section(name, other, recess, relief, band);
    }

    /** With one strip changed, counted from the back from 0. */
    public Section withStrip(int index, Strip other) {
        List<Strip> changed = new ArrayList<>(strips);
        changed.set(index, other);
        return withStrips(changed);
    }

    /** With a thin strip more on top, to start from. */
    public Section withStripOnTop() {
        Strip top = strips.getLast();
        List<Strip> more = new ArrayList<>(strips);
        more.add(Strip.plain(top.species(), top.width().times(0.6), Length.inches(0, 1, 4)).withSetIn(top.setIn()));
        return withStrips(more);
    }

    /** Without one strip, counted from the back from 0. */
    public Section withoutStrip(int index) {
        List<Strip> fewer = new ArrayList<>(strips);
        fewer.remove(index);
        return withStrips(fewer);
    }

    /** With another hollow along the back, or none. */
    public Section withRelief(Optional<Relief> other) {
        return new Section(name, strips, recess, other, band);
    }

    /** With another band, or none. */
    public Section withBand(Optional<Band> other) {
        return new Section(name, strips, recess, relief, other);
    }

    /** Under another name. */
    public Section named(String other) {
        return new Section(other, strips, recess, relief, band);
    }

    /** Whether sticks of that section can stand in for this one: all but the name alike. */
    public boolean isCutLike(Section other) {
        return strips.equals(other.strips)
                && recess.equals(other.recess)
                && relief.equals(other.relief)
                && band.equals(other.band);
    }

    /**
     * A part of the section of one wood.
     *
     * @param middle of its area; nowhere where there is none
     * @param gPerMm what a millimetre of it weighs, in g: an estimate, as densities are
     */
    public record Part(Species species, Silhouette wood, Point middle, double gPerMm) {
        private Part(Species species, Silhouette wood) {
            this(species, wood, wood.centroid(), wood.area() * 1e-6 * species.density());
        }
    }

    /** What follows from the numbers of a section and takes a while to find. */
    private record Made(
            List<Part> parts,
            Silhouette wood,
            Silhouette uncut,
            List<List<Point>> outlines,
            List<Seen> seen,
            double area,
            Stiff stiff) {
    }

    /** How all its wood resists bending: second moments in mm⁴, and how far it reaches from its middle in mm. */
    private record Stiff(double inPlane, double outOfPlane, double across, double through) {
        static Stiff of(Silhouette wood) {
            Point middle = wood.centroid();
            return new Stiff(
                    wood.momentInPlane(),
                    wood.momentOutOfPlane(),
                    Math.max(middle.x() - wood.left(), wood.right() - middle.x()),
                    Math.max(middle.y() - wood.low(), wood.high() - middle.y()));
        }
    }

    private Made made() {
        List<Part> parts = cut();
        Silhouette wood = parts.stream().map(Part::wood).reduce(Silhouette.NONE, Silhouette::plus);
        Silhouette uncut = Silhouette.NONE;
        double low = 0;
        for (Strip strip : strips) {
            uncut = uncut.plus(stripWood(strip, low));
            low += strip.thickness().toMm();
        }
        return new Made(parts, wood, uncut, wood.outlines(), seen(parts, wood), wood.area(),
                Stiff.of(wood));
    }

    /** Every strip, then the band, as they are when all is cut; x below zero is a floater's ledge. */
    public List<Part> parts() {
        return MADE.of(this).parts();
    }

    private List<Part> cut() {
        Silhouette cut = removed();
        List<Part> parts = new ArrayList<>();
        double low = 0;
        double outer = face().minus(band.map(Band::width).orElse(Length.ZERO)).toMm();
        for (Strip strip : strips) {
            parts.add(new Part(strip.species(), uncut(strip, outer, low).without(cut)));
            low += strip.thickness().toMm();
        }
        double top = low;
        band.ifPresent(b -> parts.add(new Part(
                b.species(),
                b.strip().wood(outer, top + b.reveal().minus(b.height()).toMm()))));
        return List.copyOf(parts);
    }

    /** A strip with its front worked; a floater's front is its wall's, over a ledge that stays square. */
    private Silhouette uncut(Strip strip, double outer, double low) {
        if (recess instanceof Recess.Floater(Length ledge, Length thickness)) {
            return strip.withWidth(face()).wood(0, low).plus(Silhouette.box(-ledge.toMm(), 0, 0, thickness.toMm()));
        }
        return strip.wood(outer - strip.setIn().plus(strip.width()).toMm(), low);
    }

    /** A strip of this section as it would be with nothing cut from the stack, its back at {@code low} mm. */
    public Silhouette stripWood(Strip strip, double low) {
        return uncut(strip, face().minus(band.map(Band::width).orElse(Length.ZERO)).toMm(), low);
    }

    /** What is cut from the glued strips: rabbets, groove, back hollow. */
    private Silhouette removed() {
        return recess.region().plus(hollow());
    }

    private Silhouette hollow() {
        double outer = face().minus(band.map(Band::width).orElse(Length.ZERO)).toMm();
        return relief.map(r -> Silhouette.box(
                        outer - r.from().plus(r.width()).toMm(),
                        -1,
                        outer - r.from().toMm(),
                        r.depth().toMm()))
                .orElse(Silhouette.NONE);
    }

    /** All its wood. */
    public Silhouette wood() {
        return MADE.of(this).wood();
    }

    /** Its outline, going round; a section that falls apart gives only its largest part. */
    public List<Point> outline() {
        return MADE.of(this).outlines().stream().max(Comparator.comparingInt(List::size)).orElseThrow();
    }

    /** The area of wood cut through, in mm². */
    public double areaMm2() {
        return MADE.of(this).area();
    }

    /**
     * How a side of it resists bending in the frame's plane: its second moment of area, in mm⁴; of a leaning one about
     * its own axes, turned as it leans.
     */
    public double momentInPlane(Lean lean) {
        double cos = lean.angle().cos();
        Stiff stiff = MADE.of(this).stiff();
        return stiff.inPlane() * cos * cos + stiff.outOfPlane() * (1 - cos * cos);
    }

    /** The section modulus there: the second moment over how far its wood reaches from its middle, in mm³. */
    public double modulusInPlane(Lean lean) {
        Stiff stiff = MADE.of(this).stiff();
        return momentInPlane(lean)
                / (stiff.across() * lean.angle().cos()
                        + stiff.through() * lean.angle().sin());
    }

    /** What a metre of it weighs, in kg: an estimate, as densities are. */
    public double kgPerMetre() {
        return parts().stream().mapToDouble(Part::gPerMm).sum();
    }

    /**
     * A part of the face as it is seen from the front.
     *
     * @param from    mm from the sight line outwards
     * @param to      mm from the sight line outwards
     * @param species the wood that shows there
     */
    public record Seen(double from, double to, Species species) {
    }

    /** What shows from the front, from the inside outwards: neighbours differ in wood or in height. */
    public List<Seen> seen() {
        return MADE.of(this).seen();
    }

    private List<Seen> seen(List<Part> parts, Silhouette wood) {
        List<Seen> seen = new ArrayList<>();
        double last = Double.NaN;
        for (Silhouette.Column column : wood.columns()) {
            Silhouette.Span top = column.spans().getLast();
            double middle = (column.from() + column.to()) / 2;
            Species shows = parts.reversed().stream()
                    .filter(p -> p.wood().contains(middle, top.high() - 1e-3))
                    .findFirst()
                    .map(Part::species)
                    .orElse(species());
            boolean jump = !(Math.abs(top.highFrom() - last) < 0.3);
            if (seen.isEmpty() || jump || !seen.getLast().species().equals(shows)) {
                seen.add(new Seen(column.from(), column.to(), shows));
            } else {
                seen.set(seen.size() - 1, new Seen(seen.getLast().from(), column.to(), shows));
            }
            last = top.highTo();
        }
        return List.copyOf(seen);
    }
}
