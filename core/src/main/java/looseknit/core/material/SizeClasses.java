package looseknit.core.material;

import looseknit.core.measure.Normal;

/**
 * Size classes for packing, and how far a class fills the gaps of another.
 *
 * @see "de Larrard, F. (1999). Concrete Mixture Proportioning, chapter 1: loosening and wall effect (from memory)"
 */
public final class SizeClasses {

    /** Lower edge of the first class [mm]. */
    private static final double FIRST_EDGE_MM = 0.03125;

    /** Number of classes, each twice as wide as the one before, up to 32 mm. */
    public static final int COUNT = 10;

    private static final double LOOSENING_EXPONENT = 1.02;
    private static final double WALL_EXPONENT = 1.50;

    /** Standard normal quantile of 0.9. */
    private static final double Z90 = 1.2815515655446004;

    private static final double[][] LOOSENING = table(LOOSENING_EXPONENT, true);
    private static final double[][] WALL = table(WALL_EXPONENT, false);

    private SizeClasses() {}

    /**
     * Loosening effect of small grains among big ones, a(r) = √(1 − (1−r)^1.02).
     *
     * @param ratio small over big diameter, 0 to 1
     */
    public static double loosening(final double ratio) {
        return Math.sqrt(1 - Math.pow(1 - ratio, LOOSENING_EXPONENT));
    }

    /**
     * Wall effect of big grains on small ones, b(r) = 1 − (1−r)^1.5.
     *
     * @param ratio small over big diameter, 0 to 1
     */
    public static double wall(final double ratio) {
        return 1 - Math.pow(1 - ratio, WALL_EXPONENT);
    }

    /**
     * Share of a material in each class: log-normal below and above the median with its own spread on each side. The tails
     * are counted in the end classes.
     */
    public static double[] shares(final GrainSize size) {
        final double[] shares = new double[COUNT];
        double below = 0;
        for (int m = 0; m < COUNT; m++) {
            final double upTo = m == COUNT - 1 ? 1 : passing(size, FIRST_EDGE_MM * Math.pow(2, m + 1));
            shares[m] = upTo - below;
            below = upTo;
        }
        return shares;
    }

    /**
     * Bulk volume of one class that counts against the skeleton of another, 0 to 1.
     *
     * @param skeleton class that carries
     * @param other class that is added
     * @param otherVirtualPacking virtual packing fraction of the material added
     */
    public static double counted(final int skeleton, final int other, final double otherVirtualPacking) {
        if (skeleton == other) {
            return 1;
        }
        return other < skeleton
                ? LOOSENING[other][skeleton]
                : otherVirtualPacking + WALL[skeleton][other] * (1 - otherVirtualPacking);
    }

    /** Share of a material that passes a sieve opening [mm]. */
    public static double passing(final GrainSize size, final double openingMm) {
        final double z = Math.log(openingMm / size.d50Mm());
        final double spread =
                z < 0 ? Math.log(size.d50Mm() / size.d10Mm()) / Z90 : Math.log(size.d90Mm() / size.d50Mm()) / Z90;
        return Normal.below(z / spread);
    }

    private static double[][] table(final double exponent, final boolean loosening) {
        final double[][] table = new double[COUNT][COUNT];
        for (int small = 0; small < COUNT; small++) {
            for (int big = small + 1; big < COUNT; big++) {
                final double ratio = Math.pow(2, small - big);
                table[small][big] = loosening ? loosening(ratio) : 1 - Math.pow(1 - ratio, exponent);
            }
        }
        return table;
    }
}
