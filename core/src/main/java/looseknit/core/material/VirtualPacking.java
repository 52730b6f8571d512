package looseknit.core.material;

/**
 * Densest thinkable packing of one size class, β, of a material whose bulk packing is known: the β at which the size classes of the
 * material alone, watered in, give that packing.
 *
 * @see "de Larrard, F. (1999). Concrete Mixture Proportioning, chapter 1: compressible packing model (from memory)"
 */
public final class VirtualPacking {

    /** Compaction index of tapped or watered-in filling. */
    public static final double WATERED_IN = 4.75;

    private static final double LEAST = 0.2;
    private static final double MOST = 0.95;
    private static final int HALVINGS = 50;

    private VirtualPacking() {}

    /**
     * Virtual packing fraction.
     *
     * @param size grain size
     * @param packingFraction volume of the grains' envelopes in a litre, φ [vol/vol]
     * @param fillEfficiency how well grains slip into gaps, η
     * @return β [vol/vol], 0.2 to 0.95
     */
    public static double of(final GrainSize size, final double packingFraction, final double fillEfficiency) {
        final double[] shares = SizeClasses.shares(size);
        double low = LEAST;
        double high = MOST;
        for (int i = 0; i < HALVINGS; i++) {
            final double middle = 0.5 * (low + high);
            if (overfills(shares, packingFraction, fillEfficiency, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return 0.5 * (low + high);
    }

    /** Whether the grains of a litre would take up more than a litre with this virtual packing. */
    private static boolean overfills(
            final double[] shares, final double packingFraction, final double fillEfficiency, final double beta) {
        double index = 0;
        for (int k = 0; k < SizeClasses.COUNT; k++) {
            double carried = 0;
            for (int j = 0; j < SizeClasses.COUNT; j++) {
                final double counted = 1 - (1 - SizeClasses.counted(k, j, beta)) * fillEfficiency;
                carried += counted * shares[j] * packingFraction / beta;
            }
            final double own = shares[k] * packingFraction / beta;
            if (own > 1e-12) {
                if (carried >= 1) {
                    return true;
                }
                index += own / (1 - carried);
            }
        }
        return index > WATERED_IN;
    }
}
