package neatcorner.files.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Area;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Moment;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Volume;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

class WordsJsonTest {
    private static final Phrasebook INCHES = new Phrasebook(Graduation.INCH_16);
    private static final Phrasebook MM = new Phrasebook(Graduation.MM_TENTH);

    /** Edits made in one unit are told in the other when that is the one in use, to the last mark. */
    @Test
    void whatWasDoneIsSaidAgainInAnyUnit() {
        for (Words done : List.of(
                new Edit.Name("Grüße, {0} \"quoted\"").words(),
                new Edit.Quantity(3).words(),
                new Edit.ChooseJoint(Optional.of(JointKind.SPLINED)).words(),
                new Edit.ChooseAdhesive(Adhesive.HIDE).words(),
                new ShopEdit.SetHabit(Habit.PLAY, Length.inches(0, 3, 32)).words(),
                Words.of("edit.enter", Habit.PLAY, new Angle(0.1)),
                Words.of("edit.settle", Station.FIT),
                Words.listed(List.of(Words.plain("a"), Words.of("edit.turn"))),
                with(new Area(645.16)),
                with(new Volume(1e6)),
                with(new SecondMoment(4e5)),
                with(Mass.kg(2.5)),
                with(new Force(98.0665)),
                with(new Moment(1.5)),
                with(new Count(4)),
                with(new Share(0.055)),
                with(new Money(1980, "€")),
                with(Duration.ofMinutes(45)))) {
            Words again = WordsJson.read(WordsJson.write(done));
            for (Phrasebook book : List.of(INCHES, MM)) {
                assertThat(book.say(again)).isEqualTo(book.say(done));
            }
        }
        Words play = WordsJson.read(WordsJson.write(new ShopEdit.SetHabit(Habit.PLAY, Length.inches(0, 1, 8)).words()));
        assertThat(INCHES.say(play)).contains("1/8");
        assertThat(MM.say(play)).contains("3.2");
    }

    private static Words with(Object argument) {
        return Words.of("edit.enter", Habit.PLAY, argument);
    }

    /** What older versions kept as a sentence, what a later one says otherwise, what is damaged: as it stands. */
    @Test
    void whatIsNoDataIsASentence() {
        for (String text : List.of(
                "title to Big frame",
                "{",
                "{ not JSON",
                "{\"say\":\"no.such_phrase\"}",
                "{\"say\":\"edit.enter\",\"with\":[\"one gap is left\"]}",
                "{\"say\":\"edit.enter\",\"with\":[{},{}]}",
                "{\"say\":\"plain\",\"with\":[3]}")) {
            assertThat(MM.say(WordsJson.read(text))).isEqualTo(text);
        }
    }

    /** As version 1 wrote them. */
    @Test
    void aHistoryOfSentencesIsStillRead() {
        History read = History.read("""
            { "format": "neat-corner history", "version": 1, "current": 1, "edits": [
              { "at": "2026-03-01T08:30:00Z", "words": "new", "keep_start": 0, "keep_end": 0, "text": "abc" } ] }\
            """);
        assertThat(read.edits().getFirst().words()).isEqualTo(Words.plain("new"));
        assertThat(History.read(read.text())).isEqualTo(read);
    }
}
