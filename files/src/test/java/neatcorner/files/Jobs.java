package neatcorner.files;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Body;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Choices;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Note;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Panel;
import neatcorner.core.job.Part;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Progress;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.StickId;
import neatcorner.core.job.StripId;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Trim;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;

/** Jobs with something in every field. All invented. */
public final class Jobs {
    private Jobs() {
    }

    /** A job that uses every field of the format. */
    public static Job full() {
        Section section = new Section(
                "scoop “A”",
                Species.own("pear", 700, 0.0015, 0.0033, Species.Hardness.MIDDLING, true),
                Length.inches(1, 9, 16),
                Length.inches(1, 1, 8),
                new Recess.Rabbet(Length.inches(0, 3, 16), Length.inches(0, 9, 16)),
                new Profile(Profile.Shape.SCOOP, Length.inches(0, 1, 4)));
        Contents contents = new Contents(
                List.of(
                        Layer.of(Material.PICTURE_GLASS),
                        Layer.of(Material.MAT_4_PLY),
                        Layer.of(Material.PAPER),
                        Layer.of(Material.CORRUGATED)),
                Optional.of(new Borders(Length.inches(2), Length.inches(2), Length.inches(2, 1, 2))));
        Choices choices = new Choices(
                Optional.of(JointKind.SPLINED),
                Optional.of(Length.inches(0, 5, 8)),
                Adhesive.HIDE,
                List.of(
                        new Coat(Coat.Kind.SAND, "", Duration.ZERO),
                        new Coat(Coat.Kind.STAIN, "no. 3 – two coats", Duration.ofHours(13))),
                Optional.of(Hardware.TWO_HOOKS),
                Rabbeting.AFTER_ROUNDED,
                Species.Grain.QUARTER_SAWN,
                new Cutting(
                        true,
                        true,
                        List.of(new Cutting.Lock(new PieceId("A–B", 2, 0), StickId.read("C-3"))),
                        List.of(StickId.read("rack 2438.4 #1")),
                        List.of(
                                new Cutting.Made(
                                        Cutting.Stuff.STICK,
                                        "C-2",
                                        "scoop",
                                        Length.inches(61),
                                        Length.ZERO,
                                        "A–B #1, C–D #1",
                                        "C-9",
                                        Length.inches(14)),
                                new Cutting.Made(
                                        Cutting.Stuff.SHEET,
                                        "S-2",
                                        "",
                                        Length.inches(40),
                                        Length.inches(32),
                                        "3",
                                        "",
                                        Length.ZERO),
                                new Cutting.Made(
                                        Cutting.Stuff.BOARD,
                                        "B-2",
                                        "",
                                        Length.inches(96),
                                        Length.inches(6),
                                        "B–C/2",
                                        "B-9",
                                        Length.ZERO,
                                        List.of(new StripId(new PieceId("B–C", 2, 0), 1)))),
                        true));
        Part first = new Part(
                "chart frame",
                Optional.empty(),
                new Body(
                        new Boxed.Rectangle(
                                new Size(Line.GLASS, Length.inches(12)), new Size(Line.ART, Length.mm(333.3))),
                        section,
                        Map.of("bottom", Length.inches(2)),
                        Lean.FLAT),
                choices,
                new Progress(
                        Map.of(Tape.DIAGONAL_AC, Length.inches(21), Tape.TOP, Length.mm(400.1)),
                        Set.of(Station.BRIEF, Station.FIT),
                        Optional.of(new Trouble(Trouble.Kind.GAP, 2, Length.mm(0.4)))));
        Section strip = section.withFace(Length.mm(40)).withRecess(new Recess.Bar());
        Part rim = new Part(
                "rim",
                Optional.of(new Placement.Around("chart frame", Length.mm(0.5), Length.mm(-3))),
                new Body(first.body().outline(), strip, Map.of("left", Length.mm(50)), Lean.FLAT),
                choices.withCutting(Cutting.FREE),
                new Progress(Map.of(Tape.LEFT, Length.mm(500)), Set.of(Station.CUTS), Optional.empty()));
        Part spacer = Part.of(
                "spacer",
                new Placement.Behind("rim", Length.mm(12)),
                new Body(
                                first.body().outline(),
                                strip.withStrips(List.of(Strip.plain(Species.PINE, Length.mm(40), Length.mm(18))))
                                        .withRelief(Optional.empty()),
                                Map.of(),
                                Lean.FLAT)
                        .withPanel(Optional.of(new Panel(Species.MDF, Length.mm(6), Length.mm(8.5), Length.mm(2))))
                        .withOuter(Optional.of(new OuterShape(OuterShape.Form.CUT_CORNERS, Length.mm(4.5)))));
        Placement standing = new Placement.OnTop("rim", Length.mm(25), Length.mm(150));
        Part cap = Part.of(
                "cap",
                standing,
                new Body(
                                standing.like(first.body().outline()),
                                strip.withStrips(List.of(Strip.plain(Species.PINE, Length.mm(40), Length.mm(18)))),
                                Map.of(),
                                Lean.FLAT)
                        .withTrim(Optional.of(new Trim(Length.mm(2.5), 4, Length.mm(3), Length.ZERO))));
        Part strainer = Part.of(
                "strainer",
                new Placement.InBack("chart frame", Length.mm(1.5)),
                new Body(
                                first.body().outline(),
                                strip.withStrips(List.of(Strip.plain(Species.PINE, Length.mm(38.1), Length.mm(19)))),
                                Map.of(),
                                Lean.FLAT)
                        .with(new CrossBars(0, 1, true)));
        return new Job(
                new Heading("Grüße aus dem Hafen", "Autumn", 6),
                List.of(first, rim, spacer, cap, strainer),
                0,
                0,
                2,
                contents,
                Habits.USUAL.with(Habit.PLAY, Length.inches(0, 1, 16)),
                List.of(new Note(Instant.parse("2026-11-24T09:30:00Z"), "a knot")),
                Optional.of("old saw"));
    }

    /** A plain job around a pane of 8 × 10 in. */
    public static Job plain() {
        Section section = new Section("plain", Species.PINE, Length.inches(1, 1, 2), Length.inches(0, 3, 4),
                new Recess.Rabbet(Length.inches(0, 1, 4), Length.inches(0, 1, 2)), Profile.FLAT);
        return Job.starting("Plain", Length.inches(8), Length.inches(10), section)
                .withGiven(Axis.WIDTH, new Size(Line.GLASS, Length.inches(8)));
    }

    /** A saw whose cuts to both sides were proved, and a box that knows two angles. */
    public static Machines proved() {
        LocalDate day = LocalDate.of(2026, 11, 28);
        Machine saw = MachineKind.MITRE_SAW.usual("saw")
                .with(new Machine.Sizes(Optional.of(Length.inches(0, 3, 32)), Optional.empty(), Optional.empty()))
                .with(angle(day, ProofKind.LEFT, 0.01))
                .with(angle(day, ProofKind.RIGHT, -0.02))
                .with(new Proof.OfStop(day, Length.mm(0.1)));
        Machine box = MachineKind.MITRE_BOX.usual("box").with(Machine.Scale.FROM_FENCE);
        return new Machines(List.of(saw, box), Optional.empty());
    }

    private static Proof angle(LocalDate day, ProofKind kind, double error) {
        return new Proof.OfAngle(day, kind, Angle.degrees(45), Angle.degrees(error), Angle.degrees(0.01));
    }
}
