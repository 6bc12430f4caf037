package neatcorner.core.job;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Words;

/**
 * A change of a job. {@link #apply} throws {@link IllegalArgumentException} when the result cannot
 * be, with a message that says what is allowed; the job itself is never touched.
 */
public sealed interface Edit {
    /** The job after the change. */
    Job apply(Job job);

    /** What goes into the history. */
    Words words();

    /** A number typed on a tag. */
    record Enter(String entry, Length value) implements Edit {
        @Override
        public Job apply(Job job) {
            return Entry.of(job, entry).orElseThrow(() -> new IllegalArgumentException(
                    "there is no number " + entry + " to enter in this job as it stands")).write().apply(job, value);
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", entry.startsWith("layer.") ? Words.of("figure.layer") : Words.of("figure." + entry), value);
        }
    }

    /** The size on one axis given at a line. */
    record Give(Axis axis, Line line, Length length) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withGiven(axis, new Size(line, length));
        }

        @Override
        public Words words() {
            return Words.of("edit.enter", Words.of("figure." + line.id(axis)), length);
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
            return Words.of("edit.enter", Words.of("figure." + tape.id()), length);
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
            return job.turned();
        }

        @Override
        public Words words() {
            return Words.of("edit.turn");
        }
    }

    /** Another moulding; sizes given at lines it does not have move to the nearest it has. */
    record ChooseSection(Section section) implements Edit {
        @Override
        public Job apply(Job job) {
            Job changed = job.withSection(section);
            if (section.recess() instanceof Recess.Rabbet) {
                return changed;
            }
            boolean bar = section.recess() instanceof Recess.Bar;
            Contents kept = bar ? Contents.NOTHING
                    : new Contents(job.contents().layers().stream()
                            .filter(layer -> layer.material().role() == Material.Role.ART).toList(), Optional.empty());
            changed = changed.withContents(kept);
            for (Axis axis : Axis.values()) {
                Size given = job.given(axis);
                boolean has = bar ? given.line() == Line.SIGHT || given.line() == Line.OUTSIDE
                        : given.line() != Line.MAT && given.line() != Line.GLASS;
                if (!has) {
                    changed = changed.withGiven(axis, new Size(bar ? Line.OUTSIDE : Line.ART, given.length()));
                }
            }
            return changed;
        }

        @Override
        public Words words() {
            return Words.of("edit.section", section.name());
        }
    }

    /** A bottom rail of its own width, or again like the rest. */
    record BottomRail(Optional<Length> face) implements Edit {
        /** A rail half as wide again as the rest, to start from. */
        public static BottomRail wider(Section section) {
            return new BottomRail(Optional.of(section.face().times(1.5)));
        }

        @Override
        public Job apply(Job job) {
            return job.withBottomFace(face);
        }

        @Override
        public Words words() {
            return face.map(f -> Words.of("edit.bottom_rail", f)).orElse(Words.of("edit.bottom_rail_like_rest"));
        }
    }

    /** A layer of the package put in, changed or taken out. */
    record Pack(Material.Role role, Optional<Material> material) implements Edit {
        @Override
        public Job apply(Job job) {
            Job changed = job.withContents(job.contents().with(role, material));
            for (Axis axis : Axis.values()) {
                if (!changed.contents().hasMat() && changed.given(axis).line() == Line.MAT) {
                    changed = changed.withGiven(axis, new Size(Line.GLASS, changed.given(axis).length()));
                }
            }
            return changed;
        }

        @Override
        public Words words() {
            return material.map(m -> Words.of("edit.pack", m)).orElse(Words.of("edit.unpack", role));
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
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withHardware(hardware));
        }

        @Override
        public Words words() {
            return hardware.map(h -> Words.of("edit.hardware", h)).orElse(Words.of("edit.hardware_free"));
        }
    }

    /** With or without a strainer. */
    record Strain(boolean wanted) implements Edit {
        @Override
        public Job apply(Job job) {
            return job.withChoices(job.choices().withStrainer(wanted));
        }

        @Override
        public Words words() {
            return Words.of(wanted ? "edit.strainer" : "edit.no_strainer");
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
            return Words.of("edit.as_usual", Words.of("figure." + habit.id()));
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
}
