package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.phrase.Words;
import neatcorner.core.saw.Trial;
import neatcorner.core.sawing.StickCuts.Raw;

/**
 * What is tried before the rest is cut: at every setting the first two ends against each other, or as soon as a right
 * end has its neighbour's left end, the first corner.
 */
final class Proving {
    private final List<StickCuts> sticks;
    private final List<SawSetting> proved = new ArrayList<>();
    private final Map<Corner, Piece> leftEnds = new HashMap<>();

    /** The corner at which a piece of a frame begins. */
    private record Corner(String job, int frame, String letter) {
    }

    Proving(List<StickCuts> sticks) {
        this.sticks = sticks;
    }

    /** After this cut; cuts are told in their order. */
    Optional<Words> after(Raw cut) {
        SawSetting setting = cut.setting();
        Optional<Words> proof = proved.stream().anyMatch(setting::isLike) ? Optional.empty() : proof(cut);
        if (proof.isPresent()) {
            proved.add(setting);
        }
        noteLeftEnd(cut);
        return proof;
    }

    private Optional<Words> proof(Raw cut) {
        if (cut.setting().isSquare()) {
            return Optional.of(Words.of("sawing.prove_square"));
        }
        Optional<Words> corner = cut.stroke() == Stroke.RIGHT ? corner(cut) : Optional.empty();
        return corner.isPresent() || !cut.setting().isUpright() ? corner : pair(cut);
    }

    /** Two ends off one setting, one of them turned over, as with two scraps. */
    private Optional<Words> pair(Raw cut) {
        Angle pair = Trial.pair(cut.setting().swing());
        return switch (cut.stroke()) {
            case BOTH -> Optional.of(Words.of("sawing.prove_both", pair));
            case PART -> isFree(cut) ? Optional.empty() : Optional.of(Words.of("sawing.prove_came_off", pair));
            case LEFT, RIGHT -> Optional.empty();
        };
    }

    /** Whether the piece that came off has its left end from another setting. */
    private boolean isFree(Raw cut) {
        return sticks.get(cut.stick()).cuts().stream()
                .filter(other -> other.stroke() == Stroke.LEFT || other.stroke() == Stroke.PART)
                .filter(other -> other.place() == cut.place() - 1)
                .noneMatch(other -> other.setting().isLike(cut.setting()));
    }

    private Optional<Words> corner(Raw cut) {
        StickLayout.Placed placed = sticks.get(cut.stick()).stick().placed().get(cut.place());
        Piece piece = placed.piece();
        String to = piece.member().side().to();
        return placed.lie().isSwapped() ? Optional.empty() : Optional.ofNullable(
                        leftEnds.get(new Corner(piece.job(), piece.frame(), to)))
                .map(next -> {
                    Mitre one = piece.member().right();
                    Mitre other = next.member().left();
                    Words letters = SawCut.letters(next);
                    return one.isUpright() && other.isUpright()
                            ? Words.of("sawing.prove_corner", letters, one.toEdge().plus(other.toEdge()))
                            : Words.of("sawing.prove_leaning", letters);
                });
    }

    private void noteLeftEnd(Raw cut) {
        if (cut.stroke() == Stroke.LEFT || cut.stroke() == Stroke.PART) {
            StickLayout.Placed placed = sticks.get(cut.stick()).stick().placed().get(cut.place());
            Piece piece = placed.piece();
            if (!placed.lie().isSwapped() && piece.part().filter(part -> part.isJoinedLeft()).isEmpty()) {
                leftEnds.put(new Corner(piece.job(), piece.frame(), piece.member().side().from()), piece);
            }
        }
    }
}
