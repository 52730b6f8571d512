package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * How far a lot of a material may lie from its figures, as one standard deviation each.
 *
 * @param waterSd air space, and water content at any suction [vol/vol]
 * @param porositySd total porosity [vol/vol]
 * @param densityRelativeSd bulk density, as a share of it
 * @param phSd pH
 * @param bufferRelativeSd pH buffering, as a share of it
 */
public record Doubt(double waterSd, double porositySd, double densityRelativeSd, double phSd, double bufferRelativeSd) {

    /** Spread of food, of salts and of exchange capacity, as a share; typical, from memory. */
    public static final double FOOD_RELATIVE_SD = 0.5;

    /** Half-lives are known within this factor; typical, from memory. */
    public static final double HALF_LIFE_FACTOR = 1.6;

    public Doubt {
        within("doubt.water", waterSd, 0, 0.5, Limit.VOL_PER_VOL);
        within("doubt.porosity", porositySd, 0, 0.5, Limit.VOL_PER_VOL);
        within("doubt.density", densityRelativeSd, 0, 1, Limit.SHARE);
        within("doubt.ph", phSd, 0, 4, Limit.PH);
        within("doubt.buffer", bufferRelativeSd, 0, 2, Limit.SHARE);
    }

    /** The doubt about an unknown retail lot of this kind of matter. */
    public static Doubt of(final MaterialClass kind) {
        return new Doubt(
                kind.waterSd(), kind.porositySd(), kind.densityRelativeSd(), kind.phSd(), kind.bufferRelativeSd());
    }

    /** Every spread times a factor, up to what is still a number at all. */
    public Doubt times(final double factor) {
        return new Doubt(
                Math.min(0.5, factor * waterSd),
                Math.min(0.5, factor * porositySd),
                Math.min(1, factor * densityRelativeSd),
                Math.min(4, factor * phSd),
                Math.min(2, factor * bufferRelativeSd));
    }
}
