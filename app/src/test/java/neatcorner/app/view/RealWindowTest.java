package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import neatcorner.app.Main;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program as a process of its own: in a real window where the machine can show one, and with no display at all. */
class RealWindowTest {
    @TempDir
    private Path folder;

    private static boolean has(String... anyOf) {
        return Stream.of(anyOf).anyMatch(path -> Files.exists(Path.of(path)));
    }

    private ProcessBuilder java(String... arguments) {
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED",
                "-Djava.io.tmpdir=" + folder,
                "-cp",
                path));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("said.txt").toFile());
        builder.environment().remove("DISPLAY");
        builder.environment().remove("WAYLAND_DISPLAY");
        return builder;
    }

    private String said() throws IOException {
        return Files.readString(folder.resolve("said.txt"), StandardCharsets.UTF_8);
    }

    @Test
    void withNoDisplayTheDemoWalksThroughEveryStationAndEndsWell() throws Exception {
        Process demo = java(Main.class.getName(), "demo").start();
        assertThat(demo.waitFor(120, TimeUnit.SECONDS)).isTrue();
        assertThat(said()).contains("walked through the demonstration").contains("18 pictures");
        assertThat(demo.exitValue()).isZero();
        try (Stream<Path> files = Files.walk(folder)) {
            assertThat(files.filter(file -> file.toString().endsWith(".png"))).hasSize(18);
        }
    }

    @Test
    void aRealWindowOpensUnderAnXServer() throws Exception {
        assumeTrue(has("/usr/bin/Xvfb") && has("/usr/lib/x86_64-linux-gnu/libgtk-3.so.0", "/usr/lib64/libgtk-3.so.0"),
                "needs Xvfb and GTK 3");
        Process server = new ProcessBuilder("/usr/bin/Xvfb", ":187", "-screen", "0", "1400x900x24")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            Thread.sleep(1000);
            ProcessBuilder window = java(ShownWindow.class.getName(), folder.resolve("shop.neatcorner").toString());
            window.environment().put("DISPLAY", ":187");
            Process process = window.start();
            assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(said()).contains("shown");
            assertThat(process.exitValue()).isZero();
        } finally {
            server.destroy();
        }
    }
}
