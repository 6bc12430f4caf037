package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Screw;
import neatcorner.core.words.Station;

/** How parts that lie in the rabbet behind what is framed are put in: loose, shimmed, screwed, taped. */
final class Strainers {
    /** The first screw from the end of a side. Common practice, no source. */
    /** Wood that stays before the tip of a screw. Common practice, no source. */
    private static final Length BEFORE_TIP = Length.inches(0, 1, 8);

    private static final Length FIRST_SCREW = Length.inches(4);
    /** Screws of sides that are no rectangle's stand no further apart. Common practice, no source. */
    private static final Length APART = Length.inches(12);

    private final Assembly assembly;
    private final Frame holder;
    private final Ledger ledger;
    private final List<Words> steps = new ArrayList<>();

    private Strainers(Assembly assembly, Ledger ledger) {
        this.assembly = assembly;
        this.holder = assembly.frame(assembly.job().holder());
        this.ledger = ledger;
    }

    /** The steps, in their order; none where there is no such part. */
    static List<Words> steps(Assembly assembly, Ledger ledger) {
        Strainers strainers = new Strainers(assembly, ledger);
        strainers.holder.job().inBack().forEach(part -> strainers.step(assembly.job().indexOf(part.name())));
        if (!strainers.steps.isEmpty()) {
            strainers.steps.add(Words.of("fit.strainer_tape"));
        }
        return List.copyOf(strainers.steps);
    }

    private void step(int part) {
        Frame inner = assembly.frame(part);
        String name = inner.job().part().name();
        findProud(part, name);
        steps.add(Words.of(
                assembly.job().carrier() == part ? "fit.strainer_carries" : "fit.strainer",
                name,
                inner.job().placement().orElseThrow().gap()));
        Length wide = inner.width(Line.OUTSIDE);
        Length high = inner.height(Line.OUTSIDE);
        ledger.warn(Safety.FIXING);
        Section wall = holder.narrowestSection();
        Words said = Screw.SIX.said(wall.species().hardness());
        Length room = inner.narrowFace().plus(wall.backWidth()).minus(BEFORE_TIP);
        Length longest = Screw.SIX.longest(room).orElse(room);
        steps.add(
                inner.isFourSquare()
                        ? Words.of(
                                "fit.strainer_screws",
                                places(screws(wide.min(high), 2)),
                                places(screws(wide.max(high), 3)),
                                said,
                                longest)
                        : Words.of("fit.strainer_screws_round", first(shortest(inner)), APART, said, longest));
    }

    /** It stands out behind where what is framed and it are thicker than the rabbet is deep. */
    private void findProud(int part, String name) {
        Length proud = assembly.lies()
                .get(assembly.job().holder())
                .back()
                .minus(assembly.lies().get(part).back());
        if (!proud.isPositive()) {
            return;
        }
        ledger.find(Finding.of(Severity.NOTE, Station.FIT, "strainer_proud", name, proud)
                .by(proud)
                .remedy(deeper(proud)));
    }

    /** A rabbet deeper by so much where enough wood stays in front of it, else a thicker moulding with one. */
    private Remedy deeper(Length more) {
        Section section = holder.job().section();
        Length depth = section.recessDepth().plus(more);
        Length spare = section.woodInFrontOfRabbet().minus(more).minus(holder.habits().get(Habit.FRONT_WOOD));
        int part = assembly.job().holder();
        if (!spare.isNegative()) {
            return new Remedy.OnJob(
                    Words.of("remedy.rabbet_depth", depth),
                    new Edit.InPart(part, new Edit.Enter(SectionKey.RABBET_DEPTH, depth)));
        }
        Length thickness = section.thickness().minus(spare);
        try {
            Section thicker = section.withThickness(thickness)
                    .withRecess(((Recess.Covering) section.recess()).withDepth(depth));
            return new Remedy.OnJob(
                    Words.of("remedy.thicker", thickness, depth),
                    new Edit.InPart(part, new Edit.ChooseSection(thicker)));
        } catch (Refusal noSuchMoulding) {
            return new Remedy.Visit(Station.SECTION);
        }
    }

    /** Near each end, and between at the middle ({@code parts} = 2) or the thirds (3). */
    private static List<Length> screws(Length side, int parts) {
        Length first = first(side);
        List<Length> places = new ArrayList<>();
        places.add(first);
        for (int i = 1; i < parts; i++) {
            places.add(side.times((double) i / parts));
        }
        places.add(side.minus(first));
        return List.copyOf(places);
    }

    private static Length first(Length side) {
        return FIRST_SCREW.min(side.over(4));
    }

    private static Length shortest(Frame frame) {
        return frame.members().stream()
                .map(member -> member.longPoint().value())
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Words places(List<Length> places) {
        return places.stream()
                .map(place -> Words.of("list.one", place))
                .reduce((list, next) -> Words.of("list.comma", list, next))
                .orElseThrow();
    }
}
