package looseknit.core.bench;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import looseknit.core.caution.Caution;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/**
 * What can be told of a blend at a glance: the readings without how they were worked out and without what could be changed.
 *
 * @param shares share of each row in the whole as written, 0 to 1, in the order of the recipe
 * @param headline what harms most in a sentence, or that all fits
 * @param fits whether every reading is bearable and nothing must be stopped
 * @param fit how well it fits, 0 to 100; nothing where nothing is wanted
 * @param values each reading in its unit of computation
 * @param stops the stops against it
 */
public record Glance(
        List<Double> shares,
        Message headline,
        boolean fits,
        OptionalDouble fit,
        Map<Property, Double> values,
        List<Caution> stops) {}
