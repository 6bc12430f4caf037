package neatcorner.app.desk;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import neatcorner.core.gauge.GaugeLines;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.files.serial.Cables;

/**
 * The instruments with a cable, real ones and those that stand in for them: what they say goes to whoever takes
 * readings. Used from the interface thread only.
 */
public final class GaugeDesk implements AutoCloseable {
    private final Cables cables;
    private final Supplier<Duration> clock;
    private final Executor interfaceThread;
    private final Consumer<Words> complaints;
    private final Runnable changed;
    private final GaugeLines lines = new GaugeLines();
    private Consumer<GaugeReading> taker = _ -> { };
    private List<String> names = List.of();
    private Optional<Plugged> plugged = Optional.empty();

    /** What is listened to. */
    private record Plugged(String name, Cables.Cable cable) {
    }

    /**
     * Without anything plugged in.
     *
     * @param clock      one that nobody sets
     * @param complaints gets what cannot be read, in words
     * @param changed    runs when something was plugged in, or is there no more
     */
    GaugeDesk(Cables cables, Supplier<Duration> clock, Executor interfaceThread, Consumer<Words> complaints,
              Runnable changed) {
        this.cables = cables;
        this.clock = clock;
        this.interfaceThread = interfaceThread;
        this.complaints = complaints;
        this.changed = changed;
    }

    /** Hands every reading to this from now on. */
    public void onReading(Consumer<GaugeReading> now) {
        taker = now;
    }

    /** The ports that were there when they were looked for last. */
    public List<String> names() {
        return names;
    }

    /** Looks for ports, beside the window. */
    public void look() {
        beside(cables::names, found -> {
            names = found;
            changed.run();
        });
    }

    /** The port that is listened to; empty where none is. */
    public Optional<String> plugged() {
        return plugged.map(Plugged::name);
    }

    /** Listens to a port instead of what was listened to. */
    public void plug(String name) {
        close();
        beside(
                () -> {
                    try {
                        return Optional.of(new Plugged(name, cables.open(
                                name,
                                came -> interfaceThread.execute(() -> hear(came)),
                                () -> interfaceThread.execute(() -> lost(name)))));
                    } catch (Cables.CableException notThere) {
                        return Optional.<Plugged>empty();
                    }
                },
                opened -> {
                    close();
                    plugged = opened;
                    if (opened.isEmpty()) {
                        complaints.accept(Words.of("gauge.not_open", name));
                    }
                    changed.run();
                });
    }

    /** Listens to nothing. */
    @Override
    public void close() {
        Optional<Plugged> was = plugged;
        plugged = Optional.empty();
        was.ifPresent(one -> {
            one.cable.close();
            changed.run();
        });
    }

    private void lost(String name) {
        if (plugged().filter(name::equals).isPresent()) {
            plugged = Optional.empty();
            complaints.accept(Words.of("gauge.lost", name));
            changed.run();
        }
    }

    /** Takes what came down a cable: any number of letters, which may end within a line. */
    public void hear(String came) {
        listen();
        lines.take(came, clock.get()).forEach(this::read);
        CompletableFuture.delayedExecutor(
                        2 * GaugeLines.PATIENCE.toMillis(), TimeUnit.MILLISECONDS, interfaceThread)
                .execute(this::listen);
    }

    private void listen() {
        lines.brokenOff(clock.get()).ifPresent(begun -> complaints.accept(Words.of("gauge.broken_off", begun)));
    }

    private void read(String line) {
        try {
            GaugeReading.read(line).ifPresent(taker);
        } catch (Refusal unreadable) {
            complaints.accept(unreadable.words());
        }
    }

    private <T> void beside(Supplier<T> work, Consumer<T> then) {
        Thread.ofVirtual().start(() -> {
            T found = work.get();
            interfaceThread.execute(() -> then.accept(found));
        });
    }
}
