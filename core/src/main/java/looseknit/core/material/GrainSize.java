package looseknit.core.material;

import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Quantity;

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
                    "grainSize",
                    MaterialSentence.SIZES.with(size(d10Mm), size(d50Mm), size(d90Mm)),
                    MaterialSentence.SIZES_RISE.with());
        }
    }

    private static Quantity size(final double mm) {
        return Quantity.trimmed(Dimension.GRAIN, mm, 4).bare();
    }
}
