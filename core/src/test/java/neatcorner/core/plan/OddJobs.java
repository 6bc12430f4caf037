package neatcorner.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Body;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Choices;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Layer;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Panel;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.Slats;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Through;
import neatcorner.core.job.Trim;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;

/** Odd but sensible jobs of every kind, the same ones for the same seed. What cannot be built is drawn again. */
public final class OddJobs {
    private final Random random;
    /** Parts are drawn apart from what they are added to. */
    private final Random parts;
    private final Random troubles;
    private int refused;

    public OddJobs(long seed) {
        this.random = new Random(seed);
        this.parts = new Random(~seed);
        this.troubles = new Random(~seed + 1);
    }

    /** The next job that can be built at all. */
    public Job next() {
        while (true) {
            try {
                return job();
            } catch (Refusal notSensible) {
                refused++;
            }
        }
    }

    /** How many were drawn again so far. */
    int refused() {
        return refused;
    }

    private double mm(double low, double high) {
        return Math.round((low + random.nextDouble() * (high - low)) * 2) / 2.0;
    }

    private Length length(double low, double high) {
        return random.nextBoolean()
                ? Length.mm(mm(low, high))
                : Length.inches(Math.round((low + random.nextDouble() * (high - low)) / 25.4 * 8) / 8.0);
    }

    @SafeVarargs
    private <T> T one(T... of) {
        return of[random.nextInt(of.length)];
    }

    private boolean chance(double share) {
        return random.nextDouble() < share;
    }

    private Section section() {
        double face = mm(10, 90);
        double thick = mm(12, 45);
        Length lip = Length.mm(Math.round(Math.min(face / 3, mm(4, 12)) * 2) / 2.0);
        Length depth = Length.mm(Math.round(thick * (0.35 + random.nextDouble() * 0.4) * 2) / 2.0);
        Recess recess = switch (random.nextInt(10)) {
            case 0 -> new Recess.DoubleRabbet(lip, depth, lip.plus(Length.mm(5)), depth.over(3));
            case 1 -> new Recess.Bar();
            case 2 -> parts.nextInt(3) == 0
                    ? Recess.Floater.WALL
                    : new Recess.Floater(Length.mm(mm(12, 25)), Length.mm(mm(6, 12)));
            case 3 -> slot(new Recess.Slot(lip, Length.mm(mm(4, 8)), Length.mm(mm(4, 8))));
            case 4 -> new Recess.TiltedRabbet(lip, depth.over(2), one(-30.0, -12.0, 5.0, 12.0, 30.0));
            default -> new Recess.Rabbet(lip, depth);
        };
        Profile profile = chance(0.3)
                ? new Profile(
                        one(
                                Profile.Shape.SCOOP,
                                Profile.Shape.SLOPE,
                                Profile.Shape.REVERSE_SLOPE,
                                Profile.Shape.ROUND,
                                Profile.Shape.STEP),
                        Length.mm(mm(1, thick / 2)))
                : Profile.FLAT;
        Section plain = new Section("odd", wood(), Length.mm(face), Length.mm(thick), recess, profile);
        if (chance(0.15)) {
            return plain.withRelief(
                    Optional.of(new Relief(Length.mm(mm(4, 10)), Length.mm(mm(4, face / 2)), Length.mm(mm(1, 6)))));
        }
        if (chance(0.15) && recess instanceof Recess.Rabbet rabbet) {
            Strip base = Strip.plain(wood(), Length.mm(face), Length.mm(thick * 0.6))
                    .withOuter(Edging.of(one(Edging.Kind.COVE, Edging.Kind.ROUND_OVER), Length.mm(4)));
            Strip cap = Strip.plain(wood(), Length.mm(face * 0.6), Length.mm(thick * 0.4));
            return new Section(
                    "odd",
                    List.of(base, cap),
                    rabbet.withDepth(Length.mm(thick * 0.4)),
                    Optional.empty(),
                    Optional.empty());
        }
        return plain;
    }

    private Species wood() {
        return chance(0.1)
                ? Species.own(
                        "own",
                        300 + random.nextInt(800),
                        random.nextDouble() * 0.003,
                        random.nextDouble() * 0.006,
                        one(Species.Hardness.values()),
                        chance(0.5))
                : one(Species.known().toArray(new Species[0]));
    }

