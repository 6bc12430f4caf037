package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.MemberKey.What;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/**
 * Cuts the members of a rectangle whose pieces meet square.
 *
 * <p>Those that run through are as long as the outside. Those between them are shorter by both faces they stand
 * between, and longer by what they reach into each: outside − 2·face + 2·reach. Whatever is taken from one piece at a
 * corner the other fills, so together they hold as much wood as a mitred frame of the same lines.
 */
public final class Squaring {
    private final Job job;
    private final SquareCorner corner;
    private final Construction.Squared squared;
    private final List<Side> sides;
    private final List<Point> outside;
    private final Chain across;
    private final Chain down;
    private final Ledger ledger;

    Squaring(Job job, List<Side> sides, List<Point> outside, Chain across, Chain down, Ledger ledger) {
        this.job = job;
        this.squared = job.squared().orElseThrow();
        this.corner = squared.corner();
        this.sides = sides;
        this.outside = outside;
        this.across = across;
        this.down = down;
        this.ledger = ledger;
    }

    /** One piece a side, as they go round. */
    List<Member> members() {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            members.add(member(i));
        }
        return List.copyOf(members);
    }

    /** How far a piece reaches into one of this face. */
    private Length reach(Length face) {
        return corner == SquareCorner.HOUSED ? housing() : corner.enters(face);
    }

    /** All housings are as deep as the thinnest side that runs through allows. */
    private Length housing() {
        return corner.enters(sides.stream()
                .filter(squared.through()::runs)
                .map(job::faceOf)
                .min(Length::compareTo)
                .orElseThrow());
    }

    private Side side(int index) {
        return sides.get((index + sides.size()) % sides.size());
    }

    private Member member(int index) {
        Side side = side(index);
        Section section = job.section().withFace(job.faceOf(side));
        Length before = job.faceOf(side(index - 1));
        Length after = job.faceOf(side(index + 1));
        boolean through = squared.through().runs(side);
        Chain chain = side.name() == Side.Name.TOP || side.name() == Side.Name.BOTTOM ? across : down;
        Length whole = chain.walk(MemberKey.length(side, What.LONG), Line.OUTSIDE)
                .result()
                .value();
        Figure<Length> length = ledger.enter(length(side, chain, before, after, through));
        Figure<Length> sight = ledger.enter(Figure.sum(MemberKey.length(side, What.SHORT))
                .named(Words.of("figure.square.short", side.words()))
                .start("outside", whole)
                .minus("neighbour", before, side(index - 1).words())
                .minus("neighbour", after, side(index + 1).words())
                .result());
        Figure<Length> rabbet = ledger.enter(Figure.sum(MemberKey.length(side, What.RABBET))
                .start("sight_along", sight.value())
                .plus("lips", job.section().lip().times(2), job.section().lip())
                .result());
        Point corner = outside.get(index);
        Point along = outside.get((index + 1) % outside.size()).minus(corner).unit();
        double from = through ? 0 : before.minus(reach(before)).toMm();
        double to = whole.toMm()
                - (through ? 0 : after.minus(reach(after)).toMm());
        Ends ends = new Ends(corner, along, section.face().toMm(), whole.toMm(), before.toMm(), after.toMm());
        Point start = ends.at(from, 0);
        Place place =
                new Place(Vector.of(start, 0), Vector.of(along, 0), Vector.of(along.outward(), 0), Vector.FORWARD);
        boolean mitred = this.corner == SquareCorner.MITRE_LAPPED && !through;
        Mitre left = mitred ? Mitre.between(section.face(), before, Angle.RIGHT) : Mitre.square(section.face());
        Mitre right = mitred ? Mitre.between(section.face(), after, Angle.RIGHT) : Mitre.square(section.face());
        List<Point> sawn = mitred ? ends.mitred() : ends.box(from, to);
        return new Member(
                side,
                section,
                section,
                length,
                sight,
                rabbet,
                left,
                right,
                place,
                sawn,
                Optional.empty(),
                slabs(ends, section.thickness().toMm(), through),
                List.of());
    }

    /** How long the saw cuts it. */
    private Figure<Length> length(Side side, Chain chain, Length before, Length after, boolean through) {
        Figure.Sum sum = chain.walk(MemberKey.length(side, What.LONG), Line.OUTSIDE)
                .named(Words.of("figure.square.long", side.words()));
        if (!through && !corner.isLap()) {
            Length into = reach(before).plus(reach(after));
            if (before.equals(after)) {
                sum.minus("through_faces", before.times(2), before).plus("into_faces", into, into.over(2));
            } else {
                sum.minus("through_face", before).minus("through_face", after).plus("into_both", into);
            }
        }
        return sum.note(through || corner.isLap() ? "square_through" : "square_between").result();
    }

    /** What is left of a piece, from its back to its front. */
    private List<Slab> slabs(Ends ends, double thick, boolean through) {
        List<Point> whole = ends.box(0, ends.length());
        List<Point> between = ends.box(ends.before(), ends.length() - ends.after());
        return switch (corner) {
            case BUTTED -> List.of(new Slab(0, thick, through ? whole : between));
            case HALF_LAPPED -> halves(thick, through ? between : whole, through ? whole : between);
            case MITRE_LAPPED -> halves(thick, through ? whole : between, ends.mitred());
            case BRIDLED -> {
                double third = thick / 3;
                List<Point> outer = through ? whole : between;
                yield List.of(
                        new Slab(0, third, outer),
                        new Slab(third, 2 * third, through ? between : whole),
                        new Slab(2 * third, thick, outer));
            }
            case HOUSED ->
                List.of(new Slab(
                        0,
                        thick,
                        through
                                ? ends.notched(housing().toMm())
                                : ends.box(
                                        ends.before() - housing().toMm(),
                                        ends.length() - ends.after() + housing().toMm())));
        };
    }

    private static List<Slab> halves(double thick, List<Point> behind, List<Point> front) {
        return List.of(new Slab(0, thick / 2, behind), new Slab(thick / 2, thick, front));
    }

    /**
     * A side in the plane of the frame.
     *
     * @param corner the outside corner it starts at
     * @param along  the way along it, of length one
     * @param face   its own, in mm
     * @param length of the outside, in mm
     * @param before face of the piece before it, in mm
     * @param after  face of the piece after it, in mm
     */
    private record Ends(Point corner, Point along, double face, double length, double before, double after) {
        /** So far along the outside, and so far in. */
        Point at(double far, double deep) {
            return corner.plus(along.times(far)).minus(along.outward().times(deep));
        }

        List<Point> box(double from, double to) {
            return List.of(at(from, 0), at(to, 0), at(to, face), at(from, face));
        }

        List<Point> mitred() {
            return List.of(at(0, 0), at(length, 0), at(length - after, face), at(before, face));
        }

        /** With both ends cut away on the inside, so deep. */
        List<Point> notched(double deep) {
            return List.of(
                    at(0, 0),
                    at(length, 0),
                    at(length, face - deep),
                    at(length - after, face - deep),
                    at(length - after, face),
                    at(before, face),
                    at(before, face - deep),
                    at(0, face - deep));
        }
    }

    /** Finds what a section has along it that would come out where pieces meet square. */
    static void check(Frame frame, Ledger ledger) {
        Construction.Squared squared = frame.job().squared().orElseThrow();
        Section section = frame.job().section();
        Optional<Words> shown = shown(
                section,
                squared.corner(),
                frame.members().stream()
                        .filter(member -> squared.through().runs(member.side()))
                        .map(member -> member.section().face())
                        .min(Length::compareTo)
                        .orElseThrow());
        shown.ifPresent(what -> ledger.find(
                Finding.of(Severity.STOP, Station.CORNERS, "square_section", squared.corner(), what)
                        .remedy(new Remedy.OnJob(
                                Words.of("remedy.build_mitred"), new Edit.Build(Construction.MITRED)))));
    }

    /**
     * What of a section would show where pieces meet so: a rabbet can wait until they are together, nothing else
     * along a stick can.
     *
     * @param side the thinnest of those that run through
     */
    public static Optional<Words> shown(Section section, SquareCorner corner, Length side) {
        boolean flat = section.strips().stream().allMatch(strip -> strip.front().shape() == Profile.Shape.FLAT);
        if (!flat) {
            return Optional.of(Words.of("square.profile"));
        }
        return switch (section.recess()) {
            case Recess.Bar _, Recess.Over _, Recess.Rabbet _, Recess.DoubleRabbet _ -> Optional.empty();
            case Recess.Slot slot -> {
                Length deepest = corner.enters(side);
                yield corner == SquareCorner.HOUSED && !slot.lip().isOver(deepest)
                        ? Optional.empty()
                        : Optional.of(
                                corner == SquareCorner.HOUSED
                                        ? Words.of("square.groove_deep", slot.lip(), deepest)
                                        : Words.of("square.groove"));
            }
            case Recess.TiltedRabbet _ -> Optional.of(Words.of("square.tilted"));
            case Recess.Floater floater ->
                floater.isWall() ? Optional.empty() : Optional.of(Words.of("square.ledge"));
        };
    }
}
