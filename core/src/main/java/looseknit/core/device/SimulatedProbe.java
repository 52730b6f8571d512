package looseknit.core.device;

import java.util.Random;

/**
 * A probe that ships with the application in place of a real one: it comes from neutral, drifts towards what it reads over about ten minutes, is off by a
 * little and a little flat, as cheap probes are, and trembles. The same seed gives the same probe; readings depend on nothing but the time since it was
 * pushed in.
 *
 * @param sample what it is pushed into
 * @param seed tells one pushing in from another
 */
public record SimulatedProbe(Sample sample, long seed) implements Probe {

    /** Where its drift begins: it is kept in water. */
    private static final double STARTS_AT = 7;

    /** The drift loses two thirds in this time [s], so that a fiftieth is left after ten minutes. */
    private static final double DRIFT_S = 150;

    /** How this probe is off: added at neutral, and times every step away from it. */
    private static final double OFFSET = 0.22;

    private static final double SLOPE = 0.93;

    /** How much a reading trembles. */
    private static final double NOISE_PH = 0.015;

    private static final double NOISE_WATER = 0.01;

    @Override
    public Showing at(final double seconds) {
        final Random tremble = new Random(seed * 31 + Math.round(seconds * 10));
        tremble.nextGaussian();
        final double felt = sample.ph() + (STARTS_AT - sample.ph()) * Math.exp(-Math.max(0, seconds) / DRIFT_S);
        return new Showing(
                Calibration.NEUTRAL + OFFSET + SLOPE * (felt - Calibration.NEUTRAL) + NOISE_PH * tremble.nextGaussian(),
                Math.max(0, Math.min(1, sample.water() + NOISE_WATER * tremble.nextGaussian())));
    }
}
