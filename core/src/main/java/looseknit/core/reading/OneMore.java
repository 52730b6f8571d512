package looseknit.core.reading;

import java.util.Map;
import looseknit.core.material.Material;
import looseknit.core.measure.Band;
import looseknit.core.need.Property;

/**
 * What one part more, or one less, of a material would do.
 *
 * @param row place in the recipe
 * @param material the material
 * @param step change of the amount: 1 part, or 5 %, or less where so much is not there
 * @param change change of each reading, in the unit of computation
 * @param effect whether that is for the better, for readings with a target
 */
public record OneMore(
        int row, Material material, double step, Map<Property, Double> change, Map<Property, Effect> effect) {

    /** Whether a change of a reading brings it nearer to what is wanted. */
    public enum Effect {
        BETTER,
        NEUTRAL,
        WORSE;

        static Effect of(final Band band, final double before, final double after) {
            final double nearer = Math.abs(band.miss(before)) - Math.abs(band.miss(after));
            if (nearer == 0) {
                return NEUTRAL;
            }
            return nearer > 0 ? BETTER : WORSE;
        }
    }

    public OneMore {
        change = Map.copyOf(change);
        effect = Map.copyOf(effect);
    }
}
