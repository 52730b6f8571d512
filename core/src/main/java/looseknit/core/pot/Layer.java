package looseknit.core.pot;

import static looseknit.core.measure.Require.within;

import looseknit.core.blend.Mix;
import looseknit.core.measure.Limit;

/**
 * A layer of mix in a pot.
 *
 * @param mix the mix
 * @param depthCm depth [cm], 0.5 to 200; the topmost layer takes what room is left
 */
public record Layer(Mix mix, double depthCm) {

    public Layer {
        within("layer.depthCm", depthCm, 0.5, 200, Limit.CM);
    }
}