    private Size size(Recess recess, double low, double high) {
        Line line = switch (recess) {
            case Recess.Bar() -> one(Line.SIGHT, Line.OUTSIDE);
            case Recess.Floater _ -> one(Line.ART, Line.OUTSIDE);
            default -> one(Line.GLASS, Line.SIGHT, Line.RABBET, Line.OUTSIDE);
        };
        return new Size(line, length(low, high));
    }

    private Outline outline(Recess recess) {
        return switch (random.nextInt(11)) {
            case 10 -> archAlone(size(recess, 200, 900));
            case 0 ->
                new Outline.Regular(one(3, 5, 6, 8, 12, 24), one(Outline.Across.values()), size(recess, 120, 800));
            case 1 -> free(recess);
            case 2 -> new Boxed.Round(size(recess, 200, 700), size(recess, 200, 900), one(4, 6, 8, 12));
            case 3 ->
                new Boxed.Arched(
                        size(recess, 200, 600), size(recess, 500, 1200), one(Boxed.Arch.HALF_ROUND), 1, one(3, 4, 6));
            case 4 ->
                new Boxed.Arched(
                        size(recess, 200, 600),
                        size(recess, 500, 1200),
                        Boxed.Arch.SEGMENTAL,
                        one(0.03, 0.2) + random.nextDouble() * 0.7,
                        one(3, 4, 6));
            case 5 ->
                recess instanceof Recess.Rabbet
                        ? new Boxed.Window(
                                size(recess, 400, 1200),
                                size(recess, 500, 1500),
                                one(1, 2, 3),
                                one(1, 2, 4),
                                Length.mm(mm(20, 40)))
                        : new Boxed.Rectangle(size(recess, 60, 1500), size(recess, 60, 1800));
            default -> new Boxed.Rectangle(size(recess, 60, 1500), size(recess, 60, 1800));
        };
    }

    private Outline archAlone(Size width) {
        Boxed.Arch arch = one(Boxed.Arch.values());
        double rise = switch (arch) {
            case HALF_ROUND -> 1;
            case SEGMENTAL -> one(0.1, 0.3, 0.6, 0.95);
            case POINTED -> one(1.1, 2.0);
        };
        return new Boxed.Arched(
                width, new Size(width.line(), width.length().times(rise / 2)), arch, rise, one(2, 3, 5));
    }

    private Outline free(Recess recess) {
        double w = mm(200, 900);
        double h = mm(200, 900);
        double[][] places = one(
                new double[][] {{0, 0}, {w, 0}, {w, h}, {w * 0.4, h}, {w * 0.4, h * 0.5}, {0, h * 0.5}},
                new double[][] {{0, 0}, {w, h * 0.1}, {w * 0.8, h}, {w * 0.1, h * 0.7}},
                new double[][] {{0, 0}, {w, 0}, {w / 2, h}});
        return new Outline.Free(
                size(recess, 100, 200).line(),
                java.util.Arrays.stream(places)
                        .map(p -> new Corner(Length.mm(p[0]), Length.mm(p[1])))
                        .toList());
    }

    private Contents contents(Recess recess, Outline outline) {
        if (recess instanceof Recess.Bar) {
            return chance(0.1) ? new Contents(List.of(Layer.of(Material.ACRYLIC)), Optional.empty()) : Contents.NOTHING;
        }
        if (recess instanceof Recess.Slot slot) {
            Layer panel = new Layer(Material.PLYWOOD, slot.width().minus(Length.mm(0.5)));
            Layer pane = new Layer(Material.ACRYLIC, slot.width().minus(Length.mm(0.5)));
            return new Contents(
                    slot.behind().isPresent() ? List.of(pane, panel) : List.of(panel), Optional.empty());
        }
        if (recess instanceof Recess.Floater) {
            return new Contents(List.of(Layer.of(Material.CANVAS_ON_BARS)), Optional.empty());
        }
        List<Layer> layers = new ArrayList<>();
        Material front = one(Material.PICTURE_GLASS, Material.ACRYLIC, Material.MIRROR, Material.WINDOW_GLASS);
        boolean glazed = chance(0.8);
        if (glazed) {
            layers.add(Layer.of(front));
        }
        boolean mat = glazed && front != Material.MIRROR && chance(0.3);
        for (int i = 0; mat && i < one(1, 2, 3); i++) {
            layers.add(Layer.of(Material.MAT_4_PLY));
        }
        if (front != Material.MIRROR || !glazed) {
            layers.add(Layer.of(one(Material.PAPER, Material.PRESSING, Material.CANVAS_ON_BARS)));
        }
        if (chance(0.6)) {
            layers.add(Layer.of(one(Material.CORRUGATED, Material.HARDBOARD, Material.PLYWOOD, Material.MDF)));
        }
        Length border = Length.mm(mm(4, 60));
        boolean even = !(outline instanceof Boxed.Rectangle);
        boolean has = layers.stream().anyMatch(l -> l.material().role() == Material.Role.MAT);
        return new Contents(
                layers,
                has
                        ? Optional.of(new Borders(
                                even ? border : Length.mm(mm(20, 80)), border, even ? border : Length.mm(mm(25, 90))))
                        : Optional.empty());
    }

