package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import looseknit.core.material.SoilTexture;
import looseknit.core.measure.OutOfRangeException;

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
        within("jar.afterMinuteCm", afterMinuteCm, 0, 40, "cm");
        within("jar.afterHoursCm", afterHoursCm, 0, 40, "cm");
        within("jar.clearCm", clearCm, 0.5, 40, "cm");
        if (afterHoursCm < afterMinuteCm) {
            throw new OutOfRangeException(
                    "jar.afterHoursCm",
                    afterHoursCm,
                    "at least the height after a minute, %s cm: what has settled only grows".formatted(afterMinuteCm));
        }
        if (clearCm < afterHoursCm) {
            throw new OutOfRangeException(
                    "jar.clearCm",
                    clearCm,
                    "at least the height after two hours, %s cm: what has settled only grows".formatted(afterHoursCm));
        }
    }

    /** Sand, silt and clay. */
    public SoilTexture texture() {
        return new SoilTexture(
                afterMinuteCm / clearCm, (afterHoursCm - afterMinuteCm) / clearCm, (clearCm - afterHoursCm) / clearCm);
    }
}
