package looseknit.server.blend;

import java.util.List;
import java.util.Map;
import looseknit.core.message.MeasureSystem;
import looseknit.core.need.Property;

/**
 * What a card of the swatch book shows beside the blend itself.
 *
 * @param shares share of each row, 0 to 1
 * @param headline the worst miss in a sentence, in each system of units
 * @param values each reading in its unit of computation
 * @param stops ids of the stops against it
 */
record CardFacts(
        List<Double> shares, Map<MeasureSystem, String> headline, Map<Property, Double> values, List<String> stops) {

    /** Nothing can be read. */
    static final CardFacts NONE = new CardFacts(List.of(), Map.of(), Map.of(), List.of());
}
