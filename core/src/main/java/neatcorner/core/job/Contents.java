package neatcorner.core.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Material;

/**
 * What goes in the frame, front to back.
 *
 * @param layers  at most one of each role but mats; kept in the order of the roles; may be empty
 * @param borders of the mat; present exactly when there is one
 * @param picture what the customer's picture looks like, by the name the shop keeps it under; empty for bare paper
 * @param behind  what lies behind it and has depth; up to {@value Fixture#MOST}
 */
public record Contents(
        List<Layer> layers, Optional<Borders> borders, Optional<String> picture, List<Fixture> behind) {
    /** So many mats may lie over one another. */
    private static final int MOST_MATS = 3;
    /** So many layers may there be: the mats and one of every other role. */
    public static final int MOST_LAYERS = Material.Role.values().length - 1 + MOST_MATS;
    /** Nothing: a bare frame. */
    public static final Contents NOTHING = new Contents(List.of(), Optional.empty());

    /** Without a picture to look at, and nothing behind it. */
    public Contents(List<Layer> layers, Optional<Borders> borders) {
        this(layers, borders, Optional.empty(), List.of());
    }

    public Contents {
        picture.ifPresent(Contents::checkName);
        behind = List.copyOf(behind);
        if (behind.size() > Fixture.MOST) {
            throw Refusal.of("contents.behind", behind.size(), Fixture.MOST);
        }
        layers = layers.stream().sorted(Comparator.comparing(layer -> layer.material().role())).toList();
        boolean mat = layers.stream().anyMatch(layer -> layer.material().role() == Material.Role.MAT);
        if (mat != borders.isPresent()) {
            throw Refusal.of(mat ? "contents.no_borders" : "contents.no_mat");
        }
        for (Material.Role role : Material.Role.values()) {
            long count = layers.stream().filter(layer -> layer.material().role() == role).count();
            if (count > (role == Material.Role.MAT ? MOST_MATS : 1)) {
                throw Refusal.of("contents.layers", count, role, role == Material.Role.MAT ? MOST_MATS : 1);
            }
        }
    }

    /** The layer with this role, the foremost if several. */
    public Optional<Layer> layer(Material.Role role) {
        return layers.stream().filter(layer -> layer.material().role() == role).findFirst();
    }

    /** Whether there is a mat. */
    public boolean hasMat() {
        return borders.isPresent();
    }

    /** Whether glass, acrylic or mirror is in front. */
    public boolean isGlazed() {
        return layer(Material.Role.GLAZING).isPresent();
    }

    /** Whether it is a mirror. */
    public boolean isMirror() {
        return layer(Material.Role.GLAZING).filter(layer -> layer.material() == Material.MIRROR).isPresent();
    }

    /** How thick it all is. */
    public Length stack() {
        return Length.sum(layers.stream().map(Layer::thickness).toList());
    }

    /** With the layers of one role replaced by this material, or taken away when it is empty. */
    public Contents with(Material.Role role, Optional<Material> material) {
        List<Layer> changed = new ArrayList<>(layers.stream()
                .filter(layer -> layer.material().role() != role).toList());
        material.ifPresent(m -> changed.add(Layer.of(m)));
        if (role != Material.Role.MAT) {
            return new Contents(changed, borders, picture, behind);
        }
        Borders usual = new Borders(Length.inches(2), Length.inches(2), Length.inches(2, 1, 2));
        return new Contents(changed, material.map(_ -> borders.orElse(usual)), picture, behind);
    }

    /** With one layer's thickness changed; {@code index} counts from the front. */
    public Contents withThickness(int index, Length thickness) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.set(index, new Layer(layers.get(index).material(), thickness));
        return new Contents(changed, borders, picture, behind);
    }

    /** With other borders of the mat. */
    public Contents withBorders(Optional<Borders> other) {
        return new Contents(layers, other, picture, behind);
    }

    /** Only what belongs to the picture itself, in a frame that holds nothing else. */
    public Contents artAlone() {
        return new Contents(
                layers.stream()
                        .filter(layer -> layer.material().role() == Material.Role.ART)
                        .toList(),
                Optional.empty(),
                picture,
                behind);
    }

    /** What keeps a package in its rabbet from behind. */
    public enum Keeper {
        /** Points, brads or blocks along the rabbet. */
        POINTS,
        /** Bent clips over the bars of a canvas, which may stand out of the back. */
        CLIPS,
        /** A screen that lies behind it and is held itself. */
        SCREEN
    }

    /** What keeps it in: a screen that the frame holds, clips where a canvas lies last, else points. */
    public Keeper keeper() {
        if (!isScreenMounted() && has(Fixture.Kind.SCREEN)) {
            return Keeper.SCREEN;
        }
        return !layers.isEmpty() && layers.getLast().material() == Material.CANVAS_ON_BARS
                ? Keeper.CLIPS
                : Keeper.POINTS;
    }

    /** Whether a screen hangs on the wall by itself, and the frame does not carry it. */
    public boolean isScreenMounted() {
        return has(Fixture.Kind.MOUNT);
    }

    /** Whether something of this kind lies behind it. */
    public boolean has(Fixture.Kind kind) {
        return behind.stream().anyMatch(fixture -> fixture.kind() == kind);
    }

    /** With other things behind it. */
    public Contents withBehind(List<Fixture> other) {
        return new Contents(layers, borders, picture, other);
    }

    /** With one of the things behind it changed, counted from 0. */
    public Contents withBehind(int index, Fixture fixture) {
        List<Fixture> changed = new ArrayList<>(behind);
        changed.set(index, fixture);
        return withBehind(changed);
    }

    /** With another picture to look at, or with none. */
    public Contents withPicture(Optional<String> other) {
        return new Contents(layers, borders, other, behind);
    }

    /** Whether a picture may be called so: it names a file when a shop is written as open files. */
    public static boolean isPictureName(String name) {
        return name.matches("[0-9a-z]{1,64}\\.(?:png|jpg)");
    }

    private static void checkName(String name) {
        if (!isPictureName(name)) {
            throw Refusal.of("contents.picture_is", name);
        }
    }

    /** The materials in order. */
    public Stream<Material> materials() {
        return layers.stream().map(Layer::material);
    }
}
