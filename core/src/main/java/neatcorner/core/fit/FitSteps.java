package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartScrews;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Fitting up, step by step. */
final class FitSteps {
    /** How cloth is drawn over bars. Common practice, no source. */
    private static final List<String> STRETCHING = List.of("edge", "lay", "outwards", "corners");
    /** Before those that go outwards the middles are stapled. */
    private static final int MIDDLES = 2;

    /** The longest screw through a floater's ledge. */
    private static final FigureKey<Length> FLOAT_SCREW = FigureKey.length(Station.FIT, "float.screw");
    /** What stays between a screw's tip and the face of a picture. Common practice, no source. */
    private static final Length SHORT_OF_FACE = Length.inches(0, 1, 8);
    /** Cloth is held by no longer staples. Common practice, no source. */
    private static final Length MOST_LEGS = Length.mm(10);
    /** A screw that goes in less holds nothing. Common practice, no source. */
    private static final Length LEAST_BITE = Length.inches(0, 1, 4);

    /** A heavier mirror is held by blocks and no glue. Common practice, no source. */
    private static final double HEAVY_MIRROR = 5;
    /** With more sides a panel goes in before the last joints, not before the fourth corner. */
    private static final int FOUR = 4;

    private final Frame frame;
    private final Contents contents;
    private final List<Words> steps = new ArrayList<>();

    private final List<FitPlan.Points> points;
    private final List<Words> strained;

    private FitSteps(Frame frame, List<FitPlan.Points> points, List<Words> strained) {
        this.frame = frame;
        this.points = points;
        this.strained = strained;
        this.contents = frame.job().contents();
    }

    static List<Words> of(
            Assembly assembly, List<FitPlan.Points> points, Behind.Steps behind, Ledger ledger) {
        Frame frame = assembly.frame(assembly.job().holder());
        FitSteps steps = new FitSteps(frame, points, Strainers.steps(assembly, ledger));
        Recess recess = frame.job().section().recess();
        if (recess instanceof Recess.Slot) {
            steps.panel();
        } else if (recess instanceof Recess.Covering) {
            steps.rabbet();
        } else if (recess instanceof Recess.Floater) {
            steps.floater(ledger);
        } else if (recess instanceof Recess.Over over) {
            steps.steps.addAll(Surround.steps(frame, over, ledger));
        } else if (frame.job().isStretcher()) {
            STRETCHING.forEach(step -> steps.steps.add(Words.of("fit.stretch." + step)));
            String many = frame.members().size() == FOUR ? "" : "_many";
            steps.steps.add(MIDDLES, Words.of("fit.stretch.middles" + many, steps.legs()));
        }
        steps.steps.addAll(behind.first());
        steps.behind();
        steps.steps.addAll(behind.last());
        return List.copyOf(steps.steps);
    }

    /** Of staples in the back of a bar. */
    private Length legs() {
        Length most = MOST_LEGS.min(frame.job().section().thickness().over(2));
        return frame.habits().drawers().longest(Ware.STAPLE, most).orElse(most);
    }

    /** What is screwed on the back comes when the package is in. */
    private void behind() {
        String own = frame.job().part().name();
        frame.job().parts().stream()
                .filter(part -> part.placement()
                        .filter(place -> place instanceof Placement.Behind && place.on().equals(own))
                        .isPresent())
                .forEach(part -> steps.add(Words.of("fit.part_behind", part.name())));
    }

    private void panel() {
        if (!contents.layers().isEmpty() && !frame.isSolid()) {
            String many = frame.members().size() > FOUR ? "_many" : "";
            steps.add(Words.of((isBoxed() ? "fit.panels" : "fit.panel") + many));
        }
    }

    /** Whether a back goes into a groove of its own. */
    private boolean isBoxed() {
        return frame.job().section().backGroove().isPresent()
                && contents.layer(Material.Role.BACKING).isPresent()
                && contents.layers().size() > 1;
    }

    private void rabbet() {
        boolean heavyMirror = contents.isMirror() && mirrorKg() > HEAVY_MIRROR;
        if (frame.job().rabbeting() == Rabbeting.AFTER_ROUNDED
                && frame.job().outline().isCornered()
                && contents.materials().anyMatch(material -> material != Material.CANVAS_ON_BARS)) {
            steps.add(Words.of("fit.round_corners", frame.habits().said(Habit.BIT_RADIUS)));
        }
        contents.materials().map(material -> step(material, heavyMirror)).distinct().forEach(steps::add);
        if (!contents.layers().isEmpty() && contents.keeper() == Contents.Keeper.POINTS) {
            steps.add(
                    heavyMirror && frame.isWoodwork()
                            ? Words.of("fit.blocks", frame.screw(Screw.SIX), behindWall())
                            : Words.of(held()));
        }
        steps.addAll(strained);
        if (strained.isEmpty()
                && frame.isWoodwork()
                && frame.bars().isEmpty()
                && contents.keeper() != Contents.Keeper.SCREEN
                && (contents.layer(Material.Role.ART).isPresent()
                        || contents.layer(Material.Role.BACKING).isPresent())) {
            steps.add(Words.of(frame.job().isHung() ? "fit.dust_paper" : "fit.dust_paper_laid"));
        }
    }

