package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.phrase.Words;
import neatcorner.files.serial.Cables;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/** What comes down a cable gets to whoever takes readings, and what does not is said. */
class GaugeDeskTest {
    private final ExecutorService thread = Executors.newSingleThreadExecutor();
    private final Cables cables = mock(Cables.class);
    private final Cables.Cable cable = mock(Cables.Cable.class);
    private final List<GaugeReading> read = new ArrayList<>();
    private final List<Words> said = new ArrayList<>();
    private Duration now = Duration.ZERO;
    private final GaugeDesk desk = new GaugeDesk(cables, () -> now, thread, said::add, () -> { });

    @AfterEach
    void stop() {
        thread.shutdownNow();
    }

    /** Runs on the desk's own thread, behind all that is there to do. */
    private void on(Runnable work) throws Exception {
        thread.submit(work).get();
    }

    @SuppressWarnings("unchecked")
    private Consumer<String> plugged() throws Exception {
        when(cables.open(any(), any(), any())).thenReturn(cable);
        on(() -> {
            desk.onReading(read::add);
            desk.plug("port");
        });
        ArgumentCaptor<Consumer<String>> heard = ArgumentCaptor.forClass(Consumer.class);
        verify(cables, timeout(10_000)).open(eq("port"), heard.capture(), any());
        while (desk.plugged().isEmpty()) {
            on(() -> { });
        }
        return heard.getValue();
    }

    @Test
    void aReadingIsTakenWholeAndWhatFellSilentIsSaid() throws Exception {
        Consumer<String> heard = plugged();
        heard.accept("length 30");
        heard.accept("4.82 mm\r\nleng");
        on(() -> { });
        assertThat(read).extracting(GaugeReading::typed).containsExactly("304.82 mm");
        now = Duration.ofSeconds(5);
        heard.accept("angle 44.9 deg\n");
        on(() -> { });
        assertThat(said).extracting(Words::key).containsExactly("gauge.broken_off");
        assertThat(read).extracting(GaugeReading::typed).containsExactly("304.82 mm", "44.9°");
    }

    /** Also where nothing comes after it, ever. */
    @Test
    void silenceIsNoticed() throws Exception {
        plugged().accept("length 30");
        on(() -> now = Duration.ofSeconds(5));
        long end = System.nanoTime() + Duration.ofSeconds(30).toNanos();
        while (said.isEmpty() && System.nanoTime() < end) {
            on(() -> { });
        }
        assertThat(said).extracting(Words::key).containsExactly("gauge.broken_off");
        assertThat(read).isEmpty();
    }

    @Test
    void aPortThatIsGoneIsSaidAndListenedToNoMore() throws Exception {
        plugged();
        ArgumentCaptor<Runnable> lost = ArgumentCaptor.forClass(Runnable.class);
        verify(cables).open(any(), any(), lost.capture());
        lost.getValue().run();
        on(() -> { });
        assertThat(said).extracting(Words::key).containsExactly("gauge.lost");
        assertThat(desk.plugged()).isEmpty();
    }

    @Test
    void thePortThatWasListenedToIsClosed() throws Exception {
        plugged();
        on(desk::close);
        verify(cable).close();
        assertThat(desk.plugged()).isEmpty();
    }
}
