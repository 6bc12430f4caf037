package neatcorner.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import neatcorner.core.phrase.Phrases;
import org.junit.jupiter.api.Test;

/** What the program may say has words: a phrase that is missing would be a fault just when somebody is refused. */
class PhrasesTest {
    /** How a phrase is named in the code, and what stands before the name in the phrase file. */
    private static final Map<Pattern, String> NAMED = Map.of(
            Pattern.compile("Words\\.of\\(\\s*\"([\\w.]+)\"[,)]"), "",
            Pattern.compile("Refusal\\.of\\(\\s*\"([\\w.]+)\"[,)]"), "refused.",
            Pattern.compile("Range\\.(?:within|number)\\(\\s*\"([\\w.]+)\","), "what.");

    @Test
    void everyPhraseThatIsNamedIsThere() throws IOException {
        Set<String> missing = new TreeSet<>();
        int found = 0;
        for (Path file : sources()) {
            String code = Files.readString(file);
            for (Map.Entry<Pattern, String> named : NAMED.entrySet()) {
                Matcher match = named.getKey().matcher(code);
                while (match.find()) {
                    found++;
                    String key = named.getValue() + match.group(1);
                    if (!Phrases.knows(key)) {
                        missing.add(key + " of " + file.getFileName());
                    }
                }
            }
        }
        assertThat(found).isGreaterThan(500);
        assertThat(missing).isEmpty();
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Stream.of("../core", "../files", ".")
                .map(module -> Path.of(module, "src/main/java"))
                .flatMap(PhrasesTest::walk)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }

    private static Stream<Path> walk(Path root) {
        try {
            return Files.walk(root);
        } catch (IOException gone) {
            throw new IllegalStateException(root + " is not there", gone);
        }
    }
}
