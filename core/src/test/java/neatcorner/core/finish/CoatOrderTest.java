package neatcorner.core.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Job;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source: sand before anything, stain and oil into bare wood, films over them, wax last. */
class CoatOrderTest {
    private static final List<String> OF_ORDER =
            List.of("over_wax", "stain_over_film", "oil_over_film", "sanded_through");

    private static Plan finished(List<Coat> coats) {
        return Planner.plan(new Edit.Finish(coats).apply(Sample.job("10", "12")), Sample.shop());
    }

    private static List<Coat> coats(List<Coat.Kind> kinds) {
        return kinds.stream().map(kind -> Coat.of(kind, "house mixture")).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "WAX VARNISH,over_wax",
        "SHELLAC STAIN,stain_over_film",
        "LACQUER OIL,oil_over_film",
        "OIL SAND,sanded_through",
        "SAND STAIN SHELLAC WAX,''",
        "SAND RAISE_GRAIN DUST_OFF OIL RUB_DOWN OIL WAX,''"
    })
    void whatGoesOverWhatIsKnown(String order, String finding) {
        List<Coat.Kind> kinds = List.of(order.replace("VARNISH", "OIL_VARNISH").split(" ")).stream()
                .map(Coat.Kind::valueOf)
                .toList();
        List<String> found = finished(coats(kinds)).findings().stream()
                .map(Finding::id)
                .filter(OF_ORDER::contains)
                .toList();
        assertThat(found).isEqualTo(finding.isEmpty() ? List.of() : List.of(finding));
    }

    /** Whatever was chosen in whatever order: one remedy puts it right, and leaves no coat out. */
    @Property(tries = 120, seed = Seed.FIXED)
    void oneRemedyPutsAnyOrderRight(@ForAll @Size(min = 1, max = 8) List<Coat.Kind> kinds) {
        Plan plan = finished(coats(kinds));
        Optional<Remedy> remedy = plan.findings().stream()
                .filter(f -> OF_ORDER.contains(f.id()))
                .findFirst()
                .flatMap(Finding::remedy);
        remedy.ifPresent(cure -> {
            Job cured = ((Remedy.OnJob) cure).edit().apply(plan.job());
            assertThat(finished(cured.choices().finish()).findings())
                    .extracting(Finding::id)
                    .doesNotContainAnyElementsOf(OF_ORDER);
            assertThat(lasting(cured)).containsExactlyInAnyOrderElementsOf(lasting(plan.job()));
            assertThat(kinds(cured).contains(Coat.Kind.SAND))
                    .isEqualTo(kinds(plan.job()).contains(Coat.Kind.SAND));
        });
    }

    private static List<Coat.Kind> kinds(Job job) {
        return job.choices().finish().stream().map(Coat::kind).toList();
    }

    /** All but sanding and rubbing, of which some may go. */
    private static List<Coat.Kind> lasting(Job job) {
        return kinds(job).stream().filter(kind -> kind != Coat.Kind.SAND && kind != Coat.Kind.RUB_DOWN).toList();
    }
}
