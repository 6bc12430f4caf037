package neatcorner.app.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.app.desk.Demo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** The program as it is started, in a process of its own. */
class LauncherTest {
    @TempDir
    private Path folder;

    /**
     * The launchers' own flags, and a quick-start cache the virtual machine cannot use: whatever it says of that, the
     * plan on standard output is JSON.
     */
    @ParameterizedTest
    @ValueSource(strings = {"neat-corner", "neat-corner.cmd"})
    void whatTheVirtualMachineSaysDoesNotMixWithThePlan(String launcher) throws Exception {
        Matcher flags = Pattern.compile("-Xlog:\\S+|-XX:\\+DisplayVM\\w+")
                .matcher(Files.readString(Path.of("..", launcher))
                        .lines()
                        .filter(line -> line.matches("(set \")?(flags|FLAGS)=.*"))
                        .findFirst()
                        .orElseThrow()
                        .replace("\"", " "));
        List<String> command = new ArrayList<>(
                List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString()));
        flags.results().forEach(flag -> command.add(flag.group()));
        Path cache = Files.writeString(folder.resolve("broken.aot"), "no cache at all");
        command.addAll(List.of(
                "-XX:AOTCache=" + cache,
                "-cp",
                System.getProperty("java.class.path"),
                "neatcorner.app.Main",
                "plan",
                "--json",
                Files.writeString(folder.resolve("job.json"), Demo.jobs().getFirst().text())
                        .toString()));
        Process process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isZero();
        assertThat(JsonMapper.shared().readTree(out).has("figures")).isTrue();
    }

    /** A display that was there yesterday: said in a sentence, and the shop is free again. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aDisplayThatDoesNotAnswerIsSaid() throws Exception {
        ProcessBuilder start = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                "neatcorner.app.Main",
                "demo");
        start.environment().put("DISPLAY", ":4242");
        start.environment().remove("WAYLAND_DISPLAY");
        Process process = start.redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        String said = new String(process.getErrorStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isEqualTo(2);
        assertThat(said).contains("no window can be opened").doesNotContain("\tat ");
    }
}
