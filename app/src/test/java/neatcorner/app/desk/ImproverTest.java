package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;

import java.time.Duration;
import java.util.List;
import neatcorner.core.solve.Problem;
import org.junit.jupiter.api.Test;

/** Looking for better cuts beside the window. */
class ImproverTest {
    /** What was laid elsewhere comes in when the desk is closed already: nothing is looked for, and nothing breaks. */
    @Test
    void afterTheEndNothingIsLookedFor() {
        Problem<?> problem = mock();
        Improver improver = new Improver(Runnable::run, Duration.ofSeconds(1), () -> { });
        improver.start();
        improver.close();
        improver.improve(List.of(problem));
        assertThat(improver.isWorking()).isFalse();
        verifyNoInteractions(problem);
    }
}
