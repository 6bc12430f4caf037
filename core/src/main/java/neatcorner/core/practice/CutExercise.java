package neatcorner.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.shop.Shop;

/** A cut is set up: which edge to the fence, which face up, which way the saw swings, which side is waste. */
final class CutExercise implements Exercise {
    private static final int EACH = Judged.MOST / 4;
    private static final int EDGE = 0;
    private static final int FACE = 1;
    private static final int SWING = 2;
    private static final int WASTE = 3;
    private final SawCut cut;
    /** The option that is right, of every question. */
    private final List<Integer> right;

    private CutExercise(SawCut cut) {
        this.cut = cut;
        this.right = List.of(0, 0, cut.setting().toRight() ? 1 : 0, cut.stroke() == Stroke.LEFT ? 0 : 1);
    }

    static Exercise of(RandomGenerator random, Shop shop) {
        while (true) {
            Plan plan = Planner.plan(Draws.frame(random, shop), shop);
            List<SawCut> cuts = plan.toSaw().inOrder().cuts().stream()
                    .filter(cut -> cut.stroke() == Stroke.LEFT || cut.stroke() == Stroke.RIGHT)
                    .filter(cut -> cut.setting().isSwung()
                            && cut.setting().isUpright()
                            && !cut.on().turned())
                    .toList();
            if (!cuts.isEmpty()) {
                return new CutExercise(Draws.one(random, cuts));
            }
        }
    }

    @Override
    public Words task() {
        return Words.of("practice.cut", cut.title());
    }

    @Override
    public List<Words> facts() {
        return List.of(
                Words.of(
                        "practice.cut_stick",
                        cut.on().stick().section().name(),
                        cut.setting().swing()),
                cut.measure().words());
    }

    @Override
    public List<Ask> asks() {
        return List.of(
                ask("practice.edge", "practice.edge_outside", "practice.edge_sight"),
                ask("practice.face", "practice.face_up", "practice.face_down"),
                ask("practice.swing", "practice.swing_left", "practice.swing_right"),
                ask("practice.waste", "practice.waste_left", "practice.waste_right"));
    }

    private static Ask ask(String what, String first, String second) {
        return new Ask(Words.of(what), List.of(Words.of(first), Words.of(second)));
    }

    @Override
    public Words hint() {
        return Words.of("practice.cut_hint");
    }

    private boolean isWrong(int ask, List<Integer> answers) {
        return answers.get(ask) != Ask.OPEN && !answers.get(ask).equals(right.get(ask));
    }

    /** The mitre leans the wrong way when edge or swing is wrong; with both wrong it leans right again. */
    private boolean leansOut(List<Integer> answers) {
        return isWrong(EDGE, answers) == isWrong(SWING, answers);
    }

    @Override
    public Shown shown(List<Integer> answers) {
        return new Shown.Piece(
                cut.stroke() == Stroke.RIGHT, leansOut(answers), isWrong(FACE, answers), isWrong(WASTE, answers));
    }

    @Override
    public Judged judge(List<Integer> answers) {
        int points = 0;
        for (int i = 0; i < right.size(); i++) {
            points += answers.get(i).equals(right.get(i)) ? EACH : 0;
        }
        List<Words> why = new ArrayList<>();
        if (!leansOut(answers)) {
            why.add(Words.of("practice.cut_leans"));
        } else if (isWrong(EDGE, answers)) {
            why.add(Words.of("practice.cut_both"));
        }
        if (isWrong(FACE, answers)) {
            why.add(Words.of("practice.cut_chipped"));
        }
        if (isWrong(WASTE, answers)) {
            why.add(Words.of("practice.cut_shorter"));
        }
        why.add(Words.of("practice.cut_so", cut.setting().words()));
        why.addAll(cut.checks());
        return new Judged(points, why);
    }
}
