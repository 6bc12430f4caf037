package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.frame.SideOpening;
import neatcorner.core.job.Body;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.FixtureKey;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.wood.Screw;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What lies behind a frame and has depth: what is in its way, the ways sawn for it, and how it is held. */
final class Behind {
    /** How deep it is behind the frame, from what a screen's front lies against to the wall. */
    private static final FigureKey<Length> ROOM = FigureKey.length(Station.FIT, "behind.room");
    /** Free between a screen and the wood beside it. */
    private static final FigureKey<Length> LEFT = FigureKey.length(Station.FIT, "behind.left");

    private static final FigureKey<Length> RIGHT = FigureKey.length(Station.FIT, "behind.right");
    private static final FigureKey<Length> TOP = FigureKey.length(Station.FIT, "behind.top");
    private static final FigureKey<Length> BOTTOM = FigureKey.length(Station.FIT, "behind.bottom");

    /** Covering less, the edge of a screen is seen from aside. Common practice, no source. */
    private static final Length LEAST_COVER = Length.mm(3);
    /** With less free beside it a screen is forced in. Common practice, no source. */
    private static final Length TIGHT = Length.mm(0.5);
    /** A narrower gap keeps a screen in its place by itself. Common practice, no source. */
    private static final Length LEAST_FELT = Length.mm(1.5);
    /** With less wood left in front of an opening a side bends there. Common practice, no source. */
    private static final Length LEAST_LEFT = Length.mm(10);
    /** A narrower gap takes no block with a screw through it, but a strip of felt. Common practice, no source. */
    private static final Length LEAST_BLOCK = Length.mm(8);
    /** A wider gap wants blocks so large that a batten is better. Common practice, no source. */
    private static final Length MOST_BLOCK = Length.mm(120);
    /** A new frame behind is at least so thick, so that it can be screwed. Common practice, no source. */
    private static final Length LEAST_BACKING = Length.mm(12);

    /** A frame behind keeps so far away from what lies in it. Common practice, no source. */
    private static final Length CLEAR = Length.mm(3);
    /** Strips that are made narrower to leave room stay at least so wide. Common practice, no source. */
    private static final Length LEAST_FACE = Length.mm(12);

    private final Assembly assembly;
    private final Job job;
    private final List<FixtureBox> boxes;
    private final Ledger ledger;
    private final List<Words> first = new ArrayList<>();
    private final List<Words> last = new ArrayList<>();
    private final List<Figure<Length>> free = new ArrayList<>();

    /**
     * What the hands do about it.
     *
     * @param first before a frame behind goes on
     * @param last  after that
     * @param free  the room there is
     */
    record Steps(List<Words> first, List<Words> last, List<Figure<Length>> free) {
        static final Steps NONE = new Steps(List.of(), List.of(), List.of());
    }

    private Behind(Assembly assembly, Ledger ledger) {
        this.assembly = assembly;
        this.job = assembly.job();
        this.boxes = FixtureBox.of(assembly);
        this.ledger = ledger;
    }

    /** The steps of what lies behind, and what is found about it; none where nothing lies there. */
    static Steps of(Assembly assembly, Ledger ledger) {
        if (assembly.job().packed().behind().isEmpty()) {
            return Steps.NONE;
        }
        Behind behind = new Behind(assembly, ledger);
        behind.judge();
        return new Steps(behind.first, behind.last, behind.free);
    }

