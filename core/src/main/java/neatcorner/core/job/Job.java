package neatcorner.core.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Station;

/**
 * What is wanted: one or more parts, built one after another, and what they hold. Everything is asked for and changed
 * here, of the part that is looked at; the groups keep together, and check, what shares a life.
 *
 * @param heading   title, order and quantity
 * @param parts     the first with the sizes that are given, every other placed by one before it; up to
 *                  {@value #MOST_PARTS}, each with a name of its own
 * @param seen      the part that is looked at, from 0; a view, and never saved
 * @param holder    the part the package lies in, from 0
 * @param carrier   the part the hardware is on, from 0
 * @param packed    what goes in
 * @param overrides habits that are different here
 * @param notes     written down on the way, oldest first
 * @param saw       the name of the saw it is cut on; empty for the shop's first that can
 */
public record Job(
        Heading heading,
        List<Part> parts,
        int seen,
        int holder,
        int carrier,
        Contents packed,
        Habits overrides,
        List<Note> notes,
        Optional<String> saw) {
    /** So many parts may a job have. */
    public static final int MOST_PARTS = 24;
    /** What the first part is called as long as nobody calls it otherwise. */
    public static final String FIRST = "frame";

    public Job {
        parts = List.copyOf(parts);
        notes = List.copyOf(notes);
        if (parts.isEmpty() || parts.size() > MOST_PARTS) {
            throw Refusal.of("job.parts", parts.size(), MOST_PARTS);
        }
        Set<String> before = new HashSet<>();
        for (Part part : parts) {
            boolean first = before.isEmpty();
            part.placement().ifPresent(placement -> {
                if (!before.contains(placement.on())) {
                    throw Refusal.of("job.part_on", part.name(), placement.on());
                }
            });
            if (first == part.placement().isPresent()) {
                throw Refusal.of(first ? "job.part_first" : "job.part_nowhere", part.name());
            }
            if (!before.add(part.name())) {
                throw Refusal.of("job.part_twice", part.name());
            }
        }
        Objects.checkIndex(seen, parts.size());
        Objects.checkIndex(holder, parts.size());
        Objects.checkIndex(carrier, parts.size());
    }

    /** A job of one part of which nothing is decided or done yet. */
    public static Job of(Heading heading, Body body, Contents contents) {
        return of(heading, body, contents, Choices.NONE);
    }

    /** A job of one part of which nothing is done yet. */
    public static Job of(Heading heading, Body body, Contents contents, Choices choices) {
        Part first = new Part(FIRST, Optional.empty(), body, choices, Progress.NONE);
        return new Job(heading, List.of(first), 0, 0, 0, contents, Habits.USUAL, List.of(), Optional.empty());
    }

    /** A new job: one frame around a pane of glass, everything else as usual. */
    public static Job starting(String title, Length glassWidth, Length glassHeight, Section section) {
        Outline outline = new Boxed.Rectangle(new Size(Line.GLASS, glassWidth), new Size(Line.GLASS, glassHeight));
        return of(
                new Heading(title, "", 1),
                new Body(outline, section, Map.of(), Lean.FLAT),
                new Contents(
                        List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.PAPER),
                                Layer.of(Material.CORRUGATED)),
                        Optional.empty()));
    }

    /** The part that is looked at. */
    public Part part() {
        return parts.get(seen);
    }

    /** The same job with another of its parts looked at, from 0. */
    public Job at(int part) {
        return part == seen ? this : new Job(heading, parts, part, holder, carrier, packed, overrides, notes, saw);
    }

    /** Which part has this name, from 0; a placed part's is always among those before it. */
    public int indexOf(String name) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).name().equals(name)) {
                return i;
            }
        }
        throw Refusal.of(
                "job.no_part", name, parts.stream().map(Part::name).collect(Collectors.joining(", ")));
    }

    /** A name like this one that no part has yet. */
    public String freeName(String wanted) {
        String name = wanted;
        for (int n = 2; has(name); n++) {
            name = wanted + " " + n;
        }
        return name;
    }

    private boolean has(String name) {
        return parts.stream().anyMatch(part -> part.name().equals(name));
    }

    /** How the part that is looked at lies by another; empty for the first. */
    public Optional<Placement> placement() {
        return part().placement();
    }

    /**
     * Whether the pieces of the part that is looked at are fitted and glued one by one to what they lie by: plain
     * strips right around another part or right inside, and what lies over a mirror, where its corners go together on
     * a wall.
     */
    public boolean isFitted() {
        return section().recess() instanceof Recess.Over
                        && !outline().isCurved()
                        && !body().construction().isSquared(corner -> corner != SquareCorner.BUTTED)
                || section().recess() instanceof Recess.Bar
                        && placement()
                        .filter(place -> place.gap().isZero() && place.isAlong())
                        .isPresent();
    }

    /** Whether the part that is looked at lies around another that rests in its rabbet, and so is as proud as that. */
    public boolean isHolding() {
        return section().recess() instanceof Recess.Covering
                && placement().filter(Placement.Around.class::isInstance).isPresent();
    }

    /** Whether the part that is looked at is the ledge behind a floater's wall. */
    public boolean isLedge() {
        return placement()
                .filter(place -> place instanceof Placement.Inside
                        && parts.get(indexOf(place.on())).body().section().recess().isWall())
                .isPresent();
    }

    /**
     * The parts that lie in the rabbet of the one that is looked at, before what is framed; behind a floater's wall the
     * ledge that what is framed stands on.
     */
    public List<Part> linings() {
        boolean takes = section().recess() instanceof Recess.Covering || section().recess().isWall();
        return parts.stream()
                .filter(other -> takes
                        && other.placement()
                                .filter(place -> place instanceof Placement.Inside
                                        && place.on().equals(part().name()))
                                .isPresent())
                .toList();
    }

    /** The parts that lie in the rabbet of the one that is looked at, behind what is framed. */
    public List<Part> inBack() {
        return parts.stream()
                .filter(other -> other.placement()
                        .filter(place -> place instanceof Placement.InBack
                                && place.on().equals(part().name()))
                        .isPresent())
                .toList();
    }

    /** How thick they are together. */
    public Length lined() {
        return Length.sum(linings().stream()
                .map(lining -> lining.body().section().thickness())
                .toList());
    }

    /** How the part that is looked at lies, in a sentence; empty for the first. */
    public Optional<Words> lying() {
        return placement().map(place -> isHolding()
                ? Words.of("placement.holding.said", place.on(), Placement.free(place.gap()))
                : place.said());
    }

    /**
     * Whether it is a stretcher: plain bars that lie flat and hang, with nothing in them and nothing they lie by, for
     * cloth to go around. Bars that stand on a table are a tray, housed ones a box.
     */
    public boolean isStretcher() {
        return section().recess() instanceof Recess.Bar
                && placement().isEmpty()
                && lean().isFlat()
                && isHung()
                && isForCloth()
                && !body().construction().isSquared(corner -> corner == SquareCorner.HOUSED);
    }

    /** Whether cloth could go around its bars: separate straight ones that take staples, with nothing between. */
    private boolean isForCloth() {
        return body().edge().isEmpty()
                && !body().isFilled()
                && section().species().stuff().isWorkedLikeWood()
                && !body().isOnePiece()
                && parts.stream()
                        .noneMatch(other -> other.hung()
                                .filter(leaf -> leaf.on().equals(part().name()))
                                .isPresent());
    }

    /** Whether nothing differs that the sizes of its parts follow from: what is decided of their making may. */
    public boolean isShapedLike(Job other) {
        return parts.size() == other.parts.size()
                && packed.equals(other.packed)
                && overrides.equals(other.overrides)
                && IntStream.range(0, parts.size()).allMatch(i -> parts.get(i).isShapedLike(other.parts.get(i)));
    }

    /** Which part the hardware is on, and so its measures are of; empty where there is one part, or nothing hangs. */
    public Optional<Words> carriedBy() {
        return Optional.of(parts.get(carrier).name())
                .filter(_ -> parts.size() > 1 && isHung())
                .map(name -> Words.of("hang.on_part", name));
    }

    /** Whether all of it hangs on a wall by its own hardware; else it lies, stands, or is glued over what hangs. */
    public boolean isHung() {
        return !(parts.get(carrier).body().section().recess() instanceof Recess.Over)
                && parts.get(carrier).choices().hardware().map(Hardware::isOnWall).orElse(true);
    }

    /** What goes into the part that is looked at: nothing where the package lies in another. */
    public Contents contents() {
        return seen == holder ? packed : Contents.NOTHING;
    }

    /** The part that is looked at, as a body. */
    public Body body() {
        return part().body();
    }

    /** What was decided of its making. */
    public Choices choices() {
        return part().choices();
    }

    /** What the frame is called. */
    public String title() {
        return heading.title();
    }

    /** Whom or what it is for; may be empty. */
    public String order() {
        return heading.order();
    }

    /** How many alike. */
    public int quantity() {
        return heading.quantity();
    }

    /** The shape, with the sizes that are given. */
    public Outline outline() {
        return body().outline();
    }

    /** The moulding. */
    public Section section() {
        return body().section();
    }

    /** The faces of sides that are wider or narrower than the rest, by {@link Side#faceId()}. */
    public Map<String, Length> faces() {
        return body().faces();
    }

    /** How the sides stand. */
    public Lean lean() {
        return body().lean();
    }

    /** The glued frame under the tape; any reading may be missing. */
    public Map<Tape, Length> measured() {
        return part().progress().measured();
    }

    /** What went wrong at a corner of the part. */
    public Optional<Trouble> trouble() {
        return part().progress().trouble();
    }

    /** The stations that are ticked off. */
    public Set<Station> settled() {
        return part().progress().settled();
    }

    /** How its pieces meet where they do so square; empty where they are mitred. */
    public Optional<Construction.Squared> squared() {
        return body().construction() instanceof Construction.Squared squared ? Optional.of(squared) : Optional.empty();
    }

    /**
     * When the rabbet is cut: pieces that meet square get theirs when they are together, since one along a whole piece
     * would come out at its end.
     */
    public Rabbeting rabbeting() {
        return squared().isPresent() && choices().rabbeting() == Rabbeting.BEFORE_MITRING
                ? Rabbeting.AFTER_SQUARED
                : choices().rabbeting();
    }

    /** The size that is given on this axis; empty for shapes that are not given by width and height. */
    public Optional<Size> given(Axis axis) {
        return outline() instanceof Boxed boxed ? Optional.of(boxed.given(axis)) : Optional.empty();
    }

    /** The face of a side. */
    public Length faceOf(Side side) {
        return faces().getOrDefault(side.faceId(), section().face());
    }

    /** Whether it is a plain rectangle that lies flat. */
    public boolean isPlain() {
        return outline() instanceof Boxed.Rectangle && lean().isFlat();
    }

    /** With another title. */
    public Job withTitle(String other) {
        return with(new Heading(other, order(), quantity()));
    }

    /** For another order. */
    public Job withOrder(String other) {
        return with(new Heading(title(), other, quantity()));
    }

    /** So many alike. */
    public Job withQuantity(int other) {
        return with(new Heading(title(), order(), other));
    }

    /** How many alike of the part that is looked at are made in all. */
    public int copies() {
        return quantity() * part().copies();
    }

    /** Whether of some part more than one is made. */
    public boolean isSeveral() {
        return quantity() > 1 || parts.stream().anyMatch(part -> part.copies() > 1);
    }

    /**
     * With the opening that a leaf hangs in so large that the leaf gets this size outside.
     *
     * @throws Refusal where it hangs in a part whose own size follows from another
     */
    public Job withLeaf(Placement.Hinged hung, Axis axis, Length leaf) {
        Length opening = axis == Axis.WIDTH
                ? leaf.times((long) hung.copies()).plus(hung.gapsAcross())
                : leaf.plus(hung.gap().times(2));
        return at(indexOf(hung.on())).withGiven(axis, new Size(Line.SIGHT, opening)).at(seen);
    }

    /** With another given size on one axis; only for shapes given by width and height. */
    public Job withGiven(Axis axis, Size other) {
        return withOutline(outline().with(axis, other));
    }

    /** Refuses to be given a shape where it follows from another part. */
    public void checkShape() {
        placement().ifPresent(placement -> {
            throw Refusal.of("job.shape_follows", part().name(), placement.on());
        });
    }

    /** With another shape; refused where it follows from another part. */
    public Job withOutline(Outline other) {
        checkShape();
        return with(body().with(other));
    }

    /** Of another moulding. */
    public Job withSection(Section other) {
        return with(body().with(other));
    }

    /** With other faces for single sides. */
    public Job withFaces(Map<String, Length> other) {
        return with(body().with(other));
    }

    /** With a face of its own for a side, or again like the rest. */
    public Job withFace(String side, Optional<Length> face) {
        Map<String, Length> changed = new TreeMap<>(faces());
        face.ifPresentOrElse(f -> changed.put(side, f), () -> changed.remove(side));
        return withFaces(changed);
    }

    /** With sides that stand otherwise. */
    public Job withLean(Lean other) {
        return with(body().with(other));
    }

    /** With another body: shape, moulding, faces and lean at once. */
    public Job with(Body other) {
        return with(part().with(other));
    }

    /** Lying otherwise by the part it is placed by, or by another. */
    public Job with(Placement other) {
        return with(part().with(other));
    }

    /** With other contents; refused where the package lies in another part. */
    public Job withContents(Contents other) {
        if (seen != holder && !other.equals(Contents.NOTHING)) {
            throw Refusal.of("job.packed_elsewhere", part().name(), parts.get(holder).name());
        }
        return seen == holder
                ? new Job(heading, parts, seen, holder, carrier, other, overrides, notes, saw)
                : this;
    }

    /** With other habits. */
    public Job withOverrides(Habits other) {
        return new Job(heading, parts, seen, holder, carrier, packed, other, notes, saw);
    }

    /** With other decisions. */
    public Job withChoices(Choices other) {
        return with(part().with(other));
    }

    /** With other decisions for every part. */
    public Job withAllChoices(UnaryOperator<Choices> change) {
        List<Part> changed =
                parts.stream().map(one -> one.with(change.apply(one.choices()))).toList();
        return new Job(heading, changed, seen, holder, carrier, packed, overrides, notes, saw);
    }

    /** With other wishes for the cutting of every part. */
    public Job withCuttings(UnaryOperator<Cutting> change) {
        return withAllChoices(choices -> choices.withCutting(change.apply(choices.cutting())));
    }

    /** With one measurement more or changed. */
    public Job withMeasured(Tape tape, Length length) {
        return with(part().with(part().progress().withMeasured(tape, length)));
    }

    /** With these measurements only. */
    public Job withMeasured(Map<Tape, Length> other) {
        return with(part().with(part().progress().withMeasured(other)));
    }

    /** With a note more. */
    public Job withNote(Note note) {
        List<Note> more = new ArrayList<>(notes);
        more.add(note);
        return new Job(heading, parts, seen, holder, carrier, packed, overrides, more, saw);
    }

    /** With this trouble at a corner of the part, or none. */
    public Job withTrouble(Optional<Trouble> other) {
        return with(part().with(part().progress().withTrouble(other)));
    }

    /** With these stations of the part ticked off. */
    public Job withSettled(Set<Station> other) {
        return with(part().with(part().progress().withSettled(other)));
    }

    /** With a part more, made after all others, and looked at. */
    public Job withPart(Part part) {
        List<Part> more = new ArrayList<>(parts);
        more.add(part);
        return new Job(heading, more, parts.size(), holder, carrier, packed, overrides, notes, saw);
    }

    /** Without the part that is looked at; refused for the first, and while others lie by it. */
    public Job withoutPart() {
        if (seen == 0) {
            throw Refusal.of("job.part_stays", part().name());
        }
        parts.stream()
                .filter(other -> other.placement().filter(p -> p.on().equals(part().name())).isPresent())
                .findFirst()
                .ifPresent(other -> {
                    throw Refusal.of("job.part_carries", part().name(), other.name());
                });
        List<Part> fewer = new ArrayList<>(parts);
        fewer.remove(seen);
        return new Job(
                heading, fewer, seen - 1, without(holder), without(carrier), packed, overrides, notes, saw);
    }

    /** What a part counted from 0 is when the one looked at is gone; the first stands in for that one. */
    private int without(int part) {
        return part == seen ? 0 : part > seen ? part - 1 : part;
    }

    /** With another name for the part that is looked at; those that lie by it follow. */
    public Job withPartNamed(String name) {
        String before = part().name();
        List<Part> renamed = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            Part one = i == seen ? part().named(name) : parts.get(i);
            renamed.add(one.placement()
                    .filter(placement -> placement.on().equals(before))
                    .map(placement -> one.with(placement.on(name)))
                    .orElse(one));
        }
        return new Job(heading, renamed, seen, holder, carrier, packed, overrides, notes, saw);
    }

    /** With the package in another part, from 0. */
    public Job heldBy(int part) {
        return new Job(heading, parts, seen, part, carrier, packed, overrides, notes, saw);
    }

    /** With the hardware on another part, from 0. */
    public Job carriedBy(int part) {
        return new Job(heading, parts, seen, holder, part, packed, overrides, notes, saw);
    }

    /** Cut on the saw of this name, or on the shop's first that can. */
    public Job sawnOn(Optional<String> other) {
        return new Job(heading, parts, seen, holder, carrier, packed, overrides, notes, other);
    }

    private Job with(Heading other) {
        return new Job(other, parts, seen, holder, carrier, packed, overrides, notes, saw);
    }

    private Job with(Part other) {
        List<Part> changed = new ArrayList<>(parts);
        changed.set(seen, other);
        return new Job(heading, changed, seen, holder, carrier, packed, overrides, notes, saw);
    }
}
