package neatcorner.core.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Reglued;
import neatcorner.core.joint.Strain;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Burden;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;

/** A corner that went wrong, with all that is known of it, and the steps that are gathered to mend it. */
final class Broken {
    /** How much of it is seen, as the maker said it. */
    static final FigureKey<Length> AMOUNT = FigureKey.length(Station.CORNERS, "mend.amount");
    /** What the glue of the corner still bears, as a share of a fresh joint. */
    static final FigureKey<Share> LEFT = FigureKey.share(Station.CORNERS, "mend.left");
    /** More ways to reinforce than this are not told. */
    private static final int MOST_TOLD = 3;

    final Frame frame;
    final JointPlan joints;
    final Trouble trouble;
    final Ledger ledger;
    private final Burden burden;
    private final List<Words> steps = new ArrayList<>();
    private final Figure<Length> said;

    Broken(Frame frame, JointPlan joints, Burden burden, Trouble trouble, Ledger ledger) {
        this.frame = frame;
        this.joints = joints;
        this.burden = burden;
        this.trouble = trouble;
        this.ledger = ledger;
        this.said = ledger.enter(Figure.formula(AMOUNT)
                .named(trouble.kind().amount())
                .gives(trouble.amount())
                .from(Origin.GIVEN));
    }

    List<Words> steps() {
        return List.copyOf(steps);
    }

    Length amount() {
        return trouble.amount();
    }

    /** The same in words, to as fine a mark as the maker gave it. */
    Figure<Length> said() {
        return said;
    }

    Adhesive adhesive() {
        return frame.job().choices().adhesive();
    }

    /** The piece that ends at the corner. */
    Member before() {
        return frame.members().get(trouble.corner());
    }

    /** The piece that starts there. */
    Member after() {
        return frame.members().get((trouble.corner() + 1) % frame.members().size());
    }

    void add(String key, Object... arguments) {
        steps.add(Words.of("mend." + key, arguments));
    }

    /** How this glue is treated. */
    void addByGlue(String key, Object... arguments) {
        add(key + "." + adhesive().like().name().toLowerCase(Locale.ROOT), arguments);
    }

    /** Before wood is worked on, what is framed is out of it. */
    void empty() {
        if (!frame.job().contents().layers().isEmpty()) {
            add("empty");
            if (frame.job().contents().materials().anyMatch(material -> material.isGlass())) {
                ledger.warn(Safety.GLASS);
            }
        }
    }

    /** Glue again in the clamps that closed it, as this glue wants it. */
    void glueAgain() {
        addByGlue("glue");
        add("clamp", adhesive().clamp(), adhesive().cure());
        ledger.warn(Safety.ADHESIVE);
    }

    /**
     * What glue that bears this share of a fresh joint means here, and what can be added to it.
     *
     * @param note   where the share comes from
     * @param afresh whether it is glued again
     */
    void judge(double glue, String note, boolean afresh) {
        ledger.enter(Figure.formula(LEFT).note(note).gives(Share.whole(glue)));
        Reglued reglued = new Reglued(frame, burden, joints, glue);
        Optional<Strain> alone = reglued.alone();
        if (alone.isEmpty()) {
            add("not_judged");
            return;
        }
        boolean gives = alone.get().use() > 1;
        add(
                (afresh ? "afresh_" : "as_it_is_") + (gives ? "gives" : "holds"),
                alone.get().share(),
                alone.get().bearing());
        List<Words> helped = reglued.helped().stream()
                .filter(help -> help.strain().use() <= 1)
                .limit(MOST_TOLD)
                .map(help -> Words.of("mend.helped", help.option().kind(), help.strain().share()))
                .toList();
        if (!helped.isEmpty()) {
            add("reinforce", Words.listed(helped));
        } else if (gives) {
            add("no_help");
        }
        if (afresh) {
            add("others");
        }
    }
}
