package neatcorner.core.mill;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.measure.Length;

/** What the cuts of one board take, each where it is made; what is neither this nor used nor kept is scrap. */
final class Losses {
    private final Milling.Sawn sawn;
    private final Length kerf;
    private final Length resaw;
    private final Length jointing;
    private final Map<Loss, Double> lost = new EnumMap<>(Loss.class);

    Losses(Milling.Sawn sawn, Length kerf, Length resaw, Length jointing) {
        this.sawn = sawn;
        this.kerf = kerf;
        this.resaw = resaw;
        this.jointing = jointing;
    }

    /** In cubic millimetres, without the scrap. */
    Map<Loss, Double> lost() {
        Length from = Length.ZERO;
        for (Milling.Crosscut piece : sawn.lengths()) {
            // The cut before a length and the cut behind the one before may be the same.
            box(Loss.KERF, kerf.min(piece.x().minus(from)), width(), thickness());
            from = piece.right().plus(kerf).min(sawn.board().length());
            box(Loss.KERF, from.minus(piece.right()), width(), thickness());
            length(piece);
        }
        sawn.rests().forEach(this::rest);
        return lost;
    }

    /** What is planed and jointed off with the work beside it. */
    private void rest(Milling.Rest rest) {
        switch (rest.place()) {
            case END, BEHIND -> { }
            case BESIDE -> box(Loss.PLANING, rest.length(), rest.width(), thickness().minus(rest.thick()));
            case STRIP -> sawn.lengths().stream()
                    .filter(piece -> !rest.x().isUnder(piece.x()) && rest.x().isUnder(piece.right()))
                    .flatMap(piece -> piece.rips().stream())
                    .filter(rip -> rip.y().equals(rest.y()))
                    .findFirst()
                    .ifPresent(rip -> {
                        box(Loss.OVERSIZE, rest.length(), rip.width().minus(rest.width()), rip.leaf());
                        box(Loss.PLANING, rest.length(), rest.width(), rip.leaf().minus(rest.thick()));
                    });
        }
    }

    private Length width() {
        return sawn.board().width();
    }

    private Length thickness() {
        return sawn.board().thickness();
    }

    private void length(Milling.Crosscut piece) {
        boolean atEdge = !piece.rips().isEmpty() && piece.rips().getFirst().y().isZero();
        Length near = atEdge ? Length.ZERO : jointing;
        box(Loss.JOINTING, piece.length(), near, thickness());
        for (Milling.Rip rip : piece.rips()) {
            box(Loss.KERF, piece.length(), kerf.min(rip.y().minus(near)), thickness());
            near = rip.far().plus(kerf).min(width());
            box(Loss.KERF, piece.length(), near.minus(rip.far()), thickness());
            rip(piece, rip);
        }
    }

    private void rip(Milling.Crosscut piece, Milling.Rip rip) {
        boolean isSawnOff = sawn.behind(piece, rip).isPresent();
        box(Loss.KERF, piece.length(), rip.width(), resaw.times(rip.leaves() - (isSawnOff ? 0L : 1L)));
        if (!isSawnOff) {
            Length away = thickness()
                    .minus(rip.leaf().times(rip.leaves()))
                    .minus(resaw.times(rip.leaves() - 1L));
            box(Loss.PLANING, piece.length(), rip.width(), away);
        }
        for (int layer = 1; layer <= rip.leaves(); layer++) {
            int here = layer;
            Length from = piece.x();
            List<Milling.Blank> blanks =
                    rip.blanks().stream().filter(blank -> blank.layer() == here).toList();
            for (Milling.Blank blank : blanks) {
                box(Loss.KERF, kerf.min(blank.x().minus(from)), rip.width(), rip.leaf());
                Length right = blank.x().plus(blank.length());
                from = right.plus(kerf).min(piece.right());
                box(Loss.KERF, from.minus(right), rip.width(), rip.leaf());
                blank(blank.wanted(), rip);
            }
        }
    }

    private void blank(Wanted wanted, Milling.Rip rip) {
        Length across = rip.onEdge() ? wanted.thickness() : wanted.width();
        Length through = rip.onEdge() ? wanted.width() : wanted.thickness();
        box(Loss.OVERSIZE, wanted.over(), rip.width(), rip.leaf());
        box(Loss.OVERSIZE, wanted.length(), rip.width().minus(across), rip.leaf());
        box(Loss.PLANING, wanted.length(), across, rip.leaf().minus(through));
    }

    private void box(Loss loss, Length length, Length width, Length thickness) {
        lost.merge(loss, length.max(Length.ZERO).toMm() * width.toMm() * thickness.toMm(), Double::sum);
    }
}
