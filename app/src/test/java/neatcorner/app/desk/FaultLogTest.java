package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FaultLogTest {
    @TempDir
    private Path folder;

    @AfterEach
    void close() {
        FaultLog.silence();
    }

    @Test
    void aFaultIsKeptWithItsWayAndNothingPrivate() throws Exception {
        FaultLog.keepIn(folder);
        FaultLog.keep("saving", new IOException("/home/someone/shop", new IllegalStateException("a customer's name")));
        Thread stray = new Thread(() -> {
            throw new IllegalArgumentException("an address");
        }, "stray");
        Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
        boolean[] told = {false};
        try {
            FaultLog.watch(() -> told[0] = true);
            stray.start();
            stray.join();
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
        assertThat(told).containsExactly(true);
        assertThat(Files.readString(folder.resolve("faults.0.log")))
                .contains("neatcorner: saving", "java.io.IOException", "IllegalStateException", "uncaught in stray")
                .contains("FaultLogTest.aFaultIsKeptWithItsWayAndNothingPrivate(FaultLogTest.java:")
                .doesNotContain("/home", "customer", "address");
    }
}
