package looseknit.core.caution;

import java.util.List;
import java.util.OptionalDouble;
import looseknit.core.blend.Segregation;

/**
 * What the computation says of a pot, as far as cautions ask.
 *
 * @param wetKg mass of the watered pot [kg], if a pot is named
 * @param tipDeg tilt at which the dry pot with a grown plant falls [°], if plant and pot are named
 * @param nMgPerL nitrogen in the first month [mg/L]
 * @param saltsDsPerM salts [dS/m]
 * @param ph pH when most of a lime has worked
 * @param unusual share of the mix outside what is usual for the plant [vol/vol], 0 without one
 * @param segregation what parts company in the mix
 */
public record Signs(
        OptionalDouble wetKg,
        OptionalDouble tipDeg,
        double nMgPerL,
        double saltsDsPerM,
        double ph,
        double unusual,
        List<Segregation.Kind> segregation) {

    public Signs {
        segregation = List.copyOf(segregation);
    }
}
