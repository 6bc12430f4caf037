package neatcorner.core.drawing;

import neatcorner.core.card.Card;
import neatcorner.core.card.Scene;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.words.Station;

/** What a card shows, from where the maker stands. */
public final class CardDrawing {
    /** A line below the sticks says how many more there are. */
    private static final double LINE = 24;

    /** It is read from further away than a drawing on the desk. */
    private static final double LARGER = 1.45;

    private CardDrawing() {
    }

    /**
     * The picture, to fill a space of this size.
     *
     * @param plan of the job, whichever of its parts that looks at; at once where it is the card's
     */
    public static Picture draw(Plan plan, Card card, Reader reader, double width, double height) {
        Reader afar = new Reader(reader.book(), reader.lettering(), reader.scale() * LARGER);
        return draw(plan, card, reader, afar, width, height);
    }

    /** The same on paper, which is held in the hand. */
    static Picture printed(Plan plan, Card card, Reader reader, double width, double height) {
        return draw(plan, card, reader, reader, width, height);
    }

    private static Picture draw(Plan plan, Card card, Reader reader, Reader afar, double width, double height) {
        return switch (card.scene()) {
            case Scene.AtTheSaw(var cut, var kerf, _) -> SawCutDrawing.draw(cut, kerf, afar, width, height);
            case Scene.InTheMachine(var step) ->
                MakingDrawing.draw(Planner.at(plan, card.part()), step, afar, width, height);
            case Scene.OnTheRack() -> StickDrawing.draw(plan, afar, width, sticks(plan, afar, width, height));
            case Scene.AtTheCorner(int corner) ->
                CornerDrawing.draw(Planner.at(plan, card.part()).atCorner(corner), reader, width, height);
            case Scene.OnTheBench(Station station) ->
                bench(Planner.at(plan, card.part()), station, reader, width, height);
        };
    }

    /** As many sticks as there is room for. */
    private static int sticks(Plan plan, Reader reader, double width, double height) {
        int all = plan.cuts().sticks().size();
        return StickDrawing.shownIn(plan, reader, width, 0, height) >= all
                ? all
                : StickDrawing.shownIn(plan, reader, width, 0, height - LINE * reader.scale());
    }

    /** The part as its station is seen at the bench. */
    static Picture bench(Plan part, Station station, Reader reader, double width, double height) {
        return switch (station) {
            case CORNERS -> CornerDrawing.draw(part, reader, width, height);
            case FINISH -> FrameDrawing.plain(part, false, reader, width, height);
            case FIT -> FitDrawing.draw(part, reader, width, height);
            case HANG -> WallDrawing.draw(part, reader, width, height);
            default -> FrameDrawing.clamped(part, reader, width, height);
        };
    }
}
