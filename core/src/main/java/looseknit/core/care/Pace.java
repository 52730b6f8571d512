package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.util.List;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * How fast a pot dries against what was reckoned, as its looks have shown: days until the plant wants water over the days that were
 * predicted. Worked out exactly on a grid of its logarithm; a look that found the pot moist says no more than that it takes longer.
 *
 * <p>What people answer is taken to follow the ratio of the days since the last watering to the days that the plant can wait: below 1 mostly
 * still moist, below a half also soaking, above 1.35 mostly bone dry, blurred by an eighth, one answer in twenty by chance. These figures are by judgement.
 *
 * @param factor best estimate, above 0
 * @param logSd standard deviation of its logarithm
 * @param looks how many looks it comes from
 */
public record Pace(double factor, double logSd, int looks) {

    /** What a look found. */
    public enum Found {
        /** Far from wanting water. */
        SOAKING,
        STILL_MOIST,
        WANTED_WATER,
        BONE_DRY
    }

    /**
     * A look at a pot.
     *
     * @param days since the last watering, 0 to 400
     */
    public record Seen(double days, Found found) {
        public Seen {
            within("days", days, 0, 400, Limit.DAYS);
        }
    }

    private static final int HALF_STEPS = 60;
    private static final double WIDEST_LOG = 2.4;
    private static final double BONE_DRY_AT = Math.log(1.35);
    private static final double SOAKING_TO = Math.log(0.5);
    private static final double BLUR = 0.125;
    private static final double BY_CHANCE = 0.05;
    private static final int ANSWERS = 3;

    private static final double LOGISTIC = 1.702;

    /** Within a day nobody tells sooner from later: looks are dated by days. */
    private static final double LEAST_DAYS = 0.5;

    /** A prediction is never taken to be surer than this, nor less sure than that. */
    private static final double LEAST_LOG_SD = 0.1;

    private static final double MOST_LOG_SD = 0.8;

    /** A shift that is worth words. */
    private static final double WORTH_A_WORD = 0.05;

    /** From so many looks on it is spoken of. */
    private static final int FEWEST_LOOKS = 3;

    /** As reckoned, as nothing has been seen yet. */
    public static Pace of(final Estimate predictedDays) {
        return new Pace(1, priorLogSd(predictedDays), 0);
    }

    private static double priorLogSd(final Estimate predictedDays) {
        return Math.max(
                LEAST_LOG_SD, Math.min(MOST_LOG_SD, predictedDays.sd() / Math.max(LEAST_DAYS, predictedDays.value())));
    }

    /** The pace of a pot that was predicted to want water after some days, by all its looks. */
    public static Pace learnt(final Estimate predictedDays, final List<Seen> looks) {
        final double prior = priorLogSd(predictedDays);
        final double predicted = Math.log(Math.max(LEAST_DAYS, predictedDays.value()));
        final double[] weight = new double[2 * HALF_STEPS + 1];
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < weight.length; i++) {
            final double log = at(i);
            weight[i] = -0.5 * log * log / (prior * prior);
            for (final Seen look : looks) {
                weight[i] += Math.log(likelihood(look, predicted + log));
            }
            most = Math.max(most, weight[i]);
        }
        double sum = 0;
        double mean = 0;
        double square = 0;
        for (int i = 0; i < weight.length; i++) {
            final double share = Math.exp(weight[i] - most);
            sum += share;
            mean += share * at(i);
            square += share * at(i) * at(i);
        }
        mean /= sum;
        return new Pace(Math.exp(mean), Math.sqrt(Math.max(1e-6, square / sum - mean * mean)), looks.size());
    }

    private static double at(final int step) {
        return WIDEST_LOG * (step - HALF_STEPS) / HALF_STEPS;
    }

    /** How likely an answer is if the plant can wait so long. */
    private static double likelihood(final Seen look, final double logDays) {
        final double ratio = Math.log(Math.max(LEAST_DAYS, look.days())) - logDays;
        final double wants = normal(ratio / BLUR);
        final double bone = normal((ratio - BONE_DRY_AT) / BLUR);
        final double told = switch (look.found()) {
            case SOAKING -> 1 - normal((ratio - SOAKING_TO) / BLUR);
            case STILL_MOIST -> 1 - wants;
            case WANTED_WATER -> wants - bone;
            case BONE_DRY -> bone;
        };
        return (1 - BY_CHANCE) * told + BY_CHANCE / ANSWERS;
    }

    /** The logistic curve that lies within a hundredth of the normal one; a tenth of its cost. */
    private static double normal(final double value) {
        return 1 / (1 + Math.exp(-LOGISTIC * value));
    }

    /** Days until the plant wants water, as they are to be expected of this pot. */
    public Estimate expected(final Estimate predictedDays) {
        return looks == 0
                ? predictedDays
                : new Estimate(predictedDays.value() * factor, predictedDays.value() * factor * logSd);
    }

    /** Lower end of the range in which the factor lies in four cases of five. */
    public double low80() {
        return factor * Math.exp(-Estimate.Z80 * logSd);
    }

    /** Upper end of that range. */
    public double high80() {
        return factor * Math.exp(Estimate.Z80 * logSd);
    }

    /** What has been learnt, in words. */
    public Message words() {
        if (looks < FEWEST_LOOKS) {
            return CareSentence.NOT_LEARNT_YET.with(looks);
        }
        final Quantity by = Quantity.of(Dimension.SHARE, Math.abs(factor - 1), 0);
        if (Math.abs(factor - 1) < WORTH_A_WORD) {
            return CareSentence.AS_RECKONED.with(looks);
        }
        return (factor < 1 ? CareSentence.SOONER : CareSentence.LATER).with(by, looks);
    }
}
