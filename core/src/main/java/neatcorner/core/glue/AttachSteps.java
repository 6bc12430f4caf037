package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** How a placed part comes to the part it lies by, once that is made. */
final class AttachSteps {
    /** The thickness of shims that set how far a rim stands proud. */
    private static final FigureKey<Length> SHIMS = FigureKey.length(Station.GLUE_UP, "attach.shims");
    /** The longest screw that holds a part on the back. */
    private static final FigureKey<Length> SCREW = FigureKey.length(Station.GLUE_UP, "attach.screw");

    /** What stays between a screw's tip and the front. Common practice, no source. */
    private static final Length SHORT_OF_FRONT = Length.inches(0, 1, 8);
    /** Strips thinner than this bend under a clamp and are held by tape. Common practice, no source. */
    private static final Length TAPED = Length.mm(6);
    /** Less wood than this on both sides of a glue line or under a screw holds nothing. Common practice, no source. */
    private static final Length LEAST_HOLD = Length.mm(6);

    private final Assembly assembly;
    private final Frame frame;
    private final Placement placement;
    private final Frame base;
    private final String on;
    private final Ledger ledger;
    private final List<Words> steps = new ArrayList<>();

    /** Of the part that is looked at, which lies so by another. */
    AttachSteps(Assembly assembly, Placement placement, Ledger ledger) {
        this.assembly = assembly;
        this.frame = assembly.seen();
        this.placement = placement;
        this.on = placement.on();
        this.base = assembly.frame(assembly.job().indexOf(on));
        this.ledger = ledger;
    }

    /** The steps after it is closed; of strips that are fitted one by one, all there are. */
    List<Words> inOrder() {
        if (frame.job().isFitted()) {
            add("attach.as_it_came_out", on);
        }
        switch (placement) {
            case Placement.Around around -> around(around);
            case Placement.Inside _ -> inside();
            case Placement.Behind behind -> behind(behind);
        }
        return List.copyOf(steps);
    }

    private void add(String key, Object... arguments) {
        steps.add(Words.of(key, arguments));
    }

    private void around(Placement.Around around) {
        findMissed();
        Length proud = around.proud();
        if (proud.isZero()) {
            add("attach.level", on);
        } else {
            Length shims = ledger.enter(Figure.sum(SHIMS)
                            .start(proud.isPositive() ? "proud" : "stands_back", proud.abs())
                            .note("shims")
                            .result())
                    .value();
            add(proud.isPositive() ? "attach.shims_under_other" : "attach.shims_under_part", on, shims);
        }
        if (frame.job().isFitted()) {
            fitted();
        } else {
            loose("attach.laid_in_it");
        }
    }

    private void inside() {
        if (base.job().section().recess() instanceof Recess.Covering) {
            findBoth();
            findStandsOut();
        }
        if (frame.job().isFitted()) {
            fitted();
        } else {
            loose("attach.laid_into");
        }
    }

    /** Strips one after the other, each from its neighbour and the wood it lies against. */
    private void fitted() {
        boolean pairs = frame.isFourSquare();
        add(pairs ? "attach.first_pair" : "attach.one_by_one", frame.members().size());
        Section section = frame.job().section();
        boolean thin = section.face().isUnder(TAPED) || section.thickness().isUnder(TAPED);
        add(thin ? "attach.taped" : "attach.clamped");
        add("attach.flushed");
    }

    private void loose(String key) {
        add(placement.gap().isZero() ? key : key + "_gap", on, placement.gap());
    }

    private void behind(Placement.Behind behind) {
        Section own = base.narrowestSection();
        Length land = own.backWidth();
        Length held = land.min(behind.gap().plus(frame.narrowFace())).minus(behind.gap());
        if (held.isUnder(LEAST_HOLD)) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.BRIEF,
                            "part_meets_nothing",
                            frame.job().part().name(),
                            on,
                            behind.gap(),
                            land)
                    .by(LEAST_HOLD.minus(held))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.gap", Length.ZERO), new Edit.Enter(PlaceKey.GAP, Length.ZERO))));
            return;
        }
        double outer = own.face().minus(behind.gap()).toMm();
        Length front = Length.mm(own.wood().lowestFront(outer - held.toMm(), outer));
        Length longest = frame.job().section().thickness().plus(front).minus(SHORT_OF_FRONT);
        ledger.warn(Safety.FASTENERS);
        ledger.enter(Figure.sum(SCREW)
                .start("part_thickness", frame.job().section().thickness())
                .plus("wood_before_it", front)
                .minus("short_of_front", SHORT_OF_FRONT)
                .rounded(Rounding.DOWN)
                .note("attach_screw")
                .result());
        add("attach.screwed", on, longest, frame.job().section().thickness());
    }

    /** What lies around another must touch its edge somewhere. */
    private void findMissed() {
        Length own = assembly.lies().get(assembly.job().seen()).back();
        Length other = assembly.lies().get(assembly.job().indexOf(on)).back();
        Length top = own.plus(frame.job().section().thickness())
                .min(other.plus(base.job().section().thickness()));
        Length touching = top.minus(own.max(other));
        if (touching.isUnder(LEAST_HOLD)) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.BRIEF,
                            "part_misses",
                            frame.job().part().name(),
                            on,
                            touching.max(Length.ZERO),
                            LEAST_HOLD)
                    .by(LEAST_HOLD.minus(touching))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.level_fronts"), new Edit.Enter(PlaceKey.PROUD, Length.ZERO))));
        }
    }

    /** A rabbet that holds another part holds the package no more, unless that lies in the other part. */
    private void findBoth() {
        boolean packed = !base.job().contents().layers().isEmpty();
        if (packed) {
            boolean could = frame.job().section().recess() instanceof Recess.Covering;
            Finding found = Finding.of(
                    Severity.CAUTION, Station.FIT, "both_in_rabbet", frame.job().part().name(), on);
            ledger.find(found.remedy(
                    could
                            ? new Remedy.OnJob(
                                    Words.of("remedy.hold_here", frame.job().part().name()), new Edit.HoldHere())
                            : new Remedy.Visit(Station.SECTION)));
        }
    }

    private void findStandsOut() {
        Length out = frame.job().section().thickness().minus(base.job().section().recessDepth());
        if (out.isPositive()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.SECTION,
                            "part_stands_out",
                            frame.job().part().name(),
                            on,
                            out)
                    .by(out)
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }
}
