package neatcorner.core.fit;

import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Station;

/** What would go wrong when the frame is filled. */
final class FitCheck {
    /** A mat that covers less lets the edge of a moving picture show. Common practice, no source. */
    private static final Length LEAST_OVERLAP = Length.inches(0, 1, 8);
    private static final Length USUAL_BORDER = Length.inches(2);
    /** A clip is hidden with so much to spare. Common practice, no source. */
    private static final Length CLEAR_OF_CLIPS = Length.inches(0, 1, 8);
    /** A dab of adhesive is about so wide when it is pressed. Common practice, no source. */
    private static final Length LEAST_ZONE = Length.inches(0, 3, 4);

    /** A side this many times as long as its face is wide sags and is pulled in. Common practice, no source. */
    private static final double SLENDER = 30;
    /** A side this many times as long as it is thick bows off the wall. Common practice, no source. */
    private static final double FLAT = 60;
    private final Frame frame;
    private final Ledger ledger;

    FitCheck(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    void check() {
        inBars();
        bare();
        touching();
        frame.job().contents().borders().ifPresent(this::mat);
        inwardGlass();
        drawnIn();
        if (frame.job().section().recess() instanceof Recess.Over over) {
            surround(over);
        }
        slender();
    }

    private void inBars() {
        frame.job().contents().layers().stream()
                .filter(_ -> !frame.job().section().recess().takesPackage())
                .findFirst()
                .ifPresent(layer ->
                        ledger.find(Finding.of(Severity.STOP, Station.FIT, "nothing_holds", layer.material())
                                .by(layer.thickness())
                                .remedy(new Remedy.OnJob(
                                        Words.of("remedy.leave_out", layer.material()),
                                        new Edit.Pack(layer.material().role(), Optional.empty())))));
    }

    /** Paper that nothing stiff lies behind. */
    private void bare() {
        List<Layer> layers = frame.job().contents().layers();
        Recess recess = frame.job().section().recess();
        if (layers.isEmpty()
                || !(recess instanceof Recess.Covering)
                || recess instanceof Recess.Slot
                || frame.job().contents().keeper() != Contents.Keeper.POINTS) {
            return;
        }
        Material last = layers.getLast().material();
        if (last == Material.PAPER || last == Material.PRESSING || last == Material.MIRROR) {
            String finding = last == Material.MIRROR ? "no_backing_mirror" : "no_backing";
            ledger.find(Finding.of(Severity.CAUTION, Station.FIT, finding, last)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.lay_in", Material.CORRUGATED),
                            new Edit.Pack(Material.Role.BACKING, Optional.of(Material.CORRUGATED)))));
        }
    }

    /** What stands up from its sheet is pressed on by the glass, and sticks to it when it gets damp. */
    private void touching() {
        Contents contents = frame.job().contents();
        boolean pressed = contents.layer(Material.Role.ART)
                .filter(layer -> layer.material() == Material.PRESSING)
                .isPresent();
        if (contents.isGlazed() && !contents.hasMat() && pressed) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.FIT,
                            "touches_glass",
                            Material.PRESSING,
                            contents.layer(Material.Role.GLAZING).orElseThrow().material())
                    .remedy(new Remedy.Visit(Station.BRIEF)));
        }
    }

    private void mat(Borders borders) {
        Length overlap = frame.habits().get(Habit.MAT_OVERLAP);
        if (overlap.isUnder(LEAST_OVERLAP)) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "mat_overlap",
                            overlap,
                            LEAST_OVERLAP,
                            Habit.MAT_OVERLAP.usual())
                    .by(LEAST_OVERLAP.minus(overlap))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.mat_overlap", Habit.MAT_OVERLAP.usual()),
                            new Edit.Enter(Habit.MAT_OVERLAP, Habit.MAT_OVERLAP.usual()))));
        }
        if (narrow(borders.sides(), "border.sides", borders)
                || narrow(borders.top(), "border.top", borders)
                || narrow(borders.bottom(), "border.bottom", borders)) {
            return;
        }
        if (borders.bottom().isUnder(borders.top())) {
            ledger.find(Finding.of(Severity.NOTE, Station.FIT, "mat_low", borders.bottom(), borders.top())
                    .by(borders.top().minus(borders.bottom()))
                    .remedy(evened(borders)));
        }
    }

    /** A bottom as wide as the top, or where that leaves the picture no room a top as narrow as the bottom. */
    private Remedy evened(Borders borders) {
        Edit.Mat wider = new Edit.Mat(new Borders(borders.top(), borders.sides(), borders.top()));
        return frame.couldBe(wider.apply(frame.job()))
                ? new Remedy.OnJob(Words.of("remedy.bottom_border", borders.top()), wider)
                : new Remedy.OnJob(
                        Words.of("remedy.top_border", borders.bottom()),
                        new Edit.Mat(new Borders(borders.bottom(), borders.sides(), borders.bottom())));
    }

    /** A border no wider than what the mat covers leaves a picture as large as the glass, or larger. */
    private boolean narrow(Length border, String entry, Borders borders) {
        Length overlap = frame.habits().get(Habit.MAT_OVERLAP);
        if (border.isOver(overlap)) {
            return false;
        }
        Borders wider = new Borders(
                wider(borders.top(), overlap), wider(borders.sides(), overlap), wider(borders.bottom(), overlap));
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.FIT,
                        "picture_over_glass",
                        Words.of("figure." + entry),
                        border,
                        overlap,
                        overlap.minus(border))
                .by(overlap.minus(border))
                .remedy(new Remedy.OnJob(Words.of("remedy.border", USUAL_BORDER), new Edit.Mat(wider))));
        return true;
    }

    private static Length wider(Length border, Length overlap) {
        return border.isOver(overlap) ? border : USUAL_BORDER;
    }

    /** A score runs on past a corner that points inwards. */
    private void inwardGlass() {
        Optional<Layer> glass = frame.job()
                .contents()
                .layer(Material.Role.GLAZING)
                .filter(layer -> layer.material().isGlass());
        if (glass.isPresent() && frame.has(Line.GLASS) && !Polygons.isConvex(Known.in(frame.lines(), Line.GLASS))) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "glass_inward",
                            glass.get().material())
                    .by(glass.get().thickness())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.acrylic"),
                            new Edit.Pack(Material.Role.GLAZING, Optional.of(Material.ACRYLIC)))));
        }
    }

    /** What a surround covers must cover enough, and what glues it wants room beside the glass. */
    private void surround(Recess.Over over) {
        Length least = Recess.Over.LEAST.max(over.clips().plus(CLEAR_OF_CLIPS));
        if (over.overlap().isUnder(least)) {
            boolean clips = !over.overlap().isOver(over.clips());
            ledger.find(Finding.of(
                            clips ? Severity.STOP : Severity.CAUTION,
                            Station.FIT,
                            clips ? "clips_show" : "overlap_small",
                            over.overlap(),
                            over.clips(),
                            least)
                    .by(least.minus(over.overlap()))
                    .remedy(
                            least.isUnder(frame.narrowFace())
                                    ? new Remedy.OnJob(
                                            Words.of("remedy.overlap", least),
                                            new Edit.Enter(SectionKey.OVERLAP, least))
                                    : new Remedy.Visit(Station.SECTION)));
        }
        Length zone = Surround.zone(frame, over);
        if (zone.isUnder(LEAST_ZONE)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.FIT, "glue_zone", zone.max(Length.ZERO), LEAST_ZONE)
                    .by(LEAST_ZONE.minus(zone))
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }

    /** Stretched cloth pulls along the whole of a bar, from one that holds it to the next. */
    private void drawnIn() {
        CrossBars cross = frame.job().body().cross();
        Length wide = frame.width(Line.OUTSIDE).over(cross.upright() + 1.0);
        Length high = frame.height(Line.OUTSIDE).over(cross.level() + 1.0);
        Length free = wide.max(high);
        Length face = frame.narrowFace();
        if (frame.job().isStretcher() && free.ratio(face) > SLENDER) {
            ledger.find(Finding.of(
                            Severity.CAUTION, Station.FIT, "drawn_in", free, face, Math.round(free.ratio(face)))
                    .by(free)
                    .remedy(stiffer(face)));
        }
    }

    /** As many bars across as it takes; where none can be, wider bars. */
    private Remedy stiffer(Length face) {
        int upright = bars(frame.width(Line.OUTSIDE), face);
        int level = bars(frame.height(Line.OUTSIDE), face);
        Length wider = Length.mm(Math.ceil(frame.longSide().toMm() / SLENDER));
        if (frame.isFourSquare() && Math.max(upright, level) <= CrossBars.MOST) {
            return new Remedy.OnJob(
                    Words.of("remedy.cross_bars", upright + level), new Edit.Cross(new CrossBars(upright, level)));
        }
        return wider.isOver(Recess.MOST) || !face.equals(frame.job().section().face())
                ? new Remedy.Visit(Station.SECTION)
                : new Remedy.OnJob(
                        Words.of("remedy.face", wider),
                        new Edit.ChooseSection(frame.job().section().withFace(wider)));
    }

    private static int bars(Length side, Length face) {
        return (int) Math.ceil(side.ratio(face) / SLENDER - 1e-9) - 1;
    }

    private void slender() {
        if (!frame.isWoodwork()) {
            // How stiff a profile is its maker knows.
            return;
        }
        if (!frame.job().inBack().isEmpty()
                || !frame.isFourSquare()
                || !(frame.job().section().recess() instanceof Recess.Covering)
                || frame.job().section().recess() instanceof Recess.Slot) {
            return;
        }
        Length face = frame.narrowFace();
        Length thickness = frame.job().section().thickness();
        if (frame.longSide().ratio(face) > SLENDER) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "slender",
                            frame.longSide(),
                            face,
                            Math.round(frame.longSide().ratio(face)))
                    .by(frame.longSide())
                    .remedy(strained()));
        } else if (frame.longSide().ratio(thickness) > FLAT) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "flat_thin",
                            frame.longSide(),
                            thickness,
                            Math.round(frame.longSide().ratio(thickness)))
                    .by(frame.longSide())
                    .remedy(strained()));
        }
    }

    private Remedy strained() {
        return PartOffer.named("strainer")
                .proposed(frame, frame.job().freeName("strainer"))
                .<Remedy>map(part -> new Remedy.OnJob(
                        Words.of("remedy.strainer"),
                        new Edit.InPart(frame.job().seen(), new Edit.AddPart(part))))
                .orElseGet(() -> new Remedy.Visit(Station.SECTION));
    }
}