    /** Phrase of what keeps the package in. */
    private String held() {
        if (!frame.isWoodwork()) {
            return "fit.profile_clips";
        }
        // Where one in the middle of every side is enough, none is near a corner.
        boolean alone = points.stream().allMatch(along -> along.each() == 1);
        return (frame.bars().isEmpty() ? "fit.points" : "fit.points_in_panes") + (alone ? "_alone" : "");
    }

    private Words step(Material material, boolean heavyMirror) {
        return switch (material) {
            case MIRROR ->
                Words.of(!frame.isWoodwork() ? "fit.mirror_profile" : heavyMirror ? "fit.mirror_heavy" : "fit.mirror");
            case ACRYLIC -> Words.of("fit.acrylic");
            case CANVAS_ON_BARS -> canvas();
            case PAPER, PRESSING -> Words.of(hinged());
            default -> material.role() == Material.Role.MOUNT ? Words.of("fit.mount", material)
                    : Words.of("fit." + material.role().name().toLowerCase(Locale.ROOT));
        };
    }

    /** A sheet hangs by its top from the mat, else from the board behind it. */
    private String hinged() {
        boolean board = contents.layer(Material.Role.MOUNT).isPresent()
                || contents.layer(Material.Role.BACKING).isPresent();
        if (contents.hasMat()) {
            return "fit.art";
        }
        return board ? "fit.art_on_board" : contents.isGlazed() ? "fit.art_alone" : "fit.art_bare";
    }

    /** A canvas that lies last may stand out of the back: clips are bent for that. */
    private Words canvas() {
        if (contents.keeper() != Contents.Keeper.CLIPS || !frame.isWoodwork()) {
            return Words.of("fit.canvas_before");
        }
        if (!strained.isEmpty()) {
            return Words.of("fit.canvas_strained");
        }
        Length proud = contents.stack()
                .plus(frame.job().lined())
                .minus(frame.job().section().recessDepth());
        Words screw = frame.screwUpTo(behindWall());
        return proud.isPositive()
                ? Words.of("fit.canvas_proud", proud, frame.screw(Screw.SIX), screw)
                : Words.of("fit.canvas", frame.screw(Screw.SIX), screw);
    }

    /** How deep a screw may go into the back beside the rabbet. */
    private Length behindWall() {
        return PartScrews.woodBefore(
                        frame, Length.ZERO, frame.narrowestSection().backWidth())
                .minus(PartScrews.BEFORE_TIP);
    }

    private double mirrorKg() {
        Layer mirror = contents.layer(Material.Role.GLAZING).orElseThrow();
        return frame.area(Line.GLASS) * 1e-9 * mirror.thickness().toMm() * mirror.material().density();
    }

    /** Free of the wall all round, and screwed through the ledge by screws that stay short of its face. */
    private void floater(Ledger ledger) {
        Optional<Layer> art = contents.layer(Material.Role.ART);
        if (art.isEmpty()) {
            return;
        }
        Section section = frame.job().section();
        Length ledge = section.stacked().minus(section.recessDepth()).plus(frame.job().lined());
        Figure<Length> screw = ledger.enter(Figure.sum(FLOAT_SCREW)
                .start("ledge_thick", ledge)
                .plus("layer", art.get().thickness(), art.get().material())
                .minus("short_of_face", SHORT_OF_FACE)
                .rounded(Rounding.DOWN)
                .result());
        Length bite = screw.value().minus(ledge);
        steps.add(Words.of("fit.float_centre", frame.habits().said(Habit.FLOAT_GAP)));
        ledger.warn(Safety.FIXING);
        if (bite.isUnder(LEAST_BITE)) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "float_no_hold",
                            art.get().material(),
                            art.get().thickness(),
                            LEAST_BITE)
                    .by(LEAST_BITE.minus(bite))
                    .remedy(new Remedy.Visit(Station.FIT)));
            steps.add(Words.of("fit.float_battens"));
        } else {
            steps.add(Words.of(
                    frame.job().outline().isCurved() ? "fit.float_screws_round" : "fit.float_screws",
                    screw,
                    frame.screw(Screw.SIX)));
        }
    }
}
