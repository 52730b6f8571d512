package looseknit.core.change;

import java.util.Map;
import looseknit.core.message.Message;
import looseknit.core.need.Property;

/**
 * A single change that brings a blend nearer to what is wanted.
 *
 * @param change what is changed
 * @param after what lies on the bench then
 * @param promised the readings then, in the unit of computation
 * @param penalty how badly they miss what is wanted then
 * @param words the change and what it does
 */
public record Remedy(Change change, Setup after, Map<Property, Double> promised, double penalty, Message words) {

    public Remedy {
        promised = Map.copyOf(promised);
    }
}
