package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import looseknit.core.material.SoilTexture;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;

/**
 * A jar of garden soil shaken with water and a drop of soap, and the height of what has settled: sand after a minute, silt after two
 * hours, clay when the water is clear again. Heights stand for shares by weight, which is common practice and rough: clay settles
 * more loosely than sand.
 *
 * @param afterMinuteCm height after about a minute: sand [cm], 0 to 40
 * @param afterHoursCm height after about two hours: sand and silt [cm], not less
 * @param clearCm height when the water is clear, after a day or two: all [cm], 0.5 to 40, not less
 */
public record JarSettling(double afterMinuteCm, double afterHoursCm, double clearCm) {

    public JarSettling {
        within("jar.afterMinuteCm", afterMinuteCm, 0, 40, Limit.CM);
        within("jar.afterHoursCm", afterHoursCm, 0, 40, Limit.CM);
        within("jar.clearCm", clearCm, 0.5, 40, Limit.CM);
        if (afterHoursCm < afterMinuteCm) {
            throw new OutOfRangeException(
                    "jar.afterHoursCm",
                    Quantity.trimmed(Dimension.LENGTH, afterHoursCm, 2).bare(),
                    ShelfSentence.SETTLED_AFTER_A_MINUTE.with(Quantity.trimmed(Dimension.LENGTH, afterMinuteCm, 2)));
        }
        if (clearCm < afterHoursCm) {
            throw new OutOfRangeException(
                    "jar.clearCm",
                    Quantity.trimmed(Dimension.LENGTH, clearCm, 2).bare(),
                    ShelfSentence.SETTLED_AFTER_TWO_HOURS.with(Quantity.trimmed(Dimension.LENGTH, afterHoursCm, 2)));
        }
    }

    /** Sand, silt and clay. */
    public SoilTexture texture() {
        return new SoilTexture(
                afterMinuteCm / clearCm, (afterHoursCm - afterMinuteCm) / clearCm, (clearCm - afterHoursCm) / clearCm);
    }
}
