package neatcorner.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.card.Card;
import neatcorner.core.card.Cards;
import neatcorner.core.card.Scene;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.practice.Ask;
import neatcorner.core.practice.Exercise;
import neatcorner.core.practice.Practice;
import neatcorner.core.practice.Shown;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every picture of odd jobs: numbers are numbers, words stay on the paper and do not lie on one another. */
class OddDrawingsTest {
    private static final long SEED = Long.getLong("odd.seed", 20261128);
    private static final int JOBS = Integer.getInteger("odd.drawn", 60);
    private static final double AIR = 3;
    /** A face that is a little wider than the one that is shipped. */
    private static final Lettering FACE = new Lettering() {
        @Override
        public double width(String text, double size, boolean bold) {
            return text.length() * size * (bold ? 0.52 : 0.48);
        }

        @Override
        public double figures(String text, double size) {
            return text.length() * size * 0.42;
        }
    };

    private static Map<String, Function<Reader, Picture>> pictures(Plan plan) {
        Map<String, Function<Reader, Picture>> pictures = new LinkedHashMap<>();
        for (Station station : List.of(Station.BRIEF, Station.GLUE_UP)) {
            pictures.put("frame at " + station, r -> FrameDrawing.draw(plan, station, r, 560, 560));
        }
        pictures.put("frame, narrow", r -> FrameDrawing.draw(plan, Station.BRIEF, r, 420, 480));
        pictures.put("back", r -> FrameDrawing.back(plan, r, 520, 260));
        pictures.put("section", r -> SectionDrawing.draw(plan, r, 540, 420));
        pictures.put("dimensioned section", r -> SectionDrawing.dimensioned(plan, r, 420, 320));
        pictures.put("making", r -> MakingDrawing.draw(plan, r, 820));
        Sawing sawing = plan.toSaw().inOrder();
        List<SawCut> cuts = sawing.cuts();
        if (!cuts.isEmpty()) {
            pictures.put("last cut", r -> SawCutDrawing.draw(cuts.getLast(), plan.toSaw().kerf(), r, 820, 240));
        }
        Map<Object, Card> scenes = new LinkedHashMap<>();
        Cards.of(plan, plan.toSaw(), sawing)
                .forEach(card -> scenes.putIfAbsent(
                        card.scene() instanceof Scene.AtTheSaw ? Station.CUTS : card.scene(), card));
        scenes.forEach((scene, card) ->
                pictures.put("card " + scene, r -> CardDrawing.draw(plan, card, r, 640, 600)));
        pictures.put("corners behind", r -> CornerSheet.draw(plan, 0, Turn.BEHIND, r, 540, 600));
        pictures.put("corners", r -> CornerSheet.draw(plan, 0, Turn.NONE, r, 540, 600));
        pictures.put("clock", r -> GlueClock.draw(plan, r, 800));
        pictures.put("finish", r -> FinishDrawing.draw(plan, r, 800));
        pictures.put("fit", r -> FitDrawing.draw(plan, r, 540, 560));
        pictures.put("wall", r -> WallDrawing.draw(plan, r, 540, 600));
        pictures.put("parts", r -> PartsDrawing.draw(plan, r, 820, 150));
        if (!plan.job().packed().behind().isEmpty()) {
            pictures.put("behind", r -> BehindDrawing.draw(plan, r, 820, 180));
        }
        pictures.put("sticks", r -> StickDrawing.draw(plan, r, 820, 6));
        return pictures;
    }

    private static Stream<Plan> plans() {
        OddJobs jobs = new OddJobs(SEED);
        List<Plan> plans = new ArrayList<>();
        while (plans.size() < JOBS) {
            Job job = jobs.next();
            try {
                plans.add(Planner.plan(job, Sample.shop()));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        return plans.stream();
    }

    /** What is written in a picture, and where. */
    private record Written(String text, Legible.Box box) {
        static Stream<Written> in(Picture picture) {
            return picture.marks().stream().flatMap(mark -> switch (mark) {
                case Mark.Text text when !text.text().isBlank() ->
                    Stream.of(new Written(text.text(), Legible.Box.of(text, FACE)));
                case Mark.Number number ->
                    Stream.of(new Written(number.numeral().toString(), Legible.Box.of(number, FACE)));
                default -> Stream.empty();
            });
        }

        /** The box has two units of air on either side, and a little above and below. */
        boolean isInside(Picture picture) {
            return box.left() >= -AIR
                    && box.right() <= picture.width() + AIR
                    && box.top() >= -AIR
                    && box.bottom() <= picture.height() + AIR;
        }

        /** Whether both can no longer be read: the same letter twice in one place still can. */
        boolean isOver(Written other) {
            double across = Math.min(box.right(), other.box.right()) - Math.max(box.left(), other.box.left());
            double down = Math.min(box.bottom(), other.box.bottom()) - Math.max(box.top(), other.box.top());
            double lower = Math.min(box.bottom() - box.top(), other.box.bottom() - other.box.top());
            return across > 2 * AIR - 1 && down > lower * 0.45 && !text.equals(other.text);
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Graduation.class,
            names = {"INCH_16", "MM_HALF"})
    void whatIsWrittenStaysOnThePaperAndOffWhatElseIsWritten(Graduation graduation) {
        Reader reader = new Reader(new Phrasebook(graduation), FACE, 1);
        plans().forEach(plan -> pictures(plan)
                .forEach((name, draw) -> assertLegible(name, draw.apply(reader), plan.job())));
    }

    private static void assertLegible(String name, Picture picture, Object of) {
        List<Written> written = Written.in(picture).toList();
        for (int i = 0; i < written.size(); i++) {
            Written here = written.get(i);
            assertThat(here.isInside(picture))
                    .as("%s: %s on %s × %s; %s", name, here, picture.width(), picture.height(), of)
                    .isTrue();
            assertThat(written.subList(0, i).stream().filter(here::isOver))
                    .as("%s: %s; %s", name, here, of)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource(Practice.class)
    void exercisesCanBeRead(Practice what) {
        Reader reader = new Reader(new Phrasebook(Graduation.INCH_16), FACE, 1);
        for (long seed = 1; seed <= 12; seed++) {
            Exercise exercise = what.make(seed, Sample.shop());
            for (int answer : new int[] {Ask.OPEN, 0, 1}) {
                Shown shown = exercise.shown(Collections.nCopies(exercise.asks().size(), answer));
                Picture picture = PracticeDrawing.draw(shown, reader, 640, 600);
                assertThat(what == Practice.PLAN || Written.in(picture).findAny().isPresent()).isTrue();
                assertThat(picture.marks()).doesNotHaveAnyElementsOfTypes(Mark.Grip.class, Mark.Tag.class);
                assertLegible(what + " " + seed, picture, shown);
            }
        }
    }

    /** The rooms' pictures in the smallest window with the largest text. */
    @Test
    void largeLettersStayOnASmallPaper() {
        Reader reader = new Reader(new Phrasebook(Graduation.INCH_16), FACE, 1.6);
        plans().forEach(plan -> Map.<String, Picture>of(
                        "fit", FitDrawing.draw(plan, reader, 335, 225),
                        "wall", WallDrawing.draw(plan, reader, 335, 360),
                        "corners", CornerSheet.draw(plan, 0, Turn.NONE, reader, 335, 440))
                .forEach((name, picture) -> assertLegible(name, picture, plan.job())));
    }
}