    private Job job() {
        Section section = section();
        Outline outline = outline(section.recess());
        Lean lean = chance(0.2) && !outline.isCurved()
                ? new Lean(one(2.0, 5.0, 12.0, 30.0, 45.0, 60.0, 80.0, 90.0), one(Lean.Way.values()))
                : Lean.FLAT;
        Map<String, Length> faces = new TreeMap<>();
        if (chance(0.2)) {
            outline.round().stream()
                    .map(Side::faceId)
                    .distinct()
                    .filter(_ -> chance(0.5))
                    .forEach(side -> faces.put(side, Length.mm(mm(14, 90))));
        }
        List<Coat> finish = new ArrayList<>();
        for (int i = 0; chance(0.5) && i < 6; i++) {
            finish.add(Coat.of(one(Coat.Kind.values()), "p"));
        }
        Choices choices = new Choices(
                chance(0.6) ? Optional.of(one(Joints.kinds().toArray(JointKind[]::new))) : Optional.empty(),
                chance(0.1) ? Optional.of(Length.mm(mm(5, 60))) : Optional.empty(),
                one(Adhesive.values()),
                finish,
                chance(0.4) ? Optional.of(one(Hardware.values())) : Optional.empty(),
                one(Rabbeting.values()),
                one(Species.Grain.values()),
                Cutting.FREE);
        Job job = Job.of(
                new Heading("odd", "", one(1, 1, 2, 6)),
                new Body(outline, section, faces, lean),
                contents(section.recess(), outline),
                choices);
        return troubled(sawn(backed(withParts(
                strained(trimmed(routed(edged(crossed(squared(chance(0.15) ? measured(job) : job))))))))));
    }

    /** With something that went wrong at a corner of every fourth, now and then at one there is not. */
    private Job troubled(Job job) {
        if (troubles.nextInt(4) > 0) {
            return job;
        }
        Trouble.Kind kind = Trouble.Kind.values()[troubles.nextInt(Trouble.Kind.values().length)];
        Length amount = Length.mm(0.1 + Math.pow(troubles.nextDouble(), 3) * 30);
        return job.withTrouble(Optional.of(
                new Trouble(kind, troubles.nextInt(5), kind.allows(amount) ? amount : Length.mm(1))));
    }

    /** Of those that can be, every second has its outside sawn to a shape, where that leaves all its parts in place. */
    private Job sawn(Job job) {
        OuterShape shape = new OuterShape(
                OuterShape.Form.values()[parts.nextInt(OuterShape.Form.values().length)],
                Length.mm(2 + parts.nextInt(30)));
        try {
            Job shaped = new Edit.ShapeOutside(Optional.of(shape)).apply(job);
            Planner.plan(shaped, neatcorner.core.Sample.shop());
            return parts.nextBoolean() ? job : shaped;
        } catch (Refusal cannotBe) {
            return job;
        }
    }

    /** Every third that can have them has bars across; of the other plain bars every fourth lies over a mirror. */
    private Job crossed(Job job) {
        if (job.section().recess() instanceof Recess.Bar
                && job.contents().layers().isEmpty()
                && parts.nextInt(4) == 0) {
            Recess over = new Recess.Over(
                    job.section().face().over(2 + parts.nextInt(2)),
                    Length.mm(parts.nextInt(14)),
                    Length.mm(4 + parts.nextInt(5)));
            return new Edit.ChooseSection(job.section().withRecess(over)).apply(job);
        }
        CrossBars bars = new CrossBars(parts.nextInt(3), parts.nextInt(3));
        return parts.nextInt(3) > 0 || !bars.canBe(job.outline(), job.section(), job.lean())
                ? job
                : job.with(job.body().with(bars));
    }

