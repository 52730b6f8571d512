package looseknit.bench;

import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import org.hipparchus.special.Erf;

/**
 * The same formulas written down straight, line by line, with nothing worked out beforehand: what the core is measured against. Gives
 * the air of a blend in a tapered pot.
 */
final class NaiveReading {

    private static final int CLASSES = 10;
    private static final double K = 4.75;
    private static final double[] GAUSS = {
        0.01985507175123188, 0.10166676129318664, 0.2372337950418355, 0.4082826787521751,
        0.5917173212478249, 0.7627662049581645, 0.8983332387068134, 0.9801449282487681
    };
    private static final double[] WEIGHT = {
        0.05061426814518813, 0.11119051722668724, 0.15685332293894363, 0.18134189168918100,
        0.18134189168918100, 0.15685332293894363, 0.11119051722668724, 0.05061426814518813
    };

    private NaiveReading() {}

    static double air(final Recipe recipe, final double heightCm, final double taper) {
        final int n = recipe.parts().size();
        final Material[] m = new Material[n];
        final double[] x = new double[n];
        double bulk = 0;
        for (int i = 0; i < n; i++) {
            m[i] = recipe.parts().get(i).material();
            x[i] = recipe.parts().get(i).amount() * (1 - m[i].physics().settling());
            bulk += x[i];
        }
        double density = 0;
        for (int i = 0; i < n; i++) {
            density += x[i] / bulk * moist(m[i]);
        }
        final double[][] shares = new double[n][CLASSES];
        for (int i = 0; i < n; i++) {
            for (int c = 0; c < CLASSES; c++) {
                shares[i][c] = share(m[i], c);
            }
        }
        final double[] u = new double[n];
        for (int i = 0; i < n; i++) {
            final double squeezed = 1 - m[i].physics().squeeze() * Math.max(0, Math.log(density / moist(m[i])));
            u[i] = x[i] * squeezed * K / (1 + K);
        }
        double volume = 0;
        final double[] carried = new double[n];
        for (int k = 0; k < n; k++) {
            for (int j = 0; j < n; j++) {
                carried[k] += (k == j ? 1 : counted(m[k], shares[k], m[j], shares[j])) * u[j];
            }
            volume = Math.max(volume, carried[k] + u[k] / K);
        }
        for (int step = 0; step < 8; step++) {
            double excess = -K;
            double slope = 0;
            for (int k = 0; k < n; k++) {
                excess += u[k] / (volume - carried[k]);
                slope -= u[k] / (volume - carried[k]) / (volume - carried[k]);
            }
            volume -= excess / slope;
        }
        double solids = 0;
        double closed = 0;
        for (int i = 0; i < n; i++) {
            solids += x[i] / volume * (1 - m[i].physics().totalPorosity());
            closed += x[i] / volume * m[i].closedPores();
        }
        final double pores = 1 - solids;
        final double wettable = pores - Math.min(closed, 0.05 * pores);
        double water = 0;
        double area = 0;
        for (int q = 0; q < GAUSS.length; q++) {
            double held = 0;
            for (int i = 0; i < n; i++) {
                held += x[i] / volume * m[i].retention().at(GAUSS[q] * heightCm);
            }
            final double corner = 0.10 * Math.max(0, 1 - volume / bulk) * wettable;
            final double capped =
                    0.5 * (held + wettable - Math.sqrt((held - wettable) * (held - wettable) + 4 * corner * corner));
            final double width = taper + (1 - taper) * GAUSS[q];
            water += WEIGHT[q] * width * width * capped;
            area += WEIGHT[q] * width * width;
        }
        return pores - water / area;
    }

    private static double moist(final Material material) {
        return material.physics().bulkDensityGPerL() / 1000
                + material.retention().at(10);
    }

    private static double counted(
            final Material skeleton, final double[] coarse, final Material other, final double[] fine) {
        final double own = raw(skeleton, coarse, skeleton, coarse) * raw(other, fine, other, fine);
        final double scaled = raw(skeleton, coarse, other, fine) / Math.sqrt(own);
        return Math.max(0, 1 - 1.10 * (1 - Math.min(1, scaled)));
    }

    private static double raw(
            final Material skeleton, final double[] coarse, final Material other, final double[] fine) {
        final double efficiency =
                Math.sqrt(skeleton.physics().fillEfficiency() * other.physics().fillEfficiency());
        final double beta = other.physics().virtualPacking();
        double sum = 0;
        for (int p = 0; p < CLASSES; p++) {
            for (int q = 0; q < CLASSES; q++) {
                final double ratio = Math.pow(2, -Math.abs(p - q));
                final double c;
                if (p == q) {
                    c = 1;
                } else if (q < p) {
                    c = Math.sqrt(1 - Math.pow(1 - ratio, 1.02));
                } else {
                    c = beta + (1 - Math.pow(1 - ratio, 1.5)) * (1 - beta);
                }
                sum += coarse[p] * fine[q] * (1 - (1 - c) * efficiency);
            }
        }
        return sum;
    }

    private static double share(final Material material, final int c) {
        final double upper = c == CLASSES - 1 ? 1 : passing(material, 0.03125 * Math.pow(2, c + 1));
        final double lower = c == 0 ? 0 : passing(material, 0.03125 * Math.pow(2, c));
        return upper - lower;
    }

    private static double passing(final Material material, final double mm) {
        final double d50 = material.grainSize().d50Mm();
        final double z = Math.log(mm / d50);
        final double spread = (z < 0
                        ? Math.log(d50 / material.grainSize().d10Mm())
                        : Math.log(material.grainSize().d90Mm() / d50))
                / 1.2815515655446004;
        return 0.5 * Erf.erfc(-z / spread / Math.sqrt(2));
    }
}
