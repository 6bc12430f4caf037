package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Construction;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * What is cut at the ends of pieces that meet square: settings, and the order in which hands cut them.
 *
 * @param corner   how they meet; empty for mitred pieces
 * @param settings depths and shoulders; empty for pieces that are only butted, and for mitred ones
 * @param work     step by step, before anything is glued; empty for mitred pieces
 */
public record SquareCuts(Optional<SquareCorner> corner, List<Figure<Length>> settings, List<Words> work) {
    /** Nothing but the saw's own cuts. */
    static final SquareCuts NONE = new SquareCuts(Optional.empty(), List.of(), List.of());
    /** How deep each cheek, slot or housing is. */
    public static final FigureKey<Length> DEPTH = FigureKey.length(Station.CORNERS, "joint.square_depth");

    /** Every shoulder, where all are alike. */
    private static final FigureKey<Length> SHOULDER = FigureKey.length(Station.CORNERS, "joint.shoulder_all");

    /** Wider flat joints across the grain crack or let go over the years. Common practice, no source. */
    private static final Length WIDE = Length.inches(4);
    /** Thinner cheeks or tongues break. Common practice, no source. */
    private static final Length THIN = Length.inches(0, 3, 16);

    /** Work that is nothing but cuts to length at the saw. */
    private static final Set<String> SAWN = Set.of("square.butted.1", "square.mitre_lapped.1");

    /** Work that cuts nothing. */
    private static final Set<String> LOOKED_AT =
            Set.of("square.mark", "square.try", "square.try_butted", "square.rabbet_later");

    public SquareCuts {
        settings = List.copyOf(settings);
        work = List.copyOf(work);
    }

    /** Whether a step of the work is done when all pieces are cut to length. */
    public static boolean isSawn(Words step) {
        return SAWN.contains(step.key());
    }

    /** Whether a step of the work only lays out, tries or says something. */
    public static boolean isLookedAt(Words step) {
        return LOOKED_AT.contains(step.key());
    }

    /** What a frame's corners want cut. */
    static SquareCuts of(Frame frame, Ledger ledger) {
        return frame.isSquared() ? new Cutting(frame, ledger).cuts() : NONE;
    }

    private static final class Cutting {
        private final Frame frame;
        private final Ledger ledger;
        private final SquareCorner corner;
        private final Through through;
        private final Length thickness;
        private final Length side;
        private final Length deep;

        Cutting(Frame frame, Ledger ledger) {
            this.frame = frame;
            this.ledger = ledger;
            Construction.Squared squared = frame.job().squared().orElseThrow();
            this.corner = squared.corner();
            this.through = squared.through();
            this.thickness = frame.job().section().thickness();
            this.side = Crossing.narrowest(frame, true);
            this.deep = corner.deep(thickness, side);
        }

        SquareCuts cuts() {
            List<Figure<Length>> settings = new ArrayList<>();
            if (corner != SquareCorner.BUTTED) {
                ledger.warn(Safety.SQUARE_CUTS);
                settings.add(ledger.enter(depth()));
                settings.addAll(shoulders());
            }
            return new SquareCuts(Optional.of(corner), settings, work());
        }

        private Figure<Length> depth() {
            Figure.Formula<Length> depth = Figure.formula(DEPTH).named(named("depth"));
            boolean housed = corner == SquareCorner.HOUSED;
            return depth.with(housed ? "side_thick" : "thickness", housed ? side : thickness)
                    .note(housed ? "housing" : corner == SquareCorner.BRIDLED ? "third" : "half")
                    .gives(deep);
        }

        private Words named(String what) {
            String shape = corner == SquareCorner.BRIDLED || corner == SquareCorner.HOUSED
                    ? corner.name().toLowerCase(Locale.ROOT)
                    : "lapped";
            return Words.of("figure.joint." + what + "." + shape);
        }

