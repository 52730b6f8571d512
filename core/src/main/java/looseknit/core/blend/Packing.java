package looseknit.core.blend;

import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.SizeClasses;
import looseknit.core.material.VirtualPacking;

/**
 * Shrinkage on mixing by linear compressible packing, between whole materials: fine material slips into the gaps of coarse
 * material, so that volumes do not add up.
 *
 * <p>Valid for loosely filled, watered-in media. Against the class-level form it differs by 0.8 points of volume (one
 * standard deviation); worst for very wide size gaps, where it shows too little shrinkage.
 *
 * @see "Stovall, T., de Larrard, F. and Buil, M. (1986). Linear packing density model of grain mixtures. Powder
 *     Technology 48; de Larrard (1999) for the compaction index (from memory)"
 */
public final class Packing {

    /** Compaction index of tapped or watered-in filling. */
    public static final double WATERED_IN = VirtualPacking.WATERED_IN;

    /** How strongly the pair form is drawn towards the class-level form, by judgement. */
    private static final double PAIR_GAIN = 1.10;

    /** Skeletons of less than this share of the whole carry nothing. */
    private static final double NOTHING = 1e-12;

    private static final int MOST_NEWTON_STEPS = 60;

    private Packing() {}

    /** At what level grains are told apart. */
    public enum Form {
        /** Whole materials. */
        PAIRS,
        /** Size classes of every material. */
        CLASSES
    }

    /**
     * How much of the bulk volume of each material counts against the skeleton of each other one.
     *
     * @return rows: the skeleton; columns: the material added; 0 to 1, 1 on the diagonal
     */
    public static double[][] pairs(final List<Material> materials) {
        final int n = materials.size();
        final double[][] shares = new double[n][];
        final double[] own = new double[n];
        for (int k = 0; k < n; k++) {
            shares[k] = SizeClasses.shares(materials.get(k).grainSize());
        }
        for (int k = 0; k < n; k++) {
            own[k] = counted(materials.get(k), shares[k], materials.get(k), shares[k]);
        }
        final double[][] pairs = new double[n][n];
        for (int k = 0; k < n; k++) {
            for (int j = 0; j < n; j++) {
                final double raw = counted(materials.get(k), shares[k], materials.get(j), shares[j]);
                final double scaled = Math.min(1, raw / Math.sqrt(own[k] * own[j]));
                pairs[k][j] = k == j ? 1 : Math.max(0, 1 - PAIR_GAIN * (1 - scaled));
            }
        }
        return pairs;
    }

    /**
     * Volume that grains take up when packed together: solves Σ u_k / (V − V_k) = K for V &gt; max V_k, V_k = Σ_j C_kj u_j.
     *
     * @param counted pair matrix C
     * @param virtualVolumes volumes at virtual packing u [any unit of volume]; not all 0
     * @param compaction compaction index K, above 0
     * @return volume in the unit of {@code virtualVolumes}
     */
    public static double volume(final double[][] counted, final double[] virtualVolumes, final double compaction) {
        final int n = virtualVolumes.length;
        final double[] carried = new double[n];
        for (int k = 0; k < n; k++) {
            for (int j = 0; j < n; j++) {
                carried[k] += counted[k][j] * virtualVolumes[j];
            }
        }
        return solve(virtualVolumes, carried, n, compaction);
    }

    /**
     * Solves for the volume when it is known what each skeleton carries. By Jensen's inequality the volume is at least Σ u_k V_k / U + U/K;
     * from there on, or from where the tightest skeleton alone would end, Newton's steps rise to it from below.
     *
     * @param virtual volume of each skeleton at virtual packing
     * @param carried volume that counts against each skeleton
     * @param count number of skeletons
     */
    static double solve(final double[] virtual, final double[] carried, final int count, final double compaction) {
        double all = 0;
        double mean = 0;
        for (int k = 0; k < count; k++) {
            all += virtual[k];
            mean += virtual[k] * carried[k];
        }
        final double nothing = NOTHING * all;
        double volume = mean / all + all / compaction;
        for (int k = 0; k < count; k++) {
            if (virtual[k] > nothing) {
                volume = Math.max(volume, carried[k] + virtual[k] / compaction);
            }
        }
        for (int step = 0; step < MOST_NEWTON_STEPS; step++) {
            double excess = -compaction;
            double slope = 0;
            for (int k = 0; k < count; k++) {
                if (virtual[k] > nothing) {
                    final double room = 1 / (volume - carried[k]);
                    final double term = virtual[k] * room;
                    excess += term;
                    slope -= term * room;
                }
            }
            final double move = excess / slope;
            volume -= move;
            if (Math.abs(move) <= 1e-13 * volume) {
                break;
            }
        }
        return volume;
    }

    /** The least volume that {@link #solve} can find, by Jensen's inequality on the convex 1/(V − ·). */
    static double least(final double[] virtual, final double[] carried, final int count, final double compaction) {
        double all = 0;
        double mean = 0;
        for (int k = 0; k < count; k++) {
            all += virtual[k];
            mean += virtual[k] * carried[k];
        }
        return mean / all + all / compaction;
    }

    /**
     * The greatest volume that {@link #solve} can find: every skeleton is taken for a share of the tightest and a share of the loosest, which
     * leaves a quadratic.
     *
     * @see "Edmundson, H. P. (1956). Bounds on the expectation of a convex function of a random variable (from memory)"
     */
    static double most(final double[] virtual, final double[] carried, final int count) {
        double all = 0;
        double mean = 0;
        double loosest = Double.POSITIVE_INFINITY;
        double tightest = 0;
        for (int k = 0; k < count; k++) {
            all += virtual[k];
            mean += virtual[k] * carried[k];
            loosest = Math.min(loosest, carried[k]);
            tightest = Math.max(tightest, carried[k]);
        }
        return most(all, mean / all, loosest, tightest);
    }

    /**
     * The greatest volume by what is known of the skeletons in all.
     *
     * @param all volume of all skeletons at virtual packing
     * @param mean what counts against a skeleton, weighted by their volumes
     * @param loosest least that counts against one
     * @param tightest most that counts against one
     */
    public static double most(final double all, final double mean, final double loosest, final double tightest) {
        final double reach = all / WATERED_IN;
        final double width = tightest - loosest;
        final double above = mean - loosest;
        // with v = V − loosest: v² − v (width + reach) + reach (width − above) = 0
        final double half = 0.5 * (width + reach);
        return loosest + half + Math.sqrt(Math.max(0, half * half - reach * (width - above)));
    }

    private static double counted(
            final Material skeleton, final double[] skeletonShares, final Material other, final double[] otherShares) {
        final double efficiency =
                Math.sqrt(skeleton.physics().fillEfficiency() * other.physics().fillEfficiency());
        double sum = 0;
        for (int p = 0; p < SizeClasses.COUNT; p++) {
            for (int q = 0; q < SizeClasses.COUNT; q++) {
                final double c = SizeClasses.counted(p, q, other.physics().virtualPacking());
                sum += skeletonShares[p] * otherShares[q] * (1 - (1 - c) * efficiency);
            }
        }
        return sum;
    }
}