    private void judge() {
        ledger.warn(Safety.DEVICE);
        Optional<Frame> odd = assembly.frames().stream()
                .filter(frame -> !FixtureBox.canJudge(frame))
                .findFirst();
        if (odd.isPresent()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.FIT,
                            "behind_not_judged",
                            odd.get().job().part().name())
                    .remedy(new Remedy.Visit(Station.BRIEF)));
            screen().ifPresent(_ -> laid());
            return;
        }
        Length room = Length.mm(FixtureBox.bearing(assembly) - FixtureBox.wall(assembly));
        free.add(ledger.enter(Figure.formula(ROOM)
                .note("behind_room")
                .rounded(Rounding.DOWN)
                .gives(room.max(Length.ZERO))));
        boxes.forEach(this::meets);
        screen().ifPresent(box -> {
            findWall(box, room);
            findUncovered(box);
        });
        findTogether();
        openings();
        screen().ifPresent(box -> held(box, room));
    }

    private Optional<FixtureBox> screen() {
        return boxes.stream()
                .filter(box -> box.fixture().kind() == Fixture.Kind.SCREEN)
                .findFirst();
    }

    /** The wood of every part against one of them. */
    private void meets(FixtureBox box) {
        IntStream.range(0, assembly.frames().size()).forEach(part -> {
            boolean open = box.fixture().kind().isOpened() && SideOpening.canBeIn(assembly.frame(part));
            if (!open) {
                box.inWay(assembly, part).stream()
                        .max(Comparator.comparingDouble(FixtureBox.InWay::by))
                        .ifPresent(way -> findMeets(box, way));
            }
            box.across(assembly, part).ifPresent(piece -> findMeetsBar(box, part, piece));
        });
    }

    /** What runs across a part can be left out, but for the bars of a window. */
    private void findMeetsBar(FixtureBox box, int part, Member piece) {
        Frame frame = assembly.frame(part);
        Remedy remedy = new Remedy.Visit(Station.BRIEF);
        if (frame.cross().contains(piece)) {
            remedy = new Remedy.OnJob(
                    Words.of("remedy.no_cross"), new Edit.InPart(part, new Edit.Cross(CrossBars.NONE)));
        }
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.BRIEF,
                        "fixture_meets_bar",
                        box.fixture().kind(),
                        piece.side().words(),
                        frame.job().part().name())
                .remedy(remedy));
    }

    private void findMeets(FixtureBox box, FixtureBox.InWay way) {
        Frame frame = assembly.frame(way.part());
        Length by = Rounding.UP.toWhole(Length.mm(way.by()), Length.mm(0.5));
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.BRIEF,
                        "fixture_meets",
                        box.fixture().kind(),
                        frame.members().get(way.member()).side().words(),
                        frame.job().part().name(),
                        by)
                .by(by)
                .remedy(freed(box, way, by.plus(LEAST_FELT))));
    }

    /** A frame behind comes further out, or its strips get narrower; else what is in the way must be thought over. */
    private Remedy freed(FixtureBox box, FixtureBox.InWay way, Length by) {
        Frame frame = assembly.frame(way.part());
        Length face = frame.job().section().face().minus(by);
        Optional<Length> gap = frame.job()
                .placement()
                .filter(Placement.Behind.class::isInstance)
                .map(behind -> behind.gap().minus(by))
                .filter(length -> !length.isNegative());
        if (gap.isPresent()) {
            return onPart(way.part(), "remedy.gap", gap.get(), new Edit.Enter(PlaceKey.GAP, gap.get()));
        }
        if (frame.job().section().recess() instanceof Recess.Bar && !face.isUnder(LEAST_FACE)) {
            return onPart(way.part(), "remedy.face", face, new Edit.Enter(SectionKey.FACE, face));
        }
        return roomy(box, way, by).orElseGet(() -> new Remedy.Visit(Station.BRIEF));
    }

    /** The frame larger by so much on both sides, where its size is given. */
    private Optional<Remedy> roomy(FixtureBox box, FixtureBox.InWay way, Length by) {
        Frame frame = assembly.frame(way.part());
        if (!frame.isFourSquare() || frame.job().placement().isPresent()) {
            return Optional.empty();
        }
        var side = frame.members().get(way.member()).place().along();
        Axis axis = Math.abs(side.y()) > Math.abs(side.x()) ? Axis.WIDTH : Axis.HEIGHT;
        Line line = frame.has(Line.RABBET) ? Line.RABBET : Line.SIGHT;
        Length larger = frame.size(line, axis).orElseThrow().value().plus(by.times(2));
        Edit edit = new Edit.InPart(way.part(), new Edit.Give(axis, line, larger));
        return Optional.of(new Remedy.OnJob(
                        Words.of("remedy.make_room", line.size(axis), larger, box.fixture().kind()), edit))
                .filter(_ -> frame.couldBe(edit.apply(job)))
                .map(Remedy.class::cast);
    }

    private static Remedy onPart(int part, String key, Length length, Edit edit) {
        return new Remedy.OnJob(Words.of(key, length), new Edit.InPart(part, edit));
    }

    private Remedy thicker(int part, Length thick) {
        return new Remedy.OnJob(
                Words.of("remedy.part_thickness", assembly.frame(part).job().part().name(), thick),
                new Edit.InPart(part, new Edit.Enter(SectionKey.THICKNESS, thick)));
    }

    /** Between what it lies against and the wall. */
    private void findWall(FixtureBox box, Length room) {
        Length missing = box.fixture().depth().minus(room);
        if (missing.isPositive()) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.BRIEF,
                            "fixture_meets_wall",
                            box.fixture().kind(),
                            box.fixture().depth(),
                            room.max(Length.ZERO),
                            missing)
                    .by(missing)
                    .remedy(deeper(needed(missing))));
        }
    }

    /** How much further off the wall one must be to lie before the other, which stands on it, in mm. */
    private static double missing(FixtureBox one, FixtureBox other) {
        return Math.min(
                one.box().front() - other.box().back(),
                other.box().front() - one.box().back());
    }

    /** What is missing to the wall, and for all that lies one behind the other. */
    private Length needed(Length missing) {
        double most = screen().stream()
                .flatMap(one -> boxes.stream()
                        .filter(other -> other != one && one.box().into(other.box()) > 0)
                        .map(other -> missing(one, other)))
                .max(Comparator.naturalOrder())
                .orElse(0.0);
        return Rounding.UP.toWhole(missing.max(Length.mm(most)), Length.mm(0.5));
    }

    /** The frame behind the one that holds it thicker, or one put behind. */
    private Remedy deeper(Length missing) {
        Optional<Frame> behind = assembly.frames().stream()
                .skip(job.holder() + 1L)
                .filter(frame -> frame.job().placement().filter(Placement.Behind.class::isInstance).isPresent())
                .filter(frame -> frame.job().section().recess() instanceof Recess.Bar)
                .reduce((_, last) -> last);
        if (behind.isPresent()) {
            Frame frame = behind.get();
            Length thick = frame.job().section().thickness().plus(missing).plus(offWall(frame.job().seen()));
            return thicker(frame.job().seen(), thick);
        }
        Length thick = Rounding.UP.toWhole(missing.plus(offWall(job.holder())), Length.mm(1))
                .max(LEAST_BACKING);
        return backing(thick)
                .map(part -> (Remedy) new Remedy.OnJob(
                        Words.of("remedy.backing", thick), new Edit.InPart(job.holder(), new Edit.AddPart(part))))
                .orElseGet(() -> new Remedy.Visit(Station.BRIEF));
    }

    /** How far the back of a part is from the wall, which another part touches. */
    private Length offWall(int part) {
        return Length.mm(assembly.lies().get(part).back().toMm() - FixtureBox.wall(assembly));
    }

    /** A frame of plain strips so thick behind the one that holds it all, clear of what lies there. */
    private Optional<Part> backing(Length thick) {
        Frame holder = assembly.frame(job.holder());
        double beside = boxes.stream()
                .filter(box -> !box.fixture().kind().isOpened())
                .mapToDouble(box -> IntStream.range(0, holder.members().size())
                        .mapToDouble(member -> -box.over(assembly, job.holder(), member))
                        .min()
                        .orElseThrow())
                .min()
                .orElse(0);
        Length free = Length.mm(Math.floor(beside - CLEAR.toMm()));
        if (free.isUnder(LEAST_FACE)) {
            return Optional.empty();
        }
        return PartOffer.named("backing_frame").proposed(holder, job.freeName("backing frame")).map(part -> {
            Length face = part.body().section().face().min(free);
            Length gap = part.placement().orElseThrow().gap().min(free.minus(face));
            Body body = part.body()
                    .with(part.body().section().withFace(face).withThickness(thick));
            return Part.of(part.name(), part.placement().orElseThrow().withGap(gap), body)
                    .finished(part.choices().finish());
        });
    }

    /** The edge of a screen must lie behind wood on every side. */
    private void findUncovered(FixtureBox box) {
        Frame holder = assembly.frame(job.holder());
        for (Axis axis : Axis.values()) {
            boolean wide = axis == Axis.WIDTH;
            Length size = wide ? box.fixture().width() : box.fixture().height();
            Length off = (wide ? box.fixture().right() : box.fixture().up()).abs();
            Length sight = holder.size(Line.SIGHT, axis).orElseThrow().value();
            Length cover = size.minus(sight).over(2).minus(off);
            if (cover.isUnder(LEAST_COVER)) {
                Length smaller = size.minus(off.times(2)).minus(LEAST_COVER.times(2));
                Edit edit = new Edit.InPart(job.holder(), new Edit.Give(axis, Line.SIGHT, smaller));
                boolean can = holder.isFourSquare()
                        && holder.job().placement().isEmpty()
                        && smaller.isPositive()
                        && holder.couldBe(edit.apply(job));
                ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.BRIEF,
                                cover.isNegative() ? "fixture_shows" : "fixture_barely_covered",
                                box.fixture().kind(),
                                Words.of("behind." + axis.id()),
                                cover.abs(),
                                LEAST_COVER)
                        .by(LEAST_COVER.minus(cover))
                        .remedy(
                                can
                                        ? new Remedy.OnJob(
                                                Words.of("remedy.sight", line(axis), smaller), edit)
                                        : new Remedy.Visit(Station.BRIEF)));
            }
        }
    }

    private static Words line(Axis axis) {
        return Line.SIGHT.size(axis).words();
    }

    /** No two of them in one place. */
    private void findTogether() {
        for (int i = 0; i < boxes.size(); i++) {
            for (int j = i + 1; j < boxes.size(); j++) {
                FixtureBox one = boxes.get(i);
                FixtureBox other = boxes.get(j);
                double into = one.box().into(other.box());
                if (into > 0) {
                    boolean either = one.fixture().kind() == Fixture.Kind.SCREEN
                            ^ other.fixture().kind() == Fixture.Kind.SCREEN;
                    Length deep = Rounding.UP.toWhole(Length.mm(missing(one, other)), Length.mm(0.5));
                    ledger.find(Finding.of(
                                    Severity.STOP,
                                    Station.BRIEF,
                                    either ? "fixtures_meet_deep" : "fixtures_meet",
                                    one.fixture().kind(),
                                    other.fixture().kind(),
                                    either ? deep : Length.mm(into))
                            .by(Length.mm(into))
                            .remedy(either ? deeper(needed(deep)) : new Remedy.Visit(Station.BRIEF)));
                }
            }
        }
    }

    /** The ways that are sawn into sides, and what they leave of them. */
    private void openings() {
        for (SideOpening opening : SideOpening.of(assembly)) {
            Frame frame = assembly.frame(opening.part());
            Words side = frame.members().get(opening.member()).side().words();
            first.add(Words.of(
                    "behind.opening",
                    opening.box().fixture().kind(),
                    side,
                    frame.job().part().name(),
                    opening.from(),
                    opening.to(),
                    opening.deep()));
            Length left = opening.left(assembly);
            if (left.isUnder(LEAST_LEFT)) {
                Length thick = opening.deep().plus(LEAST_LEFT);
                ledger.find(Finding.of(
                                left.isPositive() ? Severity.CAUTION : Severity.STOP,
                                Station.BRIEF,
                                left.isPositive() ? "opening_weakens" : "opening_cuts_through",
                                opening.box().fixture().kind(),
                                side,
                                frame.job().part().name(),
                                left.max(Length.ZERO),
                                LEAST_LEFT)
                        .by(LEAST_LEFT.minus(left))
                        .remedy(isWithin(frame) ? new Remedy.Visit(Station.BRIEF) : thicker(opening.part(), thick)));
            }
        }
        for (FixtureBox box : boxes) {
            if (box.fixture().kind() == Fixture.Kind.VENT && isShutIn(box)) {
                findShutIn(box);
            }
        }
    }

    /** Whether a part lies in another, so that it grows towards the wall and not away from what is opened for. */
    private static boolean isWithin(Frame frame) {
        return frame.job()
                .placement()
                .filter(place -> place instanceof Placement.InBack || place instanceof Placement.Inside)
                .isPresent();
    }

    /** Whether no air gets from it past the part that lies on the wall. */
    private boolean isShutIn(FixtureBox box) {
        double wall = FixtureBox.wall(assembly);
        return IntStream.range(0, assembly.frames().size())
                .filter(part -> assembly.lies().get(part).back().toMm() - wall < 1)
                .allMatch(part -> box.inWay(assembly, part).isEmpty() && !box.isBeside(assembly, part));
    }

    private void findShutIn(FixtureBox box) {
        Frame outer = assembly.frame(hindmost());
        double low = assembly.lies().get(hindmost()).down() + outer.height(Line.OUTSIDE).toMm();
        Length lower = Length.mm(low - box.box().bottom());
        Fixture now = box.fixture();
        Fixture reaching = new FixtureKey(box.index(), FixtureKey.Of.UP)
                .in(
                        new FixtureKey(box.index(), FixtureKey.Of.HEIGHT).in(now, now.height().plus(lower)),
                        now.up().minus(lower.over(2)));
        ledger.find(Finding.of(Severity.CAUTION, Station.BRIEF, "vent_shut_in", now.kind(), lower)
                .by(lower)
                .remedy(new Remedy.OnJob(
                        Words.of("remedy.vent_down", reaching.height()),
                        new Edit.InPart(
                                job.holder(),
                                new Edit.SetBehind(job.packed()
                                        .withBehind(box.index(), reaching)
                                        .behind())))));
    }

    /** The part whose back lies on the wall. */
    private int hindmost() {
        return IntStream.range(0, assembly.lies().size())
                .boxed()
                .min(Comparator.comparing(part -> assembly.lies().get(part).back()))
                .orElseThrow();
    }

    /** How a screen is laid in and kept in its place, or hung and framed. */
    private void held(FixtureBox screen, Length room) {
        if (job.packed().isScreenMounted()) {
            last.add(Words.of("behind.hung_first", room));
            return;
        }
        int part = beside(screen);
        boolean beside = screen.reach(assembly, part, 0) > Double.NEGATIVE_INFINITY;
        if (beside && assembly.frame(part).isFourSquare()) {
            first.add(lay());
            gaps(screen, part);
            last.add(Words.of("behind.keeper"));
        } else {
            laid();
        }
    }

    /** Laid in and kept by whatever its gaps ask for. */
    private void laid() {
        first.add(lay());
        last.add(Words.of("behind.packed"));
        last.add(Words.of("behind.keeper"));
    }

    private Words lay() {
        return Words.of("behind.lay", assembly.frame(job.holder()).job().part().name());
    }

    /** Blocks with a slot, two on each side, or felt where it is too narrow for them. */
    private void gaps(FixtureBox box, int part) {
        String name = assembly.frame(part).job().part().name();
        Figure<Length> left = gap(LEFT, box, part, 3);
        Figure<Length> right = gap(RIGHT, box, part, 1);
        Figure<Length> top = gap(TOP, box, part, 0);
        Figure<Length> bottom = gap(BOTTOM, box, part, 2);
        Length least = left.value().min(right.value()).min(top.value()).min(bottom.value());
        Length most = left.value().max(right.value()).max(top.value()).max(bottom.value());
        if (least.isUnder(TIGHT) && box.inWay(assembly, part).isEmpty()) {
            findTight(box, part, least);
        }
        if (most.isUnder(LEAST_FELT)) {
            return;
        }
        if (most.isUnder(LEAST_BLOCK)) {
            last.add(Words.of("behind.felt", name, left, right, top, bottom));
        } else if (least.isUnder(LEAST_BLOCK) || most.isOver(MOST_BLOCK)) {
            last.add(Words.of("behind.mixed", name, left, right, top, bottom, LEAST_BLOCK));
        } else {
            last.add(Words.of(
                    "behind.blocks", name, left, right, top, bottom, assembly.frame(part).screw(Screw.SIX)));
        }
    }

    /** With no room at all a screen has to be forced in. */
    private void findTight(FixtureBox box, int part, Length least) {
        FixtureBox.InWay tightest = IntStream.range(0, assembly.frame(part).members().size())
                .mapToObj(member -> new FixtureBox.InWay(part, member, box.reach(assembly, part, member)))
                .max(Comparator.comparingDouble(FixtureBox.InWay::by))
                .orElseThrow();
        ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.BRIEF,
                        "fixture_tight",
                        box.fixture().kind(),
                        assembly.frame(part).job().part().name(),
                        least,
                        LEAST_FELT,
                        assembly.frame(part)
                                .members()
                                .get(tightest.member())
                                .side()
                                .words())
                .by(LEAST_FELT.minus(least))
                .remedy(freed(box, tightest, LEAST_FELT.minus(least))));
    }

    /** The hindmost part with wood beside a screen. */
    private int beside(FixtureBox box) {
        return IntStream.range(0, assembly.frames().size())
                .filter(part -> box.reach(assembly, part, 0) > Double.NEGATIVE_INFINITY)
                .boxed()
                .min(Comparator.comparing(part -> assembly.lies().get(part).back()))
                .orElse(job.holder());
    }

    private Figure<Length> gap(FigureKey<Length> key, FixtureBox box, int part, int member) {
        double reach = box.reach(assembly, part, member);
        Figure<Length> gap = ledger.enter(Figure.formula(key)
                .note("behind_gap", assembly.frame(part).job().part().name())
                .rounded(Rounding.DOWN)
                .gives(Length.mm(-reach).max(Length.ZERO)));
        free.add(gap);
        return gap;
    }
}
