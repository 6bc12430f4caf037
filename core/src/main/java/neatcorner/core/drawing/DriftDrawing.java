package neatcorner.core.drawing;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Angle;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;

/** What a machine was off by, proof after proof, over the days: where it drifts. */
public final class DriftDrawing {
    private static final double LEAST_SHOWN = 0.1;
    private static final List<ProofKind> SHOWN =
            List.of(ProofKind.LEFT, ProofKind.RIGHT, ProofKind.TILT, ProofKind.FENCE);
    private final Sketch sketch;
    private final List<Proof.OfAngle> proofs;
    private final double width;
    private final double left;
    private final double high;
    private final LocalDate first;
    private final long days;
    private final double most;

    private DriftDrawing(Machine machine, Reader reader, double width) {
        this.sketch = new Sketch(reader);
        this.width = width;
        this.left = sketch.em(56);
        this.high = sketch.em(110);
        this.proofs = machine.proofs().stream()
                .filter(Proof.OfAngle.class::isInstance)
                .map(Proof.OfAngle.class::cast)
                .toList();
        this.first = proofs.isEmpty() ? LocalDate.EPOCH : proofs.getFirst().day();
        this.days = proofs.isEmpty()
                ? 1
                : Math.max(1, proofs.getLast().day().toEpochDay() - first.toEpochDay());
        this.most = proofs.stream()
                .mapToDouble(proof -> Math.abs(proof.error().toDegrees()) + proof.doubt().toDegrees())
                .reduce(LEAST_SHOWN, Math::max);
    }

    /**
     * The plot; it is as high as it needs to be.
     *
     * @param allowed error that is not seen in the frame in hand; nothing where there is none
     */
    public static Picture draw(Machine machine, Angle allowed, Reader reader, double width) {
        return new DriftDrawing(machine, reader, width).draw(allowed);
    }

    private Picture draw(Angle allowed) {
        if (proofs.isEmpty()) {
            sketch.small(new At(0, sketch.em(12)), sketch.say("drift.nothing"), Anchor.START);
            return sketch.picture(width, sketch.em(26));
        }
        double band = Math.min(most, allowed.toDegrees());
        sketch.area(Sketch.rectangle(left, y(band), right(), y(-band)), Ink.PAPER);
        for (double degrees : new double[] {most, 0, -most}) {
            sketch.line(new At(left, y(degrees)), new At(right(), y(degrees)), Ink.HAIRLINE, sketch.em(1));
            sketch.small(
                    new At(left - sketch.em(6), y(degrees)), sketch.book().write(Angle.degrees(degrees)), Anchor.END);
        }
        SHOWN.forEach(this::line);
        names();
        sketch.small(new At(left, sketch.em(18) + high + sketch.em(14)), first.toString(), Anchor.START);
        if (days > 1) {
            sketch.small(
                    new At(right(), sketch.em(18) + high + sketch.em(14)),
                    proofs.getLast().day().toString(),
                    Anchor.END);
        }
        sketch.small(
                new At((left + right()) / 2, sketch.em(18) + high + sketch.em(14)),
                sketch.say("drift.band", Angle.degrees(band)),
                Anchor.MIDDLE);
        return sketch.picture(width, sketch.em(18) + high + sketch.em(28));
    }

    private double right() {
        return width - sketch.em(110);
    }

    private double y(double degrees) {
        return sketch.em(18) + high * (most - degrees) / (2 * most);
    }

    private double x(Proof proof) {
        return left + sketch.em(8) + (right() - left - sketch.em(16)) * (proof.day().toEpochDay() - first.toEpochDay())
                / days;
    }

    /** One kind of proof: a line from dot to dot, with what each leaves open. */
    private void line(ProofKind kind) {
        List<Proof.OfAngle> mine =
                proofs.stream().filter(proof -> proof.kind() == kind).toList();
        if (mine.isEmpty()) {
            return;
        }
        Mark.Dash dash = switch (kind) {
            case LEFT -> Mark.Dash.SOLID;
            case RIGHT -> Mark.Dash.HIDDEN;
            default -> Mark.Dash.DOTTED;
        };
        Ink ink = ink(kind);
        if (mine.size() > 1) {
            sketch.line(mine.stream().map(this::at).toList(), Paint.of(ink), sketch.em(1.4), dash);
        }
        for (Proof.OfAngle proof : mine) {
            At at = at(proof);
            double doubt = high * proof.doubt().toDegrees() / (2 * most);
            sketch.line(at.plus(0, -doubt), at.plus(0, doubt), Ink.SOFT, sketch.em(1));
            double dot = sketch.em(3);
            sketch.area(Sketch.rectangle(at.x() - dot, at.y() - dot, at.x() + dot, at.y() + dot), ink);
        }
    }

    private static Ink ink(ProofKind kind) {
        return kind == ProofKind.LEFT || kind == ProofKind.RIGHT ? Ink.SAW : Ink.INK;
    }

    /** Each line's name where it ends, moved down as far as the one above it needs. */
    private void names() {
        Map<ProofKind, Proof.OfAngle> last = new EnumMap<>(ProofKind.class);
        proofs.forEach(proof -> last.put(proof.kind(), proof));
        double free = 0;
        for (Proof.OfAngle proof : last.values().stream()
                .sorted(Comparator.comparing(proof -> at(proof).y()))
                .toList()) {
            double y = Math.max(at(proof).y(), free);
            sketch.text(
                    new At(right() + sketch.em(8), y),
                    sketch.say("drift." + proof.kind().name().toLowerCase(Locale.ROOT)),
                    ink(proof.kind()),
                    11.5,
                    true,
                    Anchor.START);
            free = y + sketch.em(14);
        }
    }

    private At at(Proof.OfAngle proof) {
        return new At(x(proof), y(proof.error().toDegrees()));
    }
}
