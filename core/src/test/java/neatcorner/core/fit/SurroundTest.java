package neatcorner.core.fit;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Station;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** A surround over a mirror that hangs. */
class SurroundTest {
    private static Job over(Length width, Length height, Length face, Length overlap, Length clips) {
        Section section = Sample.bar().withFace(face).withRecess(new Recess.Over(overlap, clips, in("1/4")));
        return Job.of(
                new Heading("over", "", 1),
                new Body(
                        new Boxed.Rectangle(new Size(Line.GLASS, width), new Size(Line.GLASS, height)),
                        section,
                        Map.of(),
                        Lean.FLAT),
                Contents.NOTHING);
    }

    /** Common practice, no source: outside = mirror + 2·(width − overlap), what shows = mirror − 2·overlap. */
    @Property(tries = 200, seed = Seed.FIXED)
    void itIsAsLargeAsTheMirrorAndWhatStandsBeyondIt(
            @ForAll @IntRange(min = 300, max = 1500) int width,
            @ForAll @IntRange(min = 300, max = 1500) int height,
            @ForAll @IntRange(min = 40, max = 120) int face,
            @ForAll @IntRange(min = 5, max = 35) int overlap) {
        Plan plan = Planner.plan(
                over(Length.mm(width), Length.mm(height), Length.mm(face), Length.mm(overlap), Length.ZERO),
                Sample.shop());
        assertThat(plan.frame().width(Line.OUTSIDE)).isEqualTo(Length.mm(width + 2 * (face - overlap)));
        assertThat(plan.frame().height(Line.SIGHT)).isEqualTo(Length.mm(height - 2 * overlap));
        assertThat(plan.fit().sheets()).as("nothing is cut for it").isEmpty();
        assertThat(plan.hang().chosen()).isEqualTo(Hardware.LAID);
        assertThat(plan.hang().hookHeight()).isEmpty();
        double zone = plan.figure(Surround.ZONE).orElseThrow().value().toMm();
        assertThat(zone).isLessThanOrEqualTo(face - overlap + 1e-6).isLessThanOrEqualTo(face * 2 / 3.0 + 1e-6);
    }

    /** What holds the corners is the wall. */
    @Test
    void itsCornersHaveNothingToHold() {
        Plan plan = Planner.plan(over(in("36"), in("42"), in("3"), in("3/4"), in("3/8")), Sample.shop());
        assertThat(plan.joints().recommended()).isEqualTo(JointKind.GLUED);
        assertThat(plan.glue().checks()).isEmpty();
        assertThat(found(plan)).isEmpty();
        assertThat(plan.fit().order()).extracting(words -> words.key()).containsSubsequence(
                "fit.over.clips", "fit.over.dry", "fit.over.glue", "fit.over.order");
    }

    /** A clip that shows, an edge hardly covered, no room for glue: each is found, and its cure cures it. */
    @Test
    void whatIsTooLittleIsFoundAndCured() {
        Job clips = over(in("36"), in("42"), in("3"), in("5/8"), in("3/4"));
        assertThat(found(plan(clips))).containsExactly("clips_show");
        assertThat(found(plan(cured(clips, "clips_show")))).isEmpty();
        Job little = over(in("36"), in("42"), in("3"), in("1/4"), in("1/8"));
        assertThat(found(plan(little))).containsExactly("overlap_small");
        assertThat(found(plan(cured(little, "overlap_small")))).isEmpty();
        assertThat(found(plan(over(in("36"), in("42"), in("1 1/2"), in("3/4"), in("1/8")))))
                .containsExactly("glue_zone");
    }

    /** Only what is first in a job can lie over what somebody else hung; a moulding with a rabbet holds again. */
    @Test
    void onlyTheFirstPartLiesOverAMirror() {
        Job job = over(in("36"), in("42"), in("3"), in("3/4"), in("3/8"));
        assertThatThrownBy(() -> Part.of("second", new Placement.Behind("frame", Length.ZERO), job.body()))
                .isInstanceOf(Refusal.class);
        Job framed = new Edit.ChooseSection(Sample.plain()).apply(job);
        assertThat(framed.isHung()).isTrue();
        assertThat(plan(new Edit.ChooseSection(job.section()).apply(framed)).frame().width(Line.GLASS))
                .isEqualTo(in("36"));
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    private static List<String> found(Plan plan) {
        return plan.findings().stream()
                .filter(finding -> finding.station() == Station.FIT)
                .map(Finding::id)
                .toList();
    }

    private static Job cured(Job job, String id) {
        Finding finding = plan(job).findings().stream()
                .filter(found -> found.id().equals(id))
                .findFirst()
                .orElseThrow();
        return ((Remedy.OnJob) finding.remedy().orElseThrow()).edit().apply(job);
    }
}
