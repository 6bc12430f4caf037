package neatcorner.core.wood;

/**
 * Where frames are made and where they hang over the year.
 *
 * @param shop the air in which they are cut and glued
 * @param dry  the driest weeks on the wall
 * @param damp the dampest weeks on the wall
 */
public record Climate(Air shop, Air dry, Air damp) {
    /** A heated shop; a wall that sees a heated winter and a damp summer. Common practice, no source. */
    public static final Climate USUAL = new Climate(Air.of(50, 20), Air.of(30, 21), Air.of(65, 22));

    /** The moisture change to the dry weeks, in per cent of dry weight; negative when the wood dries. */
    public double drying() {
        return dry.equilibriumMoisture().toPercent() - shop.equilibriumMoisture().toPercent();
    }

    /** The moisture change to the damp weeks, in per cent of dry weight; positive when the wood swells. */
    public double swelling() {
        return damp.equilibriumMoisture().toPercent() - shop.equilibriumMoisture().toPercent();
    }
}
