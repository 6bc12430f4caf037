package neatcorner.core.job;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;

/** The lengths that are given of a panel in a leaf. */
public enum PanelKey implements ExtraKey<Panel> {
    /** How thick it is. */
    THICKNESS(Panel::thickness, Panel::withThickness),
    /** How deep it stands in each side. */
    GROOVE(Panel::groove, Panel::withGroove),
    /** Left in both grooves together, each way. */
    PLAY(Panel::play, Panel::withPlay);

    private final Function<Panel, Length> of;
    private final BiFunction<Panel, Length, Panel> in;

    PanelKey(Function<Panel, Length> of, BiFunction<Panel, Length, Panel> in) {
        this.of = of;
        this.in = in;
    }

    @Override
    public Length of(Panel panel) {
        return of.apply(panel);
    }

    @Override
    public Panel in(Panel panel, Length length) {
        return in.apply(panel, length);
    }

    /** {@code panel.play} and the like. */
    @Override
    public String id() {
        return "panel." + name().toLowerCase(Locale.ROOT);
    }
}
