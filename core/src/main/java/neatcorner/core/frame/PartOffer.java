package neatcorner.core.frame;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Slats;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;

/**
 * A part that can be added to another, in the sizes one usually starts from (common practice, no source), and finished
 * like that.
 *
 * @param id      its name for machines; its phrase is {@code offer.ID}
 * @param lies    how it lies by the part of this name, which is worked out so
 * @param section what it is made of beside that part
 * @param built   how its pieces meet, where its shape allows that
 * @param slatted whether it has slats
 * @param beside  what the other part must be made of
 */
public record PartOffer(
        String id,
        BiFunction<String, Frame, Placement> lies,
        Function<Section, Section> section,
        Construction built,
        boolean slatted,
        Predicate<Section> beside)
        implements Named {
    private static final Length PROUD = Length.mm(3);
    /** A smaller hole in the middle is no strainer any more. Common practice, no source. */
    private static final Length LEAST_OPENING = Length.inches(2);

    /** All there are: a line a kind. */
    public static final List<PartOffer> ALL = List.of(
            new PartOffer(
                    "rim",
                    (on, _) -> new Placement.Around(on, Length.ZERO, PROUD),
                    base -> strip("rim", base.species(), 6, base.thickness().plus(PROUD))),
            new PartOffer(
                    "edging",
                    (on, _) -> new Placement.Around(on, Length.ZERO, Length.ZERO),
                    base -> strip("edging", base.species(), 5, base.thickness())),
            new PartOffer(
                    "outer_frame",
                    (on, _) -> new Placement.Around(on, Length.mm(1.5), Length.ZERO),
                    base -> new Section(
                            "outer frame",
                            base.species(),
                            Length.mm(40),
                            base.thickness().plus(Length.mm(9)),
                            new Recess.Rabbet(Length.mm(6), base.thickness()),
                            Profile.FLAT)),
            new PartOffer(
                    "lining",
                    (on, _) -> new Placement.Inside(on, Length.ZERO),
                    base -> strip(
                            "lining", base.species(), 8 + base.lip().toMm(), Length.mm(5))),
            new PartOffer(
                    "ledge",
                    (on, _) -> new Placement.Inside(on, Length.ZERO),
                    base -> strip("ledge strip", base.species(), 20, ledge(base)),
                    Construction.MITRED,
                    false,
                    PartOffer::isWall),
            new PartOffer(
                    "strainer",
                    (on, frame) -> new Placement.InBack(
                            on, frame.habits().get(Habit.STRAINER_SLACK).over(2)),
                    _ -> new Section(
                            "strainer strip",
                            Species.PINE,
                            Length.inches(1, 1, 2),
                            Length.inches(0, 3, 4),
                            new Recess.Bar(),
                            Profile.FLAT),
                    new Construction.Squared(SquareCorner.BUTTED, Through.RAILS),
                    false,
                    beside -> !isWall(beside)),
            new PartOffer(
                    "backing_frame",
                    (on, _) -> new Placement.Behind(on, Length.mm(10)),
                    base -> strip("plain strip", Species.PINE, 25, Length.mm(19)),
                    new Construction.Squared(SquareCorner.BUTTED, Through.RAILS),
                    false,
                    _ -> true),
            new PartOffer(
                    "extension",
                    (on, _) -> new Placement.OnFront(on, Length.ZERO),
                    base -> strip(
                            "extension strip",
                            base.species(),
                            Math.min(base.face().toMm(), 40),
                            Length.mm(9))),
            new PartOffer(
                    "cap",
                    (on, frame) -> new Placement.OnTop(on, Length.inches(1), cap(frame)),
                    base -> strip(
                            "cap", base.species(), 32, base.thickness().max(Length.mm(18)))),
            new PartOffer(
                    "shutters",
                    (on, _) -> new Placement.Hinged(on, Length.mm(2), Placement.Hinged.Leaves.PAIR),
                    base -> strip("leaf bar", base.species(), 40, Length.mm(25)),
                    new Construction.Squared(SquareCorner.BRIDLED, Through.STILES),
                    true,
                    beside -> !isWall(beside)));

    /** A quarter of the wall, so that three quarters are left for the picture. */
    private static Length ledge(Section wall) {
        return Length.mm(Math.max(6, Math.rint(wall.thickness().toMm() / 4)));
    }

    /** A quarter as high as it is wide. */
    private static Length cap(Frame frame) {
        return Length.mm(Math.max(110, Math.rint(frame.width(Line.OUTSIDE).toMm() / 4)));
    }

    /** The one with this name for machines. */
    public static PartOffer named(String id) {
        return ALL.stream().filter(offer -> offer.id().equals(id)).findFirst().orElseThrow();
    }

    private PartOffer(String id, BiFunction<String, Frame, Placement> lies, Function<Section, Section> section) {
        this(id, lies, section, Construction.MITRED, false, beside -> !isWall(beside));
    }

    private static boolean isWall(Section section) {
        return section.recess().isWall();
    }

    private static Section strip(String name, Species species, double face, Length thickness) {
        return new Section(name, species, Length.mm(face), thickness, new Recess.Bar(), Profile.FLAT);
    }

    /**
     * The part by the one that is looked at; empty where it cannot be built there, or another lies there already.
     *
     * @param name what it is to be called
     */
    public Optional<Part> by(Frame frame, String name) {
        return proposed(frame, name).filter(part -> frame.couldBe(frame.job().withPart(part)));
    }

    /**
     * The same without working all parts out to see whether it can be: for a remedy, which is tried anyway.
     *
     * @param name what it is to be called
     */
    public Optional<Part> proposed(Frame frame, String name) {
        Job job = frame.job();
        Placement placement = lies.apply(job.part().name(), frame);
        if (job.parts().stream()
                .flatMap(other -> other.placement().stream())
                .anyMatch(placement::isWhere)) {
            return Optional.empty();
        }
        try {
            if (!beside.test(job.section())) {
                return Optional.empty();
            }
            Section own = section.apply(job.section());
            Outline like = placement.like(job.outline());
            Body body = new Body(like, own, Map.of(), Lean.FLAT)
                    .with(built.canBe(like, own, Lean.FLAT) ? built : Construction.MITRED)
                    .withSlats(Optional.of(Slats.usual(own)).filter(_ -> slatted));
            if (!(placement instanceof Placement.InBack)) {
                return Optional.of(
                        Part.of(name, placement, body).finished(job.choices().finish()));
            }
            return job.seen() != job.holder() || clear(frame, own, placement).isUnder(LEAST_OPENING)
                    ? Optional.empty()
                    : Optional.of(Part.of(name, placement, body.with(brace(frame, own, placement))));
        } catch (Refusal cannotBeThere) {
            return Optional.empty();
        }
    }

    /** What is left open within strips of this section in the rabbet, the smaller way. */
    private static Length clear(Frame beside, Section own, Placement placement) {
        Line wall = beside.job().section().recess().wall();
        if (!beside.has(wall)) {
            return Length.ZERO;
        }
        return beside.width(wall)
                .min(beside.height(wall))
                .minus(placement.gap().plus(own.face()).times(2));
    }

    /**
     * What bends a strainer is taken by a brace: behind the wire that pulls its sides in, and in an upright one, else
     * across the middle of the longer way. A small one has its bar in the middle, or none.
     */
    private static CrossBars brace(Frame beside, Section own, Placement placement) {
        if (!beside.isFourSquare()) {
            return CrossBars.NONE;
        }
        Line wall = beside.job().section().recess().wall();
        Length wide = beside.width(wall).minus(placement.gap().times(2));
        Length high = beside.height(wall).minus(placement.gap().times(2));
        boolean wired = beside.job()
                .choices()
                .hardware()
                .map(hardware -> hardware == Hardware.RINGS_AND_WIRE)
                .orElse(true);
        if (!wired && wide.isOver(high)) {
            return Bracing.isRoomy(wide, own, 1) ? new CrossBars(1, 0) : CrossBars.NONE;
        }
        return Bracing.isRoomyAtWire(high, own)
                ? new CrossBars(0, 1, true)
                : Bracing.isRoomy(high, own, 1) ? new CrossBars(0, 1) : CrossBars.NONE;
    }

    @Override
    public Words words() {
        return Words.of("offer." + id);
    }
}