    /** Of those that can be, every third has its inner edge sawn to a shape, unless its sides are too short for it. */
    private Job edged(Job job) {
        ShapedEdge edge = new ShapedEdge(
                ShapedEdge.Form.values()[parts.nextInt(2)],
                Length.mm(20 + parts.nextInt(150)),
                Length.mm(1 + parts.nextInt(20)),
                Length.mm(parts.nextInt(40)));
        try {
            Job shaped = new Edit.ShapeEdge(Optional.of(edge)).apply(job);
            Planner.plan(shaped, neatcorner.core.Sample.shop());
            return parts.nextInt(3) > 0 ? job : shaped;
        } catch (Refusal cannotBe) {
            return job;
        }
    }

    /** Every fourth that can have one has a strainer, half of them mitred. */
    private Job strained(Job job) {
        if (parts.nextInt(4) > 0) {
            return job;
        }
        boolean mitred = parts.nextBoolean();
        try {
            return PartOffer.named("strainer")
                    .by(Assembly.of(job, neatcorner.core.Sample.shop()).seen(), "strainer")
                    .map(part -> new Edit.AddPart(part).apply(job))
                    .map(more -> mitred ? new Edit.Build(Construction.MITRED).apply(more) : more)
                    .map(more -> more.at(0))
                    .orElse(job);
        } catch (Refusal impossible) {
            return job;
        }
    }

    /** Every fourth that can be is one piece. */
    private Job routed(Job job) {
        return parts.nextInt(4) == 0 && job.body().canBe(Construction.ONE_PIECE)
                ? new Edit.Build(Construction.ONE_PIECE).apply(job)
                : job;
    }

    /** Every third flat rectangle meets square, half of them with a joint that was chosen. */
    private Job squared(Job job) {
        Construction construction = construction();
        if (parts.nextInt(3) > 0 || !job.body().canBe(construction)) {
            return job;
        }
        List<Joint> joints = Joints.of(construction, job.section().species().stuff());
        Optional<JointKind> joint = parts.nextBoolean()
                ? Optional.of(joints.get(parts.nextInt(joints.size())).kind())
                : Optional.empty();
        return job.with(job.body().with(construction))
                .withChoices(job.choices().withJoint(joint).withFastener(job.choices().fastener()));
    }

    private Construction construction() {
        SquareCorner[] corners = SquareCorner.values();
        return new Construction.Squared(
                corners[parts.nextInt(corners.length)], Through.values()[parts.nextInt(2)]);
    }

    /** Every fourth has one to three parts more; a part that cannot be is left out. */
    private Job withParts(Job job) {
        Job whole = job;
        int more = Math.max(0, parts.nextInt(12) - 8);
        for (int i = 1; i <= more; i++) {
            String on = whole.parts().get(parts.nextInt(whole.parts().size())).name();
            Length gap = Length.mm(parts.nextInt(7) / 2.0);
            Placement placement = switch (parts.nextInt(7)) {
                case 6 -> new Placement.InBack(on, gap);
                case 5 -> new Placement.OnTop(on, gap.times(8), Length.mm(40 + parts.nextInt(200)));
                case 4 -> new Placement.OnFront(on, gap.times(2));
                case 3 -> new Placement.Hinged(
                        on, gap, Placement.Hinged.Leaves.values()[parts.nextInt(3)]);
                case 0 -> new Placement.Around(on, gap, Length.mm(parts.nextInt(9) - 4));
                case 1 -> new Placement.Inside(on, gap);
                default -> new Placement.Behind(on, gap.times(4));
            };
            Section own = new Section(
                    "strip",
                    Species.PINE,
                    Length.mm(8 + parts.nextInt(30)),
                    Length.mm(1 + parts.nextInt(27)),
                    new Recess.Bar(),
                    Profile.FLAT);
            Section section = parts.nextBoolean() ? own : job.section();
            try {
                Body body = trimmed(new Body(placement.like(whole.outline()), section, Map.of(), Lean.FLAT));
                Construction squared = construction();
                Job bigger = whole.withPart(Part.of(
                        "part " + i,
                        placement,
                        slatted(parts.nextInt(4) == 0 && body.canBe(squared)
                                ? body.with(squared)
                                : body)));
                Planner.plan(bigger, neatcorner.core.Sample.shop());
                whole = bigger;
            } catch (Refusal noRoom) {
                // A lining in a small frame, or a part by leaning sides.
            }
        }
        return whole.at(parts.nextInt(whole.parts().size()));
    }

