package neatcorner.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The boundaries: nothing in a lower module knows an upper one, and the core knows nothing of the world. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("neatcorner.core", "neatcorner.files", "neatcorner.app");

    @Test
    void theRulesLookAtTheWholeProgram() {
        assertThat(CLASSES.size()).isGreaterThan(150);
    }

    @Test
    void theCoreDependsOnTheJdkItselfAndLinearAlgebraOnly() {
        classes()
                .that()
                .resideInAPackage("neatcorner.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "neatcorner.core..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.time..",
                        "org.hipparchus.linear..",
                        "org.hipparchus.optim..",
                        "org.jspecify.annotations..")
                .check(CLASSES);
    }

    @Test
    void theCoreHasNoFilesNoClockAndNoChance() {
        noClasses()
                .that()
                .resideInAPackage("neatcorner.core..")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName(Clock.class.getName())
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio..", "javafx..")
                .orShould()
                .dependOnClassesThat()
                .haveNameMatching("java\\.util\\.(Random|concurrent\\..*Random|UUID)")
                .orShould()
                .callMethod(Instant.class, "now")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(Math.class, "random")
                .check(CLASSES);
    }

    /** Lines that are longer hide how much they do. */
    @Test
    void linesEndAtAHundredAndTwenty() throws IOException {
        List<String> longer = new ArrayList<>();
        for (String module : List.of("core", "files", "app", "bench")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src"))) {
                for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    List<String> lines = Files.readAllLines(file);
                    IntStream.range(0, lines.size())
                            .filter(i -> lines.get(i).length() > 120)
                            .forEach(i -> longer.add(file.getFileName() + ":" + (i + 1)));
                }
            }
        }
        assertThat(longer).isEmpty();
    }

    @Test
    void filesDoNotKnowTheWindow() {
        noClasses().that().resideInAPackage("neatcorner.files..").should().dependOnClassesThat()
                .resideInAnyPackage("neatcorner.app..", "javafx..").check(CLASSES);
    }

    @Test
    void theDeskHasNoControls() {
        noClasses().that().resideInAPackage("neatcorner.app.desk..").should().dependOnClassesThat()
                .resideInAnyPackage("neatcorner.app.view..", "neatcorner.app.cli..", "javafx..").check(CLASSES);
    }

    /** The layout stands in the page on architecture, and nowhere else. */
    @Test
    void packagesOfTheCoreKnowOnlyThoseBeforeThem() throws IOException {
        List<String> order = Files.readAllLines(Path.of("../docs/architecture.md")).stream()
                .map(String::strip)
                .filter(line -> line.startsWith("phrase measure "))
                .map(line -> List.of(line.split(" ")))
                .findFirst()
                .orElseThrow();
        assertThat(CLASSES.stream()
                        .map(JavaClass::getPackageName)
                        .filter(name -> name.startsWith("neatcorner.core."))
                        .map(name -> name.split("\\.")[2])
                        .collect(Collectors.toSet()))
                .containsExactlyInAnyOrderElementsOf(order);
        for (int i = 0; i < order.size() - 1; i++) {
            String[] later = order.subList(i + 1, order.size()).stream()
                    .map(name -> "neatcorner.core." + name + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("neatcorner.core." + order.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(CLASSES);
        }
    }

    @Test
    void modulesDoNotRunInCircles() {
        slices().matching("neatcorner.(files|app).(*)..").should().beFreeOfCycles().check(CLASSES);
    }

    @Test
    void nothingIsCalledUtilHelperManagerOrImpl() {
        noClasses()
                .should()
                .haveSimpleNameEndingWith("Util")
                .orShould()
                .haveSimpleNameEndingWith("Utils")
                .orShould()
                .haveSimpleNameEndingWith("Helper")
                .orShould()
                .haveSimpleNameEndingWith("Manager")
                .orShould()
                .haveSimpleNameEndingWith("Impl")
                .check(CLASSES);
    }
}
