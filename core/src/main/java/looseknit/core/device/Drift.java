package looseknit.core.device;

import java.util.List;
import looseknit.core.measure.Estimate;

/**
 * Where a drifting reading is going: showings fall to their end as a + b·exp(−t/τ). For every τ of a grid a and b follow by least squares; the end is the mean of
 * all a, each weighed by how well its curve fits, and its spread follows from them. So it is told from the curve, not from the clock, whether a reading has
 * settled.
 *
 * @see "Least squares with a parameter that enters nonlinearly: Golub, G. and Pereyra, V. (1973), SIAM J. Numer. Anal. 10, variable projection (from
 *     memory)"
 */
public final class Drift {

    /** Fewer showings than this say nothing. */
    private static final int FEWEST = 8;

    /** Times in which a drift loses two thirds that come into question [s]. */
    private static final double[] TAUS = {15, 25, 40, 60, 80, 100, 125, 150, 180, 220, 270, 350, 500, 800};

    /** Showings tremble at least so much. */
    private static final double LEAST_NOISE = 0.01;

    /** It has settled once it still goes less than this, and where it goes is known so well. */
    private static final double STILL_TO_GO = 0.04;

    private static final double WELL_KNOWN = 0.05;

    /** An end that is known so well may be taken before it is reached; by judgement, half of what a probe is off by. */
    private static final double FORESEEN = 0.15;

    private Drift() {}

    /**
     * A showing.
     *
     * @param seconds since it was pushed in [s]
     */
    public record Point(double seconds, double value) {}

    /**
     * What a curve says.
     *
     * @param end where it goes; without meaning while it says nothing
     * @param now where it is, without its trembling
     * @param says whether there is enough of it to say anything
     * @param settled whether it is there
     */
    public record State(Estimate end, double now, boolean says, boolean settled) {

        /** Whether the end is known so well that it may be taken before it is reached. */
        public boolean foreseen() {
            return says && end.sd() < FORESEEN;
        }
    }

    private record Fit(double a, double aSd, double now, double logLikelihood) {}

    /** What a curve says so far. */
    public static State of(final List<Point> curve) {
        if (curve.size() < FEWEST) {
            final double now = curve.isEmpty()
                    ? Calibration.NEUTRAL
                    : curve.get(curve.size() - 1).value();
            return new State(new Estimate(now, 1), now, false, false);
        }
        final double noise = noise(curve);
        final Fit[] fits = new Fit[TAUS.length];
        double best = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < TAUS.length; i++) {
            fits[i] = fit(curve, TAUS[i], noise);
            best = Math.max(best, fits[i].logLikelihood());
        }
        double weights = 0;
        double end = 0;
        double now = 0;
        for (final Fit fit : fits) {
            final double weight = Math.exp(fit.logLikelihood() - best);
            weights += weight;
            end += weight * fit.a();
            now += weight * fit.now();
        }
        end /= weights;
        now /= weights;
        double variance = 0;
        for (final Fit fit : fits) {
            final double weight = Math.exp(fit.logLikelihood() - best) / weights;
            variance += weight * (fit.aSd() * fit.aSd() + (fit.a() - end) * (fit.a() - end));
        }
        final double sd = Math.sqrt(variance);
        return new State(new Estimate(end, sd), now, true, Math.abs(end - now) < STILL_TO_GO && sd < WELL_KNOWN);
    }

    /** Standard deviation of the trembling, from second differences, which a smooth curve hardly has. */
    private static double noise(final List<Point> curve) {
        double sum = 0;
        for (int i = 2; i < curve.size(); i++) {
            final double bend = curve.get(i).value()
                    - 2 * curve.get(i - 1).value()
                    + curve.get(i - 2).value();
            sum += bend * bend;
        }
        return Math.max(LEAST_NOISE, Math.sqrt(sum / (curve.size() - 2) / 6));
    }

    private static Fit fit(final List<Point> curve, final double tau, final double noise) {
        double n = 0;
        double e = 0;
        double ee = 0;
        double y = 0;
        double ey = 0;
        for (final Point point : curve) {
            final double decay = Math.exp(-point.seconds() / tau);
            n++;
            e += decay;
            ee += decay * decay;
            y += point.value();
            ey += decay * point.value();
        }
        final double determinant = n * ee - e * e;
        final double b = (n * ey - e * y) / determinant;
        final double a = (y - b * e) / n;
        double squares = 0;
        for (final Point point : curve) {
            final double off = point.value() - a - b * Math.exp(-point.seconds() / tau);
            squares += off * off;
        }
        final double last = Math.exp(-curve.get(curve.size() - 1).seconds() / tau);
        return new Fit(a, noise * Math.sqrt(ee / determinant), a + b * last, -squares / (2 * noise * noise));
    }
}