    /** Every second groove has one behind it where it has the room. */
    private Recess slot(Recess.Slot alone) {
        Length behind = alone.fromBack().minus(Length.mm(3.5));
        return parts.nextBoolean() || behind.isUnder(Length.mm(1))
                ? alone
                : new Recess.Slot(
                        alone.lip(),
                        alone.fromBack(),
                        alone.width(),
                        Optional.of(new Recess.Slot.Groove(Length.mm(1), behind)));
    }

    /** Every sixth has one to three things behind it. */
    private Job backed(Job job) {
        if (parts.nextInt(6) > 0) {
            return job;
        }
        Fixture.Kind[] kinds = Fixture.Kind.values();
        List<Fixture> behind = new ArrayList<>();
        for (int i = parts.nextInt(3); i >= 0; i--) {
            Fixture usual = Fixture.usual(
                    kinds[i == 0 ? 0 : parts.nextInt(kinds.length)],
                    Length.mm(60 + parts.nextInt(600)),
                    Length.mm(60 + parts.nextInt(400)),
                    Length.mm(6));
            behind.add(new Fixture(
                    usual.kind(),
                    Length.mm(parts.nextInt(60) - 30),
                    usual.up().plus(Length.mm(parts.nextInt(60) - 30)),
                    usual.width(),
                    usual.height(),
                    Length.mm(4 + parts.nextInt(50)),
                    usual.mass()));
        }
        return new Edit.SetBehind(behind).apply(job);
    }

    /** Every second that can have it has strips bent over its curve. */
    private Job trimmed(Job job) {
        return job.with(trimmed(job.body()));
    }

    private Body trimmed(Body body) {
        Trim trim = new Trim(
                Length.mm(1 + parts.nextInt(8)),
                1 + parts.nextInt(5),
                Length.mm(parts.nextInt(8)),
                Length.mm(parts.nextInt(40)));
        return parts.nextBoolean() && Trim.canBe(body) ? body.withTrim(Optional.of(trim)) : body;
    }

    /** Every fourth that can have them has slats, every fourth a panel. */
    private Body slatted(Body body) {
        Slats slats = new Slats(
                Length.mm(8 + parts.nextInt(40)),
                Length.mm(4 + parts.nextInt(5)),
                Length.mm(10 + parts.nextInt(60)),
                5 * parts.nextInt(14),
                Length.mm(2 + parts.nextInt(9)),
                Length.mm(parts.nextInt(2)));
        if (!Slats.canBe(body)) {
            return body;
        }
        return switch (parts.nextInt(4)) {
            case 0 -> body.withSlats(Optional.of(slats));
            case 1 -> body.withPanel(Optional.of(new Panel(
                    parts.nextBoolean() ? body.section().species() : Species.PLYWOOD,
                    Length.mm(3 + parts.nextInt(12)),
                    Length.mm(3 + parts.nextInt(15)),
                    Length.mm(parts.nextInt(9)))));
            default -> body;
        };
    }

    /** A frame that came out nearly as planned, or with one reading far off. */
    private Job measured(Job job) {
        try {
            Plan plan = Planner.plan(job, neatcorner.core.Sample.shop());
            if (!plan.frame().isFourSquare()) {
                return job;
            }
            Length w = plan.frame().width(Line.OUTSIDE);
            Length h = plan.frame().height(Line.OUTSIDE);
            Length across = Length.mm(Math.hypot(w.toMm(), h.toMm()));
            Job taped = job;
            for (Tape tape : Tape.values()) {
                Length planned = tape == Tape.TOP || tape == Tape.BOTTOM
                        ? w
                        : tape == Tape.LEFT || tape == Tape.RIGHT ? h : across;
                if (chance(0.8)) {
                    taped = taped.withMeasured(
                            tape, planned.plus(Length.mm(chance(0.1) ? mm(-40, 40) : mm(-1.5, 1.5))));
                }
            }
            return taped;
        } catch (Refusal none) {
            return job;
        }
    }
}
