package looseknit.core.blend;

import looseknit.core.material.SizeClasses;

/** Packing of spheres by the formulas that pack materials, for comparison with measured spheres. */
public final class Spheres {

    private static final double ALONE = 0.625;

    private Spheres() {}

    public static double loosening(final double ratio) {
        return SizeClasses.loosening(ratio);
    }

    public static double wall(final double ratio) {
        return SizeClasses.wall(ratio);
    }

    /**
     * Share of space that spheres of these sizes fill.
     *
     * @param diameters sizes, from coarse to fine
     * @param volumes volumes of solid
     */
    public static double packing(final double[] diameters, final double[] volumes, final double compaction) {
        final int n = diameters.length;
        final double beta = ALONE * (1 + 1 / compaction);
        final double[][] counted = new double[n][n];
        final double[] virtual = new double[n];
        double solid = 0;
        for (int k = 0; k < n; k++) {
            solid += volumes[k];
            virtual[k] = volumes[k] / beta;
            for (int j = 0; j < n; j++) {
                if (diameters[j] == diameters[k]) {
                    counted[k][j] = 1;
                } else if (diameters[j] < diameters[k]) {
                    counted[k][j] = loosening(diameters[j] / diameters[k]);
                } else {
                    counted[k][j] = beta + wall(diameters[k] / diameters[j]) * (1 - beta);
                }
            }
        }
        return solid / Packing.volume(counted, virtual, compaction);
    }
}
