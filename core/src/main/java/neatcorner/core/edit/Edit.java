package neatcorner.core.edit;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Body;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Note;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Panel;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.Slats;
import neatcorner.core.job.StickId;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Trim;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Form;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A change of a job. {@link #apply} throws {@link Refusal} when the result cannot
 * be, with a message that says what is allowed; the job itself is never touched.
 */
public sealed interface Edit {
    /** The job after the change. */
    Job apply(Job job);

    /** What goes into the history. */
    Words words();

    /** The part it is made in, from 0, where this one is looked at. */
    default int madeIn(int seen) {
        return seen;
    }

    /**
     * The job with one of its parts, from 0, changed, and looked at where it was looked at before; at the first part
     * where that one is gone.
     */
    private static Job in(Job job, int part, UnaryOperator<Job> change) {
        Job changed = change.apply(job.at(part));
        if (changed.parts().size() >= job.parts().size()) {
            return changed.at(job.seen());
        }
        String seen = job.part().name();
        return changed.at(changed.parts().stream().map(Part::name).toList().indexOf(seen) < 0
                ? 0
                : changed.indexOf(seen));
    }

    /** The job with its sizes given at lines it has; a placed part has its own from another. */
    private static Job onLines(Job job, Predicate<Line> has, Line instead) {
        return job.placement().isPresent() ? job : job.withOutline(onLines(job.outline(), has, instead));
    }

    /** The outline with sizes that were given at lines the frame does not have given at another instead. */
    private static Outline onLines(Outline outline, Predicate<Line> has, Line instead) {
        if (outline instanceof Boxed boxed) {
            for (Axis axis : Axis.values()) {
                Size given = boxed.given(axis);
                boxed = has.test(given.line()) ? boxed : boxed.with(axis, new Size(instead, given.length()));
            }
            return boxed;
        }
        return has.test(outline.line()) ? outline : outline.at(instead);
    }

    /** A number typed on a tag. */
    record Enter(FigureKey<Length> number, Length value) implements Edit {
        @Override
        public Job apply(Job job) {
            return Entry.of(job, number)
                    .orElseThrow(() -> Refusal.of("edit.there_is_no_number", number.id()))
                    .write()
                    .apply(job, value);
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", number.words(), value);
        }
    }

    /**
     * A number as it came out, typed in its place.
     *
     * @param parts in which, from 0: one or more that are made of wood milled alike
     * @param name  of the number, for people
     */
    record CameOut(List<Integer> parts, FigureKey<Length> number, Words name, Length value) implements Edit {
        public CameOut {
            parts = List.copyOf(parts);
        }

        @Override
        public Job apply(Job job) {
            Edit typed = number instanceof Tape tape ? new Measure(tape, value) : new Enter(number, value);
            Job now = job;
            for (int part : parts) {
                now = in(now, part, typed::apply);
            }
            return now;
        }

        @Override
        public Words words() {
            return Words.of(number instanceof Tape ? "edit.enter" : "edit.came_out", name, value);
        }

        @Override
        public int madeIn(int seen) {
            return parts.getFirst();
        }
    }

    /** The size on one axis given at a line; a free outline is stretched to it. */
    record Give(Axis axis, Line line, Length length) implements Edit {
        @Override
        public Job apply(Job job) {
            if (job.placement().orElse(null) instanceof Placement.Hinged hung && line == Line.OUTSIDE) {
                return job.withLeaf(hung, axis, length);
            }
            return job.withOutline(job.outline().with(axis, new Size(line, length)));
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", line.size(axis).words(), length);
        }
    }

    /** A length taken from the glued frame. */
    record Measure(Tape tape, Length length) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withMeasured(tape, length);
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", tape.words(), length);
        }
    }

    /** All measurements wiped, to measure again. */
    record MeasureAgain() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withMeasured(Map.of());
        }

        @Override
        public Words words() {
            return Words.of("edit.measure_again");
        }
    }

    /** Something went wrong at a corner, or is mended. */
    record Mishap(Optional<Trouble> trouble) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withTrouble(trouble);
        }

        @Override
        public Words words() {
            return trouble.map(what -> Words.of("edit.mishap", what.kind(), what.amount()))
                    .orElseGet(() -> Words.of("edit.mended"));
        }
    }

    /** Another title. */
    record Name(String title) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withTitle(title);
        }

        @Override
        public Words words() {
            return Words.of("edit.name", title);
        }
    }

    /** Another order. */
    record For(String order) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withOrder(order);
        }

        @Override
        public Words words() {
            return Words.of("edit.for", order);
        }
    }

    /** So many alike. */
    record Quantity(int quantity) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withQuantity(quantity);
        }

        @Override
        public Words words() {
            return Words.of("edit.quantity", quantity);
        }
    }

    /** Portrait for landscape and back. */
    record Turn() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withOutline(job.outline().turned());
        }

        @Override
        public Words words() {
            return Words.of("edit.turn");
        }
    }

    /** The same edit in another part than the one that is looked at, from 0. */
    record InPart(int part, Edit edit) implements Edit {
        @Override
        public Job apply(Job job) {
            return in(job, part, edit::apply);
        }

        @Override
        public Words words() {
            return edit.words();
        }

        @Override
        public int madeIn(int seen) {
            return part;
        }
    }

    /**
     * A part more; from then on it is looked at. One that the whole of another lies in, the ledge behind a wall too
     * thin for hardware, and a strainer behind what carried it, carry all.
     */
    record AddPart(Part part) implements Edit {
        @Override
        public Job apply(Job job) {
            Job more = job.withPart(part);
            boolean strains = part.placement()
                    .filter(place -> place instanceof Placement.InBack && more.indexOf(place.on()) == more.carrier())
                    .isPresent();
            return more.isHolding() || more.isLedge() || strains ? carried(more) : more;
        }

        /** All hung by the part that is looked at, by the hardware that was chosen before. */
        private static Job carried(Job job) {
            Optional<Hardware> chosen =
                    job.parts().get(job.carrier()).choices().hardware();
            return job.withChoices(job.choices().withHardware(chosen)).carriedBy(job.seen());
        }

        @Override
        public Words words() {
            return Words.of("edit.add_part", part.name());
        }
    }

    /** The part that is looked at taken out again. */
    record RemovePart(String name) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.at(job.indexOf(name)).withoutPart();
        }

        @Override
        public Words words() {
            return Words.of("edit.remove_part", name);
        }
    }

    /** Another name for the part that is looked at. */
    record NamePart(String name) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withPartNamed(name.strip());
        }

        @Override
        public Words words() {
            return Words.of("edit.name_part", name);
        }
    }

    /** The part that is looked at lying otherwise. */
    record Place(Placement placement) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(placement);
        }

        @Override
        public Words words() {
            return Words.of("edit.place", placement);
        }
    }

    /** The package laid into the part that is looked at. */
    record HoldHere() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.heldBy(job.seen());
        }

        @Override
        public Words words() {
            return Words.of("edit.hold_here");
        }
    }

    /** The hardware on the part that is looked at. */
    record CarryHere() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.carriedBy(job.seen());
        }

        @Override
        public Words words() {
            return Words.of("edit.carry_here");
        }
    }

    /** Cut on the saw of this name, or on the shop's first that can. */
    record SawOn(Optional<String> saw) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.sawnOn(saw);
        }

        @Override
        public Words words() {
            return saw.map(name -> Words.of("edit.saw_on", name)).orElseGet(() -> Words.of("edit.saw_any"));
        }
    }

    /** The same recipe for all parts. */
    record FinishAll(List<Coat> coats) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withAllChoices(choices -> choices.withFinish(coats));
        }

        @Override
        public Words words() {
            return Words.of("edit.finish_all", coats.size());
        }
    }

    /** No piece of any part locked to a stick, and no stick forbidden. */
    record FreeCuts() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withCuttings(Cutting::freed);
        }

        @Override
        public Words words() {
            return Words.of("edit.cutting");
        }
    }

    /** A stick that no part is to be cut from, or that all may again. */
    record Forbid(StickId stick, boolean wanted) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withCuttings(cutting -> cutting.withForbidden(stick, wanted));
        }

        @Override
        public Words words() {
            return Words.of("edit.cutting");
        }
    }

    /** Another moulding; sizes given at lines it does not have move to the nearest it has. */
    record ChooseSection(Section section) implements Edit {
        @Override
        public Job apply(Job job) {
            Job changed = job.with(job.body().rebuilt(job.outline(), section, fitting(job, section), job.lean()));
            if (section.recess() instanceof Recess.Covering) {
                return changed;
            }
            boolean floats = section.recess() instanceof Recess.Floater;
            changed = changed.withContents(floats ? job.contents().artAlone() : Contents.NOTHING);
            List<Line> lines = section.recess().lines(false);
            Line instead = floats ? Line.ART : lines.contains(Line.GLASS) ? Line.GLASS : Line.OUTSIDE;
            return onLines(changed, lines::contains, instead);
        }

        /** Faces of single sides that the new moulding's lip still allows. */
        private static Map<String, Length> fitting(Job job, Section section) {
            Map<String, Length> kept = new TreeMap<>(job.faces());
            kept.values().removeIf(face -> face.isUnder(section.lip().plus(Length.mm(1))));
            return kept;
        }

        @Override
        public Words words() {
            return Words.of("edit.section", section.name());
        }
    }

    /**
     * Another shape, or the same one with other sizes; faces of sides it does not have are dropped, and a
     * mat that is no longer a rectangle shows as much all round as it did at the sides. Pieces that cannot meet square
     * in it are mitred.
     */
    record Draw(Outline outline) implements Edit {
        @Override
        public Job apply(Job before) {
            Lean lean = outline.isCurved() ? Lean.FLAT : before.lean();
            boolean kept = before.body().construction().canBe(outline, before.section(), lean);
            Job job = kept ? before : new Build(Construction.MITRED).apply(before);
            job.checkShape();
            List<String> sides = outline.round().stream().map(Side::faceId).toList();
            Map<String, Length> faces = new TreeMap<>(job.faces());
            faces.keySet().retainAll(sides);
            Job even = outline instanceof Boxed.Rectangle ? job : job.withContents(job.contents().withBorders(
                    job.contents().borders().map(b -> new Borders(b.sides(), b.sides(), b.sides()))));
            return even.with(job.body().rebuilt(outline, job.section(), faces, lean));
        }

        @Override
        public Words words() {
            return Words.of("edit.draw", Form.of(outline));
        }
    }

    /** The shape in the size in which something of this size just fits inside, at a line. */
    record Around(Length width, Length height, Line line) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withOutline(job.outline().at(line).around(width, height));
        }

        @Override
        public Words words() {
            return Words.of("edit.around", width, height);
        }
    }

    /** Sides that stand otherwise. */
    record Tilt(Lean lean) implements Edit {
        @Override
        public Job apply(Job job) {
            if (job.placement().isPresent() && !lean.isFlat()) {
                throw Refusal.of("placed.leaning", job.part().name());
            }
            Job leaning = job.withLean(lean);
            return job.section().recess() instanceof Recess.TiltedRabbet tilted
                    ? leaning.withSection(job.section().withRecess(tilted.withTilt(lean.forward() * lean.degrees())))
                    : leaning;
        }

        @Override
        public Words words() {
            return lean.isFlat() ? Words.of("edit.flat") : Words.of("edit.lean", lean.angle());
        }
    }

    /** All sides as wide as the moulding. */
    record LikeFaces() implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withFaces(Map.of());
        }

        @Override
        public Words words() {
            return Words.of("edit.like_faces");
        }
    }

    /** A face of its own for one side, or again like the rest. */
    record Face(String side, Optional<Length> face) implements Edit {
        /** A bottom rail half as wide again as the rest, to start from. */
        public static Face widerBottom(Section section) {
            return new Face("bottom", Optional.of(section.face().times(1.5)));
        }

        @Override
        public Job apply(Job job) {
            return job.withFace(side, face);
        }

        @Override
        public Words words() {
            return face.map(f -> Words.of("edit.face", f)).orElse(Words.of("edit.face_like_rest"));
        }
    }

    /** Other borders of the mat. */
    record Mat(Borders borders) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withContents(job.contents().withBorders(Optional.of(borders)));
        }

        @Override
        public Words words() {
            return Words.of("edit.borders", borders.sides());
        }
    }

    /** What the customer's picture looks like, by its name in the shop, or nothing to look at any more. */
    record ShowPicture(Optional<String> picture) implements Edit {
        /** In the part that holds what is framed. */
        @Override
        public Job apply(Job job) {
            return in(
                    job,
                    job.holder(),
                    holding -> holding.withContents(holding.contents().withPicture(picture)));
        }

        @Override
        public Words words() {
            return Words.of(picture.isPresent() ? "edit.picture" : "edit.no_picture");
        }
    }

    /** A layer of the package put in, changed or taken out. */
    record Pack(Material.Role role, Optional<Material> material) implements Edit {
        /** Into the part that holds what is framed. */
        @Override
        public Job apply(Job job) {
            return in(job, job.holder(), holding -> {
                Job changed = holding.withContents(holding.contents().with(role, material));
                return changed.contents().hasMat()
                        ? changed
                        : onLines(changed, line -> line != Line.MAT, Line.GLASS);
            });
        }

        @Override
        public Words words() {
            return material.map(m -> Words.of("edit.pack", m)).orElse(Words.of("edit.unpack", role));
        }
    }

    /** What lies behind the frame and has depth: other things, more or fewer. */
    record SetBehind(List<Fixture> behind) implements Edit {
        /** Behind the part that holds what is framed. */
        @Override
        public Job apply(Job job) {
            return in(
                    job,
                    job.holder(),
                    holding -> holding.withContents(holding.contents().withBehind(behind)));
        }

        @Override
        public Words words() {
            return Words.of("edit.behind");
        }
    }

    /** Pieces that meet otherwise; the joint is Neat Corner's choice again where it does not go with that. */
    record Build(Construction construction) implements Edit {
        @Override
        public Job apply(Job job) {
            Job built = job.with(job.body().with(construction));
            return construction.isHeldLike(job.body().construction())
                    ? built
                    : built.withChoices(built.choices().withJoint(Optional.empty()));
        }

        @Override
        public Words words() {
            return Words.of("edit.build");
        }
    }

    /** Bars across. */
    record Cross(CrossBars bars) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().with(bars));
        }

        @Override
        public Words words() {
            return Words.of("edit.cross_bars");
        }
    }

    /** The inner edge sawn to a shape, or straight. */
    record ShapeEdge(Optional<ShapedEdge> edge) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().withEdge(edge));
        }

        @Override
        public Words words() {
            return edge.map(e -> Words.of("edit.shape_edge", e.form())).orElse(Words.of("edit.straight_edge"));
        }
    }

    /** The outside sawn to a shape once it is joined, or left. */
    record ShapeOutside(Optional<OuterShape> outer) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().withOuter(outer));
        }

        @Override
        public Words words() {
            return outer.map(o -> Words.of("edit.shape_outside", o.form())).orElse(Words.of("edit.plain_outside"));
        }
    }

    /** A panel in grooves of the sides, or none. */
    record Fill(Optional<Panel> panel) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().withPanel(panel));
        }

        @Override
        public Words words() {
            return Words.of(panel.isPresent() ? "edit.panel" : "edit.no_panel");
        }
    }

    /** Strips bent over the curved top, or none. */
    record Bend(Optional<Trim> trim) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().withTrim(trim));
        }

        @Override
        public Words words() {
            return Words.of(trim.isPresent() ? "edit.trim" : "edit.no_trim");
        }
    }

    /** Slats between the upright sides, or none. */
    record Slat(Optional<Slats> slats) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.with(job.body().withSlats(slats));
        }

        @Override
        public Words words() {
            return Words.of(slats.isPresent() ? "edit.slats" : "edit.no_slats");
        }
    }

    /** A way to join, or Neat Corner's choice. */
    record ChooseJoint(Optional<JointKind> joint) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withJoint(joint));
        }

        @Override
        public Words words() {
            return joint.map(j -> Words.of("edit.joint", j)).orElse(Words.of("edit.joint_free"));
        }
    }

    /** How long the pins or how deep the slots, or Neat Corner's choice. */
    record ChooseFastener(Optional<Length> length) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withFastener(length));
        }

        @Override
        public Words words() {
            return length.map(l -> Words.of("edit.fastener", l)).orElse(Words.of("edit.fastener_free"));
        }
    }

    /** Another glue. */
    record ChooseAdhesive(Adhesive adhesive) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withAdhesive(adhesive));
        }

        @Override
        public Words words() {
            return Words.of("edit.adhesive", adhesive);
        }
    }

    /** Another recipe. */
    record Finish(List<Coat> coats) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withFinish(coats));
        }

        @Override
        public Words words() {
            return Words.of("edit.finish", coats.size());
        }
    }

    /** Other hardware, or Neat Corner's choice. */
    record ChooseHardware(Optional<Hardware> hardware) implements Edit {
        /** It is screwed to the part that carries all. */
        @Override
        public Job apply(Job job) {
            return in(
                    job,
                    job.carrier(),
                    carrying -> carrying.withChoices(carrying.choices().withHardware(hardware)));
        }

        @Override
        public Words words() {
            return hardware.map(h -> Words.of("edit.hardware", h)).orElse(Words.of("edit.hardware_free"));
        }
    }

    /** The rabbet cut before mitring or after the glue-up. */
    record ChooseRabbeting(Rabbeting rabbeting) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withRabbeting(rabbeting));
        }

        @Override
        public Words words() {
            return Words.of("edit.choose", rabbeting);
        }
    }

    /** Wood sawn flat or on the quarter. */
    record ChooseGrain(Species.Grain grain) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withGrain(grain));
        }

        @Override
        public Words words() {
            return Words.of("edit.choose", grain);
        }
    }

    /** A habit of the shop again, as far as this job goes. */
    record AsUsual(Habit habit) implements Edit {
        @Override
        public Job apply(Job job) {
            Map<Habit, Length> kept = new EnumMap<>(Habit.class);
            kept.putAll(job.overrides().values());
            kept.remove(habit);
            return job.withOverrides(new Habits(kept));
        }

        @Override
        public Words words() {
            return Words.of("edit.as_usual", habit.words());
        }
    }

    /** A note. */
    record Write(Note note) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withNote(note);
        }

        @Override
        public Words words() {
            return Words.of("edit.note");
        }
    }

    /** A station ticked off, or opened again. */
    record Settle(Station station, boolean settled) implements Edit {
        @Override
        public Job apply(Job job) {
            Set<Station> stations = EnumSet.noneOf(Station.class);
            stations.addAll(job.settled());
            if (settled) {
                stations.add(station);
            } else {
                stations.remove(station);
            }
            return job.withSettled(stations);
        }

        @Override
        public Words words() {
            return Words.of(settled ? "edit.settle" : "edit.open", station);
        }
    }

    /**
     * A part, from 0, is cut; that settles the station.
     *
     * @param stuff what it was cut from
     * @param from  the sticks, boards or sheets
     * @param all   whether all of it is cut now
     */
    record Make(int part, Cutting.Stuff stuff, List<Cutting.Made> from, boolean all) implements Edit {
        @Override
        public Job apply(Job job) {
            return in(job, part, cut -> {
                Cutting before = cut.choices().cutting();
                return new Cut(
                                stuff == Cutting.Stuff.BOARD
                                        ? before.withMilled(from, all)
                                        : before.withMade(stuff == Cutting.Stuff.SHEET, from))
                        .apply(cut);
            });
        }

        @Override
        public Words words() {
            return Words.of("edit.cut_made");
        }
    }

    /** Other wishes for the cutting; what is cut settles the station. */
    record Cut(Cutting cutting) implements Edit {
        @Override
        public Job apply(Job job) {
            Job changed = job.withChoices(job.choices().withCutting(cutting));
            return cutting.isMade() ? new Settle(Station.CUTS, true).apply(changed) : changed;
        }

        @Override
        public Words words() {
            return Words.of(cutting.isMade() ? "edit.cut_made" : "edit.cutting");
        }
    }
}
