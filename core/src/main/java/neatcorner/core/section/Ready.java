package neatcorner.core.section;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.wood.Species;

/** Sections to start from; every number can be changed afterwards. Sizes are common practice, no source. */
public enum Ready {
    /** A plain bar with a rabbet. */
    FLAT,
    /** A hollow that falls toward the picture. */
    SCOOP,
    /** A straight fall toward the picture. */
    SLOPE,
    /** A straight fall toward the wall. */
    REVERSE_SLOPE,
    /** A lower strip along the sight edge. */
    STEPPED,
    /** A half round. */
    HALF_ROUND,
    /** An L around a canvas. */
    FLOATER,
    /** Narrow and deep. */
    BOX,
    /** Three strips, each with its own edge. */
    BUILT_UP,
    /** A reclaimed board whose groove is the rabbet. */
    GROOVED,
    /** A flat frame with a rim. */
    BANDED,
    /** Grooved for a panel. */
    PANEL,
    /** A wide face of plywood before ridge strips on edge, with a mirror between them. */
    FACE_ON_RIDGE;

    private static Length in(double inches) {
        return Length.inches(inches);
    }

    /** The section in a wood, under a name. */
    public Section in(Species wood, String name) {
        Recess usual = new Recess.Rabbet(in(0.25), in(0.5));
        return switch (this) {
            case FLAT -> new Section(name, wood, in(1.5), in(0.75), new Recess.Rabbet(in(0.25), in(0.5)), Profile.FLAT);
            case SCOOP -> new Section(name, wood, in(2), in(1.125), usual, new Profile(Profile.Shape.SCOOP, in(0.375)));
            case SLOPE ->
                new Section(name, wood, in(1.75), in(1.125), usual, new Profile(Profile.Shape.SLOPE, in(0.375)));
            case REVERSE_SLOPE ->
                new Section(
                        name,
                        wood,
                        in(2),
                        in(1.25),
                        new Recess.Rabbet(in(0.25), in(0.5)),
                        new Profile(Profile.Shape.REVERSE_SLOPE, in(0.5)));
            case STEPPED -> new Section(name, wood, in(2.25), in(1), usual, new Profile(Profile.Shape.STEP, in(0.25)));
            case HALF_ROUND ->
                new Section(name, wood, in(1.25), in(1.125), usual, new Profile(Profile.Shape.ROUND, in(0.375)));
            case FLOATER ->
                new Section(name, wood, in(0.375), in(1.5), new Recess.Floater(in(0.75), in(0.375)), Profile.FLAT);
            case BOX -> new Section(name, wood, in(0.75), in(2), new Recess.Rabbet(in(0.25), in(1.625)), Profile.FLAT);
            case BUILT_UP ->
                new Section(
                        name,
                        List.of(
                                Strip.plain(wood, in(2.5), in(0.75)).withInner(Edging.of(Edging.Kind.COVE, in(0.25))),
                                Strip.plain(wood, in(1.75), in(0.5)).withInner(Edging.of(Edging.Kind.OGEE, in(0.375))),
                                Strip.plain(wood, in(1), in(0.25))
                                        .withInner(Edging.of(Edging.Kind.ROUND_OVER, in(0.125)))
                                        .withOuter(Edging.of(Edging.Kind.ROUND_OVER, in(0.125)))),
                        new Recess.Rabbet(in(0.3125), in(0.375)),
                        Optional.empty(),
                        Optional.empty());
            case GROOVED ->
                new Section(
                        name,
                        List.of(Strip.plain(wood, in(2.75), in(0.75)).from(Strip.Source.GROOVED_BOARD)),
                        new Recess.Rabbet(in(0.25), in(0.5)),
                        Optional.empty(),
                        Optional.empty());
            case BANDED ->
                new Section(
                        name,
                        List.of(Strip.plain(wood, in(1.5), in(0.75))
                                .withInner(Edging.of(Edging.Kind.CHAMFER, in(0.125)))),
                        usual,
                        Optional.empty(),
                        Optional.of(new Band(
                                wood,
                                in(0.25),
                                in(0.875),
                                in(0.125),
                                Edging.SQUARE,
                                Edging.of(Edging.Kind.ROUND_OVER, in(0.0625)))));
            case FACE_ON_RIDGE ->
                new Section(
                        name,
                        List.of(
                                Strip.plain(wood, in(0.75), in(1.25)).withSetIn(in(3)),
                                Strip.plain(Species.PLYWOOD, in(5.5), in(0.5))),
                        new Recess.Rabbet(in(1.75), in(1.25)),
                        Optional.empty(),
                        Optional.empty());
            case PANEL ->
                new Section(name, wood, in(2), in(0.75), new Recess.Slot(in(0.375), in(0.25), in(0.25)), Profile.FLAT);
        };
    }
}
