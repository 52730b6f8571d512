package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import looseknit.core.material.Material;
import looseknit.core.measure.Limit;

/**
 * A layer of one material under the mix.
 *
 * @param material the material
 * @param depthCm depth [cm], above 0
 */
public record DrainageLayer(Material material, double depthCm) {

    public DrainageLayer {
        within("pot.layerCm", depthCm, 0.1, 100, Limit.CM);
    }
}
