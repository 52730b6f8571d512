package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.assay.PhSpread;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.measure.Band;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The dose that brings a mix to a pH by a date.
 *
 * @param amendment what is given
 * @param gPerL dose [g per litre of finished mix]
 * @param grams dose for the batch [g]
 * @param atDate pH at the date
 * @param highest highest pH within a year
 * @param highestWeek week of the highest pH
 * @param overshootRisk chance that the pH rises above the upper end that was given, within a year, 0 to 1
 */
public record LimePlan(
        Amendment amendment,
        double gPerL,
        double grams,
        Estimate atDate,
        Estimate highest,
        double highestWeek,
        double overshootRisk) {

    /** Most of anything that is given [g/L]. */
    private static final double MOST_G_PER_L = 30;

    /** What most plants in pots take; common practice, no source. */
    private static final Band USUAL = new Band(5.5, 6.5);

    /** Time in which most limes have done most of their work. */
    private static final double USUAL_WEEKS = 8;

    private static final double[] WEEKS = {0.5, 1, 2, 3, 4, 6, 8, 12, 16, 20, 26, 39, 52};

    /** From this chance of too much on, the dose is better split; by judgement. */
    private static final double RISKY = 0.3;

    /** Less than this is nothing to weigh out [g/L]. */
    private static final double LEAST_G_PER_L = 0.005;

    /** Whether the chance of too much is high. */
    public boolean risky() {
        return overshootRisk >= RISKY;
    }

    /** What to do about a high chance of too much; empty if there is none, or nothing to give. */
    public Optional<Message> advice() {
        return risky() && gPerL >= LEAST_G_PER_L ? Optional.of(BatchSentence.SPLIT_THE_DOSE.with()) : Optional.empty();
    }

    /**
     * What is asked for.
     *
     * @param targetPh pH at the date, 3 to 9
     * @param weeks weeks from mixing to the date, 0.1 to 104
     * @param highestPh pH above which it is too much, not under the target
     * @param litres finished mix in the batch [L], 0.01 to 10,000
     */
    public record Goal(double targetPh, double weeks, double highestPh, double litres) {
        public Goal {
            within("goal.targetPh", targetPh, 3, 9, Limit.PH);
            within("goal.weeks", weeks, 0.1, 104, Limit.WEEKS);
            within("goal.highestPh", highestPh, targetPh, 14, Limit.PH_NOT_UNDER_THE_TARGET);
            within("goal.litres", litres, 0.01, 10_000, Limit.L);
        }
    }

    /**
     * The goal where nothing else is asked: the middle of what is wanted within two months, and never above it.
     *
     * @param wanted what is wanted; without a plant what most plants in pots take
     * @param targetPh another pH to reach, if one is asked for
     * @param weeks another time, if one is asked for
     * @param litres finished mix [L]
     */
    public static Goal goal(
            final Optional<Band> wanted,
            final OptionalDouble targetPh,
            final OptionalDouble weeks,
            final double litres) {
        final Band band = wanted.orElse(USUAL);
        final double target = targetPh.orElse((band.low() + band.high()) / 2);
        return new Goal(target, weeks.orElse(USUAL_WEEKS), Math.max(target, band.high()), litres);
    }

    /**
     * The mix that is dosed.
     *
     * @param mix the mix
     * @param acidity its acidity with the doses, warmth, water and feed that it has
     * @param beliefs what tests have shown
     * @param blend name of the blend among the tests
     * @param heap name of the heap among the tests; empty for a mix that is only planned
     */
    public record Subject(Mix mix, Acidity acidity, Beliefs beliefs, String blend, String heap) {

        /** A mix that is only planned. */
        public Subject(final Mix mix, final Acidity acidity, final Beliefs beliefs, final String blend) {
            this(mix, acidity, beliefs, blend, "");
        }

        /** The acidity from where tests have found it. */
        public Acidity corrected() {
            final double off = off().value();
            return acidity.from(Math.max(2, Math.min(12, acidity.plainPh() + off)));
        }

        private Estimate off() {
            return heap.isEmpty()
                    ? beliefs.correction(LotTrait.PH, mix, blend)
                    : beliefs.phOfHeap(
                            mix, blend, heap, PhSpread.dosesSd(mix, acidity.ph(0), acidity.ph(0) - acidity.plainPh()));
        }

        /** The pH of a heap as it lies there. */
        public Estimate now() {
            return new Estimate(acidity.ph(0) + off().value(), off().sd());
        }

        Estimate estimate(final Acidity dosed, final double ph) {
            if (!heap.isEmpty()) {
                final double moves = PhSpread.FINENESS_RELATIVE_SD * (ph - now().value());
                return new Estimate(ph, Math.hypot(off().sd(), moves));
            }
            final double sd = PhSpread.estimate(beliefs, mix, blend, ph, ph - dosed.plainPh())
                    .sd();
            return new Estimate(ph, sd);
        }
    }

    /**
     * Works out the dose of one amendment on top of the doses that are there.
     *
     * @throws OutOfRangeException if it cannot bring the mix there: it pulls the other way, or not far enough in time
     */
    public static LimePlan of(final Subject subject, final Amendment amendment, final Goal goal) {
        final Acidity acidity = subject.corrected();
        final DoubleUnaryOperator atDate = dose ->
                acidity.plus(new Recipe.Dose(amendment, Math.max(0, dose))).ph(goal.weeks());
        final double without = atDate.applyAsDouble(0);
        final double most = atDate.applyAsDouble(MOST_G_PER_L);
        if (goal.targetPh() < Math.min(without, most) || goal.targetPh() > Math.max(without, most)) {
            throw new OutOfRangeException(
                    "goal.targetPh",
                    ph(goal.targetPh()),
                    BatchSentence.AS_FAR_AS_IT_GOES.with(
                            ph(Math.min(without, most)),
                            ph(Math.max(without, most)),
                            amendment,
                            Quantity.of(Dimension.WEEKS, goal.weeks(), 0)));
        }
        final double gPerL =
                new BrentSolver(1e-9).solve(200, dose -> atDate.applyAsDouble(dose) - goal.targetPh(), 0, MOST_G_PER_L);
        final Acidity dosed = acidity.plus(new Recipe.Dose(amendment, Math.max(0, gPerL)));
        double highest = acidity.plainPh();
        double highestWeek = 0;
        for (final double week : WEEKS) {
            if (dosed.ph(week) > highest) {
                highest = dosed.ph(week);
                highestWeek = week;
            }
        }
        final Estimate peak = subject.estimate(dosed, highest);
        return new LimePlan(
                amendment,
                gPerL,
                gPerL * goal.litres(),
                subject.estimate(dosed, dosed.ph(goal.weeks())),
                peak,
                highestWeek,
                1 - new NormalDistribution(peak.value(), peak.sd()).cumulativeProbability(goal.highestPh()));
    }

    private static Quantity ph(final double ph) {
        return Quantity.of(Dimension.PH, ph, 1).bare();
    }
}
