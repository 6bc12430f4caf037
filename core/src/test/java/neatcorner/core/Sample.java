package neatcorner.core;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Body;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.Layer;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Unit;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Joining;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;

/** Frames and shops the tests start from. All invented. */
public final class Sample {
    private Sample() {
    }

    /** A length in inches as makers write it. */
    public static Length in(String text) {
        return MeasureText.length(text, Unit.INCH);
    }

    /** A flat moulding with a rabbet. */
    public static Section rabbeted(String face, String thickness, String lip, String depth) {
        return new Section(
                "flat", Species.MAPLE, in(face), in(thickness), new Recess.Rabbet(in(lip), in(depth)), Profile.FLAT);
    }

    /** 1 1/2 in face, 3/4 in thick, 1/4 in lip, 1/2 in rabbet. */
    public static Section plain() {
        return rabbeted("1 1/2", "3/4", "1/4", "1/2");
    }

    /** A floater with a 3/8 in wall and a 3/4 in ledge. */
    public static Section floater() {
        return new Section(
                "floater",
                Species.BASSWOOD,
                in("3/8"),
                in("1 1/2"),
                new Recess.Floater(in("3/4"), in("3/8")),
                Profile.FLAT);
    }

    /** A plain bar. */
    public static Section bar() {
        return new Section("bar", Species.PINE, in("1 1/2"), in("3/4"), new Recess.Bar(), Profile.FLAT);
    }

    /** Glass, paper and card, with nothing decided. */
    public static Job job(String glassWidth, String glassHeight) {
        return Job.starting("Sample", in(glassWidth), in(glassHeight), plain());
    }

    /** The same with the size given at a line on both axes. */
    public static Job given(Line line, String width, String height) {
        Job job = job("10", "10");
        return job.withGiven(Axis.WIDTH, new Size(line, in(width)))
                .withGiven(Axis.HEIGHT, new Size(line, in(height)));
    }

    /** Glass, a mat with borders, paper and card. */
    public static Job matted(String top, String sides, String bottom) {
        Contents contents = new Contents(List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.MAT_4_PLY),
                Layer.of(Material.PAPER), Layer.of(Material.CORRUGATED)),
                Optional.of(new Borders(in(top), in(sides), in(bottom))));
        return job("12", "14").withContents(contents);
    }

    /** A canvas in a floater. */
    public static Job floating(String width, String height) {
        return Job.of(
                new Heading("Canvas", "", 1),
                new Body(
                        new Boxed.Rectangle(new Size(Line.ART, in(width)), new Size(Line.ART, in(height))),
                        floater(),
                        Map.of(),
                        Lean.FLAT),
                new Contents(List.of(Layer.of(Material.CANVAS_ON_BARS)), Optional.empty()));
    }

    /** Bars for stretched cloth. */
    public static Job stretched(String width, String height) {
        return Job.of(
                new Heading("Cloth", "", 1),
                new Body(
                        new Boxed.Rectangle(new Size(Line.OUTSIDE, in(width)), new Size(Line.OUTSIDE, in(height))),
                        bar(),
                        Map.of(),
                        Lean.FLAT),
                Contents.NOTHING);
    }

    /** A shop with these sticks of a section, sold in 8 ft, and four vices. */
    public static Shop shop(Section section, Sticks... sticks) {
        return new Shop(
                "",
                Habits.USUAL,
                List.of(new Moulding(section, List.of(Sale.of(in("96"))), List.of(sticks))),
                List.of(new Clamps(ClampKind.CORNER_VICE, 4, in("96"))),
                Climate.USUAL,
                Rack.EMPTY,
                Joining.ANY,
                Shop.USUAL_CURRENCY,
                Machines.NONE);
    }

    /** A shop with plenty of the plain moulding. */
    public static Shop shop() {
        return shop(plain(), new Sticks(in("96"), 20));
    }

    /** Wishes that keep pieces on sticks, given in pairs. */
    public static Cutting kept(String... piecesAndSticks) {
        Cutting wishes = Cutting.FREE;
        for (int i = 0; i < piecesAndSticks.length; i += 2) {
            wishes = wishes.withLock(
                    PieceId.read(piecesAndSticks[i]).orElseThrow(), StickId.read(piecesAndSticks[i + 1]));
        }
        return wishes;
    }

    /** With a strainer in the part that is looked at, which stays so. */
    public static Job strained(Job job) {
        return PartOffer.named("strainer")
                .by(Assembly.of(job, shop()).seen(), "strainer")
                .map(part -> new Edit.AddPart(part).apply(job).at(job.seen()))
                .orElseThrow();
    }
}
