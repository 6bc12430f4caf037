package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartScrews;
import neatcorner.core.measure.Length;
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
        ledger.warn(Safety.FIXING);
        steps.add(PartScrews.areBesideWall(assembly, part) ? screwed(part, inner) : clipped(part, inner));
    }

    /** Through its sides into the wall of the rabbet. */
    private Words screwed(int part, Frame inner) {
        Section wall = holder.narrowestSection();
        Length room = PartScrews.throughSide(inner, holder);
        return Words.of(
                "fit.strainer_screws",
                PartScrews.said(inner),
                PartScrews.beside(assembly, part).over(2),
                holder.screw(Screw.SIX),
                holder.screwUpTo(room));
    }

    /** Where it stands out so far that the wall ends beside its screws: from back to back. */
    private Words clipped(int part, Frame inner) {
        Section wall = holder.narrowestSection();
        Length room = PartScrews.woodBefore(holder, Length.ZERO, wall.backWidth())
                .min(inner.job().section().thickness())
                .minus(PartScrews.BEFORE_TIP);
        return Words.of(
                "fit.strainer_clips",
                PartScrews.said(inner),
                assembly.lies()
                        .get(assembly.job().holder())
                        .back()
                        .minus(assembly.lies().get(part).back()),
                holder.screw(Screw.SIX),
                holder.screwUpTo(room));
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
}
