package looseknit.core.care;

import static looseknit.core.measure.Require.within;

import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * How fast a pot dries against what was reckoned, as its looks have shown: days until the plant wants water over the days that were
 * predicted. Worked out on a grid of its logarithm; a look that found the pot moist says no more than that it takes longer.
 *
 * <p>What people answer is taken to follow the ratio of the days since the last watering to the days that the plant can wait: below 1 mostly
 * still moist, below a half also soaking, above 1.35 mostly bone dry, blurred by an eighth, one answer in twenty by chance. What was learnt fades
 * with the seasons, by half in {@value #HALF_GONE_WEEKS} weeks, and where the pot was moved or set up anew. These figures are by judgement.
 *
 * @param factor best estimate, above 0
 * @param logSd standard deviation of its logarithm
 * @param looks how many looks it comes from
 * @param likePots how many pots like it have a part in it
 */
public record Pace(double factor, double logSd, int looks, int likePots) {

    /** What a look found. */
    public enum Found {
        /** Far from wanting water. */
        SOAKING,
        STILL_MOIST,
        WANTED_WATER,
        BONE_DRY
    }

    /** What was seen of how a pot dries. */
    public sealed interface Evidence {

        /** Whole weeks since. */
        int weeksAgo();

        /** Whether the pot stood elsewhere or was set up otherwise. */
        boolean stoodElsewhere();

        /** How likely it was, by the logarithm of the factor. */
        DoubleUnaryOperator likelihood();
    }

    /**
     * A look at a pot.
     *
     * @param days since the last watering, 0 to 400
     * @param predictedDays days from a watering until the plant wants water, as they were reckoned then
     * @param weeksAgo whole weeks since, from 0 on
     * @param stoodElsewhere whether the pot stood elsewhere or was set up otherwise
     */
    public record Seen(double days, double predictedDays, Found found, int weeksAgo, boolean stoodElsewhere)
            implements Evidence {
        public Seen {
            within("days", days, 0, 400, Limit.DAYS);
        }

        @Override
        public DoubleUnaryOperator likelihood() {
            final double waited = Pace.log(days, predictedDays);
            return log -> {
                final double falls = Math.exp(-LOGISTIC * (waited - log) / BLUR);
                final double wants = 1 / (1 + falls);
                final double bone = 1 / (1 + falls * BONE_DRY_LATER);
                final double told = switch (found) {
                    case SOAKING -> falls / (falls + SOAKING_SOONER);
                    case STILL_MOIST -> 1 - wants;
                    case WANTED_WATER -> wants - bone;
                    case BONE_DRY -> bone;
                };
                return (1 - BY_CHANCE) * told + BY_CHANCE / ANSWERS;
            };
        }
    }

    /**
     * A pot that was put on a scale.
     *
     * @param days since the last watering, 0 to 400
     * @param predictedDays days after which it was reckoned to weigh so much
     * @param gone share of the usable water that is gone, above 0: the less is gone, the less it says
     */
    public record Weighed(double days, double predictedDays, double gone, int weeksAgo, boolean stoodElsewhere)
            implements Evidence {
        public Weighed {
            within("days", days, 0, 400, Limit.DAYS);
        }

        @Override
        public DoubleUnaryOperator likelihood() {
            final double waited = Pace.log(days, predictedDays);
            final double sd = Math.hypot(WEIGHED_BLUR, GONE_BLUR / Math.max(GONE_BLUR, gone));
            return log -> {
                final double off = waited - log;
                return (1 - BY_MISTAKE) * Math.exp(-0.5 * off * off / (sd * sd)) + BY_MISTAKE / ANSWERS;
            };
        }
    }

    /**
     * What is taken to hold before a pot is looked at.
     *
     * @param log logarithm of the factor
     * @param logSd its standard deviation, above 0
     * @param pots how many pots like it say so
     */
    public record Prior(double log, double logSd, int pots) {

        /** As reckoned. */
        public static Prior of(final Estimate predictedDays) {
            final double sd = predictedDays.sd() / Math.max(LEAST_DAYS, predictedDays.value());
            return new Prior(0, Math.max(LEAST_LOG_SD, Math.min(MOST_LOG_SD, sd)), 0);
        }
    }

    private static final int HALF_STEPS = 60;
    private static final double WIDEST_LOG = 2.4;
    private static final double BONE_DRY_AT = Math.log(1.35);
    private static final double SOAKING_TO = Math.log(0.5);
    private static final double BLUR = 0.125;
    private static final double BY_CHANCE = 0.05;
    private static final int ANSWERS = 3;

    /** What a scale says of the days is off by so much, and what is gone by so much of all usable water: the plant has grown, the saucer is wet. */
    private static final double BY_MISTAKE = 0.01;

    private static final double WEIGHED_BLUR = 0.08;

    private static final double GONE_BLUR = 0.04;

    /** The logistic curve of such a slope lies within a hundredth of the normal one; a tenth of its cost. */
    private static final double LOGISTIC = 1.702;

    private static final double BONE_DRY_LATER = Math.exp(LOGISTIC * BONE_DRY_AT / BLUR);

    private static final double SOAKING_SOONER = Math.exp(-LOGISTIC * SOAKING_TO / BLUR);

    /** Weeks in which half of what was learnt goes. */
    static final int HALF_GONE_WEEKS = 39;

    /** Share of what was learnt that holds in another place or set-up. */
    private static final double HOLDS_ELSEWHERE = 0.7;

    /** Within a day nobody tells sooner from later: looks are dated by days. */
    private static final double LEAST_DAYS = 0.5;

    /** A prediction is never taken to be surer than this, nor less sure than that. */
    private static final double LEAST_LOG_SD = 0.1;

    private static final double MOST_LOG_SD = 0.8;

    /** A shift that is worth words. */
    private static final double WORTH_A_WORD = 0.05;

    /** From so many looks, or so many pots like it, on it is spoken of. */
    private static final int FEWEST = 3;

    private static final double LEAST_SPREAD = 1e-3;

    /** Less than this is nowhere. */
    private static final double LEAST_SHARE = 1e-18;

    /** Standard deviations beyond which a bell has less than that. */
    private static final double FAR_OUT = 9.1;

    /** As reckoned, as nothing has been seen yet. */
    public static Pace of(final Estimate predictedDays) {
        return of(Prior.of(predictedDays));
    }

    /** As pots like it have shown. */
    public static Pace of(final Prior prior) {
        return new Pace(Math.exp(prior.log()), prior.logSd(), 0, prior.pots());
    }

    /** The pace of a pot by all its looks, on top of what was taken to hold before. */
    public static Pace learnt(final Prior prior, final List<? extends Evidence> looks) {
        if (looks.isEmpty()) {
            return of(prior);
        }
        final Grid grid = new Grid(prior);
        final List<? extends Evidence> inOrder = looks.stream()
                .sorted(Comparator.comparingInt(Evidence::weeksAgo).reversed())
                .toList();
        Evidence before = inOrder.get(0);
        for (final Evidence look : inOrder) {
            grid.fade(before.weeksAgo() - look.weeksAgo(), before.stoodElsewhere() && !look.stoodElsewhere());
            grid.see(look);
            before = look;
        }
        grid.fade(before.weeksAgo(), before.stoodElsewhere());
        return grid.pace(looks.size());
    }

    /** How likely each factor is, on a grid of its logarithm. */
    private static final class Grid {

        private static final double STEP = WIDEST_LOG / HALF_STEPS;

        private final Prior prior;

        private double[] share = new double[2 * HALF_STEPS + 1];

        Grid(final Prior prior) {
            this.prior = prior;
            for (int i = 0; i < share.length; i++) {
                share[i] = bell(at(i) - prior.log(), prior.logSd());
            }
        }

        private static double at(final int step) {
            return STEP * (step - HALF_STEPS);
        }

        private static double bell(final double off, final double sd) {
            return Math.exp(-0.5 * off * off / (sd * sd));
        }

        void see(final Evidence look) {
            final DoubleUnaryOperator likely = look.likelihood();
            double sum = 0;
            for (int i = 0; i < share.length; i++) {
                share[i] *= likely.applyAsDouble(at(i));
                sum += share[i];
            }
            for (int i = 0; i < share.length; i++) {
                share[i] /= sum;
            }
        }

        /** Some time passes, or the pot comes to stand elsewhere: back towards what held before anything was seen, and wider. */
        void fade(final int weeks, final boolean elsewhere) {
            final double holds = Math.pow(0.5, (double) weeks / HALF_GONE_WEEKS) * (elsewhere ? HOLDS_ELSEWHERE : 1);
            if (holds == 1) {
                return;
            }
            final double sd = Math.max(LEAST_SPREAD, prior.logSd() * Math.sqrt(1 - holds * holds));
            final Bell bell = new Bell(sd);
            final double[] faded = new double[share.length];
            for (int from = 0; from < share.length; from++) {
                if (share[from] >= LEAST_SHARE) {
                    bell.spread(share[from], prior.log() + holds * (at(from) - prior.log()), faded);
                }
            }
            share = faded;
        }

        Pace pace(final int looks) {
            double sum = 0;
            double mean = 0;
            double square = 0;
            for (int i = 0; i < share.length; i++) {
                sum += share[i];
                mean += share[i] * at(i);
                square += share[i] * at(i) * at(i);
            }
            mean /= sum;
            return new Pace(Math.exp(mean), Math.sqrt(Math.max(1e-6, square / sum - mean * mean)), looks, prior.pots());
        }
    }

    /**
     * A normal curve on the steps of the grid, only as far as there is anything of it. From one step to the next it falls by a factor that
     * itself falls by a constant one, so it takes two exponentials, not one for each step.
     */
    private static final class Bell {

        private final double variance;
        private final double fallsBy;
        private final int reach;
        private final double[] heights;

        Bell(final double sd) {
            variance = sd * sd;
            fallsBy = Math.exp(-Grid.STEP * Grid.STEP / variance);
            reach = 1 + (int) Math.ceil(FAR_OUT * sd / Grid.STEP);
            heights = new double[2 * HALF_STEPS + 1];
        }

        /** A share goes round a middle. */
        void spread(final double part, final double middle, final double[] onto) {
            final int last = heights.length - 1;
            final int nearest = Math.max(0, Math.min(last, (int) Math.round(middle / Grid.STEP) + HALF_STEPS));
            final double off = Grid.at(nearest) - middle;
            final int from = Math.max(0, nearest - reach);
            final int to = Math.min(last, nearest + reach);
            heights[nearest] = 1;
            double sum = 1;
            sum += side(nearest, to, 1, Math.exp(-(off * Grid.STEP + Grid.STEP * Grid.STEP / 2) / variance));
            sum += side(nearest, from, -1, Math.exp((off * Grid.STEP - Grid.STEP * Grid.STEP / 2) / variance));
            final double scale = part / sum;
            for (int i = from; i <= to; i++) {
                onto[i] += scale * heights[i];
            }
        }

        private double side(final int nearest, final int end, final int way, final double first) {
            double sum = 0;
            double factor = first;
            for (int i = nearest; i != end; ) {
                heights[i + way] = heights[i] * factor;
                factor *= fallsBy;
                i += way;
                sum += heights[i];
            }
            return sum;
        }
    }

    private static double log(final double days, final double predictedDays) {
        return Math.log(Math.max(LEAST_DAYS, days) / Math.max(LEAST_DAYS, predictedDays));
    }

    /** Days until the plant wants water, as they are to be expected of this pot. */
    public Estimate expected(final Estimate predictedDays) {
        return looks == 0 && likePots == 0
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
        final boolean byOthers = looks < FEWEST && likePots >= FEWEST;
        if (looks < FEWEST && !byOthers) {
            return CareSentence.NOT_LEARNT_YET.with(looks);
        }
        final Quantity by = Quantity.of(Dimension.SHARE, Math.abs(factor - 1), 0);
        if (Math.abs(factor - 1) < WORTH_A_WORD) {
            return byOthers ? CareSentence.OTHERS_AS_RECKONED.with(likePots) : CareSentence.AS_RECKONED.with(looks);
        }
        if (byOthers) {
            return (factor < 1 ? CareSentence.OTHERS_SOONER : CareSentence.OTHERS_LATER).with(by, likePots);
        }
        return (factor < 1 ? CareSentence.SOONER : CareSentence.LATER).with(by, looks);
    }
}
