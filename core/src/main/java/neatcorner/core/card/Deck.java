package neatcorner.core.card;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Phrases;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Safety;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;

/** The cards of a job while they are told, one after the other. */
final class Deck {
    /** A number that is said only on a card. */
    private static final FigureKey<Length> LENGTH = FigureKey.length(Station.CUTS, "card.length");
    /** The same. */
    private static final FigureKey<Angle> ANGLE = FigureKey.angle(Station.CUTS, "card.angle");
    private final Plan plan;
    private final List<Plan> parts;
    private final List<Card> cards = new ArrayList<>();
    /** How often a step of a name was said of a part at a station. */
    private final Map<Act, Integer> said = new HashMap<>();

    Deck(Plan plan) {
        this.plan = plan;
        this.parts = Planner.ofParts(plan);
    }

    /** Of which they are told, whichever of its parts that looks at. */
    Plan plan() {
        return plan;
    }

    /** Those that were told so far. */
    List<Card> cards() {
        return List.copyOf(cards);
    }

    /** One more. */
    void add(Card card) {
        cards.add(card);
    }

    /** The plans of all parts, in the order they are made. */
    List<Plan> parts() {
        return parts;
    }

    /** The plan of a part, by its name. */
    Plan part(String name) {
        return parts.get(plan.job().indexOf(name));
    }

    /** The cautions of a station for a part, in their order. */
    static List<Safety> cautions(Plan part, Station station) {
        return part.safety().stream().filter(one -> one.station() == station).sorted().toList();
    }

    /** Those of them that are among these. */
    static List<Safety> cautions(Plan part, Station station, Collection<Safety> among) {
        return cautions(part, station).stream().filter(among::contains).toList();
    }

    /** The next act of this name. */
    Act step(Plan part, Station station, String what) {
        String name = part.job().part().name();
        int nth = said.merge(new Act.Step(name, station, what, 0), 1, Integer::sum);
        return new Act.Step(name, station, what, nth);
    }

    /** Those of these numbers that are given of a part, to be read as they come out. */
    static List<Card.Readable> readable(Plan part, List<? extends FigureKey<Length>> numbers) {
        Job job = part.job();
        return numbers.stream()
                .flatMap(number -> Entry.of(job, number).stream())
                .map(entry -> new Card.Readable(
                        Act.Size.given(job.part().name(), entry.key()),
                        entry.words(),
                        entry.read().apply(job)))
                .toList();
    }

    /** A size as it came out; one that is measured before already is not asked for again. */
    void measure(Plan part, Figure<Length> size, Words title, Words how) {
        Act act = Act.Size.of(part.job().part().name(), size.key());
        if (cards.stream().anyMatch(card -> card.act().equals(act))) {
            return;
        }
        cards.add(new Card(
                act,
                part.job().seen(),
                title,
                Optional.of(size),
                List.of(Words.of("card.planned", size), how),
                List.of(),
                act.station() == Station.HANG ? cautions(part, Station.HANG) : List.of(),
                Optional.empty(),
                new Scene.OnTheBench(act.station())));
    }

    /** A step as a station says it, with the first number in it. */
    void say(
            Plan part,
            Station station,
            Words what,
            List<Words> says,
            List<Safety> cautions,
            Optional<Duration> pause) {
        say(part, station, what, number(what), says, cautions, pause, List.of());
    }

    /** The same with another number, or none, and what can be read when it is done. */
    void say(
            Plan part,
            Station station,
            Words what,
            Optional<Figure<?>> figure,
            List<Words> also,
            List<Safety> cautions,
            Optional<Duration> pause,
            List<Card.Readable> reads) {
        List<Words> says = new ArrayList<>(also);
        if (plan.job().quantity() > 1) {
            says.add(Words.of("card.each", plan.job().quantity()));
        }
        cards.add(new Card(
                step(part, station, name(what)),
                part.job().seen(),
                what,
                figure,
                says,
                List.of(),
                cautions,
                pause,
                new Scene.OnTheBench(station),
                reads));
    }

    /** What names a step: its phrase; of one that says nothing but a coat or a sheet, also which. */
    static String name(Words what) {
        return what.args().stream()
                .findFirst()
                .filter(_ -> what.key().startsWith("card."))
                .map(which -> which instanceof Words words ? words.key() : which.toString())
                .map(which -> what.key() + "." + which.toLowerCase(Locale.ROOT))
                .orElse(what.key());
    }

    /** The first length or angle that is said: words may carry more than their phrase asks for. */
    static Optional<Figure<?>> number(Words words) {
        List<Figure<?>> said = new ArrayList<>();
        Phrases.say(words, value -> {
            switch (value) {
                case Figure<?> figure when isLargeOnCard(figure.value()) -> said.add(figure);
                case Length length -> said.add(plain(length));
                case Angle angle -> said.add(Figure.said(ANGLE, angle, Origin.WORKED));
                default -> { }
            }
            return "";
        });
        return said.stream().findFirst();
    }

    private static boolean isLargeOnCard(Quantity value) {
        return value instanceof Length || value instanceof Angle;
    }

    /** A length as a figure of its own. */
    static Figure<Length> plain(Length length) {
        return Figure.said(LENGTH, length, Origin.WORKED);
    }
}
