package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.frame.Weight;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Joining;
import neatcorner.core.strength.Burden;
import neatcorner.core.strength.Weighing;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Strength;

/** What other sides, wood, glazing or a strainer would bring a frame whose corners bear too much: each worked out. */
final class Bettering {
    /** How much wider sides are tried. */
    private static final List<Length> WIDER = List.of(
            Length.inches(0, 1, 4),
            Length.inches(0, 1, 2),
            Length.inches(0, 3, 4),
            Length.inches(1),
            Length.inches(1, 1, 2),
            Length.inches(2),
            Length.inches(3));
    /** A strong wood that is sold everywhere. */
    private static final Species STRONG = Species.WHITE_OAK;

    private final Frame frame;
    private final Burden burden;
    private final Joining joining;

    Bettering(Frame frame, Burden burden, Joining joining) {
        this.frame = frame;
        this.burden = burden;
        this.joining = joining;
    }

    /** A change and the joint that holds best after it. */
    private record Tried(Words what, JointOption best, Strain strain) {
        Words said() {
            return Words.of("brings.each", what, strain.share(), best.kind());
        }
    }

    /** Each in words, with the number; only sides as wide as it takes, and nothing that cannot be. */
    List<Words> said() {
        List<Tried> tried = new ArrayList<>();
        Section section = frame.job().section();
        WIDER.stream()
                .map(more -> section.face().plus(more))
                .flatMap(face -> tried(Words.of("brings.wider", face), job -> job.withSection(section.withFace(face)))
                        .stream())
                .filter(wider -> wider.strain().use() <= 1)
                .findFirst()
                .ifPresent(tried::add);
        if (burden.strength().orElseThrow().shear() < Strength.of(STRONG).orElseThrow().shear()) {
            tried(
                            Words.of("brings.wood", STRONG),
                            job -> job.withSection(section.withStrips(section.strips().stream()
                                    .map(strip -> strip.withSpecies(STRONG))
                                    .toList())))
                    .ifPresent(tried::add);
        }
        if (frame.job().contents().materials().anyMatch(Material::isGlass)
                && !frame.job().contents().isMirror()) {
            tried(Words.of("brings.acrylic"), job -> job.withContents(withAcrylic(job.contents())))
                    .ifPresent(tried::add);
        }
        tried(Words.of("brings.strainer"), Bettering.this::strained).ifPresent(tried::add);
        return tried.stream().map(Tried::said).toList();
    }

    private static Contents withAcrylic(Contents contents) {
        return contents.with(Material.Role.GLAZING, Optional.of(Material.ACRYLIC));
    }

    /** With a strainer in its back that carries all; itself where there can be none. */
    private Job strained(Job job) {
        PartOffer offer = PartOffer.named("strainer");
        String name = job.freeName("strainer");
        Optional<Part> part = offer.by(frame, name);
        return part.map(job::withPart)
                .map(more -> more.carriedBy(more.indexOf(name)).at(more.indexOf(name)))
                .orElse(job);
    }

    private interface Change {
        Job of(Job job);
    }

    /** The best joint after a change; empty where it changes nothing, cannot be made, or is not judged. */
    private Optional<Tried> tried(Words what, Change change) {
        try {
            Job changed = change.of(frame.job());
            if (changed.equals(frame.job())) {
                return Optional.empty();
            }
            Assembly assembly = frame.assembledAs(changed);
            Weight weight = Weight.of(assembly).result();
            Burden bears = Weighing.of(
                            assembly.seen(),
                            weight,
                            HangPlanner.plan(assembly, weight).result())
                    .result();
            return JointPlanner.options(assembly.seen(), bears, joining).stream()
                    .filter(option -> option.fits() && option.suits())
                    .filter(Predicate.not(option -> Joints.of(option.kind()).isOnlyChosen()))
                    .min(JointPlanner.STRONGEST)
                    .flatMap(best -> best.lasting().map(strain -> new Tried(what, best, strain)));
        } catch (Refusal cannotBe) {
            return Optional.empty();
        }
    }
}
