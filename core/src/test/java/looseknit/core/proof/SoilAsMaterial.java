package looseknit.core.proof;

import looseknit.core.material.Material;
import looseknit.core.material.Retention;

/** A soil of the literature, of which only the water curve is known, in the clothes of a material. */
final class SoilAsMaterial {

    private SoilAsMaterial() {}

    static Material of(final Material like, final Retention curve) {
        final Material.Physics physics = like.physics();
        return like.named("soil", "Soil")
                .found(
                        like.grainSize(),
                        new Material.Physics(
                                physics.bulkDensityGPerL(),
                                curve.saturated(),
                                physics.packingFraction(),
                                physics.virtualPacking(),
                                physics.fillEfficiency(),
                                physics.settling(),
                                physics.squeeze()),
                        like.chemistry(),
                        curve,
                        like.doubt());
    }
}
