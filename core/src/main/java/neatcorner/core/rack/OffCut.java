package neatcorner.core.rack;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Section;

/**
 * A stick with a label of its own: an off-cut, or a whole stick with a defect or a colour to match.
 *
 * @param label   what is written on it
 * @param section what it is
 * @param length  from 20 mm to 12 m
 * @param defects stretches no piece may be cut from, in order from its left end
 * @param shelf   where it lies; may be empty
 * @param batch   sticks of one batch match in colour; may be empty
 */
public record OffCut(String label, Section section, Length length, List<Span> defects, String shelf, String batch)
        implements RackItem {
    public OffCut {
        label = RackItem.checkedLabel(label);
        Range.within("length_of_off_cut", length, Length.mm(20), Length.mm(12_000), label);
        defects = defects.stream().sorted(Comparator.comparing(Span::from)).toList();
        for (Span defect : defects) {
            if (defect.from().isNegative() || defect.to().isOver(length)) {
                throw Refusal.of("off_cut.defect_of_off_cut", label, defect.from(), defect.to(), length);
            }
        }
    }

    @Override
    public Optional<Price> price() {
        return Optional.empty();
    }

    /** With other defects. */
    public OffCut withDefects(List<Span> other) {
        return new OffCut(label, section, length, other, shelf, batch);
    }

    /** Of another section. */
    public OffCut withSection(Section other) {
        return new OffCut(label, other, length, defects, shelf, batch);
    }

    /** Longer or shorter. */
    public OffCut withLength(Length other) {
        return new OffCut(label, section, other, defects, shelf, batch);
    }

    /** Of another batch. */
    public OffCut withBatch(String other) {
        return new OffCut(label, section, length, defects, shelf, other);
    }

    @Override
    public OffCut withShelf(String other) {
        return new OffCut(label, section, length, defects, other, batch);
    }
}