        /** One for all where all are as wide and cut alike, else those of either pair. */
        private List<Figure<Length>> shoulders() {
            if (corner == SquareCorner.HOUSED) {
                return shoulders(true);
            }
            find();
            if (corner == SquareCorner.MITRE_LAPPED) {
                // The other pieces are cut away along the mitre.
                return shoulders(false);
            }
            boolean one = corner != SquareCorner.BRIDLED
                    && frame.members().stream()
                                    .map(member -> member.section().face())
                                    .distinct()
                                    .count()
                            == 1;
            if (one) {
                return List.of(ledger.enter(Figure.formula(SHOULDER)
                        .note("shoulder")
                        .gives(frame.members().getFirst().section().face())));
            }
            List<Figure<Length>> shoulders = new ArrayList<>(shoulders(true));
            shoulders.addAll(shoulders(false));
            return shoulders;
        }

        /** How far from the ends; one where both ends of both pieces meet pieces as wide. */
        private List<Figure<Length>> shoulders(boolean ofThrough) {
            List<Member> meeting = pieces(!ofThrough);
            boolean alike =
                    meeting.stream().map(m -> m.section().face()).distinct().count() == 1;
            List<Figure<Length>> shoulders = new ArrayList<>();
            for (Member met : alike ? meeting.subList(0, 1) : meeting) {
                String id = "joint.shoulder_" + (ofThrough ? "through" : "standing") + "_" + met.side().id();
                Words name = alike
                        ? Words.of(shoulderWords(ofThrough), letters(ofThrough))
                        : Words.of(shoulderWords(ofThrough) + ".at", letters(ofThrough), met.side().words());
                shoulders.add(ledger.enter(Figure.formula(FigureKey.length(Station.CORNERS, id))
                        .named(name)
                        .note("shoulder")
                        .gives(met.section().face())));
            }
            return shoulders;
        }

        private String shoulderWords(boolean ofThrough) {
            if (corner == SquareCorner.HOUSED) {
                return "figure.joint.housing_wide";
            }
            return corner == SquareCorner.BRIDLED && ofThrough ? "figure.joint.slot_deep" : "figure.joint.shoulder";
        }

        private List<Member> pieces(boolean running) {
            return frame.members().stream()
                    .filter(member -> through.runs(member.side()) == running)
                    .toList();
        }

        private Words letters(boolean running) {
            return Words.plain(pieces(running).stream()
                    .map(Member::side)
                    .map(Side::letters)
                    .collect(Collectors.joining(", ")));
        }

        private List<Words> work() {
            String key = "square." + corner.name().toLowerCase(Locale.ROOT) + ".";
            Words running = letters(true);
            Words standing = letters(false);
            List<Words> work = new ArrayList<>(List.of(Words.of("square.mark", running, standing)));
            for (int step = 1; step <= steps(); step++) {
                work.add(Words.of(key + step, running, standing, deep));
            }
            work.add(Words.of(corner == SquareCorner.BUTTED ? "square.try_butted" : "square.try"));
            if (frame.job().section().recess().opening().isPositive() && !hasGroove()) {
                work.add(Words.of("square.rabbet_later"));
            }
            return work;
        }

        private boolean hasGroove() {
            return frame.job().section().recess() instanceof Recess.Slot;
        }

        private int steps() {
            return switch (corner) {
                case BUTTED -> 1;
                case HALF_LAPPED, BRIDLED -> 3;
                case MITRE_LAPPED -> 4;
                case HOUSED -> 2;
            };
        }

        private void find() {
            Length widest = frame.members().stream()
                    .map(member -> member.section().face())
                    .max(Length::compareTo)
                    .orElseThrow();
            if (widest.isOver(WIDE)) {
                ledger.find(Finding.of(Severity.CAUTION, Station.CORNERS, "lap_wide", widest, WIDE)
                        .by(widest.minus(WIDE))
                        .remedy(new Remedy.Visit(Station.SECTION)));
            }
            if (deep.isUnder(THIN)) {
                ledger.find(Finding.of(Severity.CAUTION, Station.CORNERS, "lap_thin", deep, THIN)
                        .by(THIN.minus(deep))
                        .remedy(new Remedy.Visit(Station.SECTION)));
            }
        }
    }
}
