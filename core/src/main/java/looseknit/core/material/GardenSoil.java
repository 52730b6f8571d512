package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Optional;
import looseknit.core.measure.Limit;
import looseknit.core.message.Message;

/** A garden soil as a material, from its texture, its organic matter and its pH. */
public final class GardenSoil {

    /** How far an estimate from texture may lie from a real soil; by judgement after the scatter that the paper reports. */
    public static final Doubt DOUBT = new Doubt(0.06, 0.04, 0.10, 0.5, 0.40);

    private static final double PACKING = 0.60;
    private static final double FILL_EFFICIENCY = 0.8;
    private static final double SETTLING = 0.08;

    /** Exchange capacity of a gram of clay and of a gram of organic matter [meq/g]; typical, from memory. */
    private static final double CLAY_MEQ_PER_G = 0.40;

    private static final double ORGANIC_MEQ_PER_G = 2.0;

    /** pH buffering against exchange capacity; typical, from memory. */
    private static final double BUFFER_PER_CEC = 0.16;

    /** Nitrogen that a gram of organic matter sets free in a season [mg/g]; typical, from memory. */
    private static final double N_MG_PER_G_ORGANIC = 1.5;

    /** Lower bound of sand, silt and clay by size [mm]. */
    private static final double CLAY_FROM_MM = 0.0002;

    private static final double SILT_FROM_MM = 0.002;
    private static final double SAND_FROM_MM = 0.05;
    private static final double SAND_TO_MM = 2;

    private GardenSoil() {}

    /**
     * The soil as a material.
     *
     * @param organic organic matter by weight, 0 to 0.08
     * @param ph pH in water, 3 to 9
     */
    public static Material of(
            final String id,
            final String name,
            final SoilTexture texture,
            final double organic,
            final double ph,
            final Advice advice,
            final Message source) {
        within("soil.ph", ph, 3, 9, Limit.PH);
        final SaxtonRawls water = SaxtonRawls.of(texture, organic);
        final GrainSize size = grainSize(texture);
        final double density = water.bulkDensityGPerL();
        final double cec = density * (CLAY_MEQ_PER_G * texture.clay() + ORGANIC_MEQ_PER_G * organic);
        return new Material(
                id,
                name,
                List.of(Role.WEIGHT, Role.FEED, Role.ACIDITY),
                Form.LOOSE,
                10,
                List.of(Hazard.MOULD),
                List.of(Nature.SOIL),
                MaterialClass.O,
                size,
                new Material.Physics(
                        density,
                        water.saturated() + 0.01,
                        PACKING,
                        VirtualPacking.of(size, PACKING, FILL_EFFICIENCY),
                        FILL_EFFICIENCY,
                        SETTLING,
                        0),
                new Material.Chemistry(
                        ph,
                        Math.max(1, BUFFER_PER_CEC * cec),
                        cec,
                        0.4,
                        Nutrients.npk(N_MG_PER_G_ORGANIC * density * organic, 15, 100)),
                DOUBT,
                40,
                WaterCurve.of(water.curve()),
                advice,
                Optional.empty(),
                source);
    }

    /** Grain sizes that 10, 50 and 90 % pass, evenly in the logarithm of size within sand, silt and clay. */
    static GrainSize grainSize(final SoilTexture texture) {
        final double d10 = passing(texture, 0.1);
        final double d50 = Math.max(passing(texture, 0.5), 1.05 * d10);
        return new GrainSize(d10, d50, Math.max(passing(texture, 0.9), 1.05 * d50));
    }

    private static double passing(final SoilTexture texture, final double share) {
        if (share <= texture.clay()) {
            return between(CLAY_FROM_MM, SILT_FROM_MM, share / texture.clay());
        }
        if (share <= texture.clay() + texture.silt()) {
            return between(SILT_FROM_MM, SAND_FROM_MM, (share - texture.clay()) / texture.silt());
        }
        return between(
                SAND_FROM_MM,
                SAND_TO_MM,
                Math.min(1, (share - texture.clay() - texture.silt()) / Math.max(1e-9, texture.sand())));
    }

    private static double between(final double from, final double to, final double share) {
        return from * Math.pow(to / from, share);
    }
}
