package looseknit.core.material;

import looseknit.core.measure.OutOfRangeException;

/**
 * Grain size by the sieve openings that 10, 50 and 90 % of the volume pass.
 *
 * @param d10Mm [mm], above 0
 * @param d50Mm [mm], above d10
 * @param d90Mm [mm], above d50
 */
public record GrainSize(double d10Mm, double d50Mm, double d90Mm) {

    public GrainSize {
        if (!(d10Mm > 0 && d50Mm > d10Mm && d90Mm > d50Mm && d90Mm <= 200)) {
            throw new OutOfRangeException(
                    "grain size", d10Mm + " / " + d50Mm + " / " + d90Mm, "d10 < d50 < d90, above 0, up to 200 mm");
        }
    }
}
