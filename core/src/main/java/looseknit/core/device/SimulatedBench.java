package looseknit.core.device;

import java.util.Random;
import looseknit.core.assay.Assay;
import looseknit.core.blend.Mix;
import looseknit.core.pot.Column;

/**
 * A bench with a scale and a salts meter that ship in place of real ones. What they read is the mix as it is predicted, off by what lots usually are off: the
 * same seed gives the same lots.
 */
public final class SimulatedBench {

    private static final double DENSITY_RELATIVE = 0.06;
    private static final double WATER = 0.025;
    private static final double SALTS_RELATIVE = 0.25;
    private static final double PH = 0.3;
    private static final double SCALE_STEP_G = 0.5;
    private static final double METER_STEP = 0.01;
    private static final double LEAST_PH = 2;
    private static final double MOST_PH = 12;

    /** How moist a heap is that nobody wetted for the test, of what it holds after draining. */
    private static final double DRIEST = 0.15;

    private static final double WETTEST = 0.8;

    private final Mix mix;
    private final double heavier;
    private final double wetter;
    private final double saltier;
    private final double ph;
    private final double asItLies;

    /**
     * A bench for a heap.
     *
     * @param seed tells its lots from others
     */
    public SimulatedBench(final Mix mix, final long seed) {
        final Random lots = new Random(seed);
        lots.nextGaussian();
        this.mix = mix;
        this.heavier = 1 + DENSITY_RELATIVE * lots.nextGaussian();
        this.wetter = WATER * lots.nextGaussian();
        this.saltier = Math.max(0.2, 1 + SALTS_RELATIVE * lots.nextGaussian());
        this.ph = PH * lots.nextGaussian();
        this.asItLies = DRIEST + (WETTEST - DRIEST) * lots.nextDouble();
    }

    /**
     * A handful of it for the probe.
     *
     * @param predictedPh what is predicted of its acidity
     * @param damped whether it was wetted and packed; else it is as moist as it happens to lie
     */
    public Sample handful(final double predictedPh, final boolean damped) {
        return Sample.of(
                mix, Math.max(LEAST_PH, Math.min(MOST_PH, predictedPh + ph)), damped ? Sample.DAMPED : asItLies);
    }

    /** The scale with so much of the dried mix on it. */
    public Scale dry(final double litres) {
        return () -> step(litres * mix.bulkDensityGPerL() * heavier, SCALE_STEP_G);
    }

    /** The scale with so much of the mix on it, soaked and drained in a container of this height. */
    public Scale wet(final double litres, final double heightCm) {
        final double water = Math.max(0.02, Column.free(heightCm, 1).containerCapacity(mix) + wetter);
        return () -> step(litres * (mix.bulkDensityGPerL() * heavier + 1000 * water), SCALE_STEP_G);
    }

    /** The meter in the water of a sample. */
    public SaltsMeter salts(final double predictedDsPerM, final Assay.Salts.Extract extract) {
        return () -> step(extract.shows(predictedDsPerM * saltier), METER_STEP);
    }

    private static double step(final double value, final double step) {
        return Math.rint(value / step) * step;
    }
}
