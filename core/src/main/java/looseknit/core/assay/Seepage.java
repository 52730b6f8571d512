package looseknit.core.assay;

import looseknit.core.blend.Mix;
import looseknit.core.message.Named;

/**
 * How fast water sinks through a wet mix, from the pores that are empty at 10 cm of suction: K = 15 a³ cm/s. The constant is by
 * judgement, within a factor of three.
 *
 * @param conductivityCmPerS saturated conductivity [cm/s]
 * @see "Ahuja, L. R. et al. (1984), Soil Sci. Soc. Am. J. 48: conductivity as a power of effective porosity (form from memory;
 *     exponent 3 and constant by judgement)"
 */
public record Seepage(double conductivityCmPerS) {

    private static final double CONSTANT = 15;

    /** How fast water sinks in; common practice, no source. */
    public enum Speed implements Named {
        FAST,
        GOOD,
        SLOW,
        POOR
    }

    public static Seepage of(final Mix mix) {
        final double air = Math.max(0, mix.totalPorosity() - mix.waterAt(10));
        return new Seepage(CONSTANT * air * air * air);
    }

    /** Air at 10 cm of suction of a mix with this conductivity [vol/vol]. */
    static double airAt10(final double conductivityCmPerS) {
        return Math.cbrt(conductivityCmPerS / CONSTANT);
    }

    /** Time for which a centimetre of water stands [s]. */
    public double secondsPerCm() {
        return 1 / Math.max(1e-9, conductivityCmPerS);
    }

    public Speed speed() {
        final double seconds = secondsPerCm();
        if (seconds < 1) {
            return Speed.FAST;
        }
        if (seconds < 10) {
            return Speed.GOOD;
        }
        return seconds <= 60 ? Speed.SLOW : Speed.POOR;
    }
}
