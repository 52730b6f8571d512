package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import looseknit.core.care.Pace.Found;
import looseknit.core.care.Pace.Prior;
import looseknit.core.care.Pace.Seen;
import looseknit.core.care.Pace.Weighed;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Estimate;
import org.hipparchus.distribution.continuous.LogisticDistribution;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

class PaceTest {

    private static final Estimate EIGHT = new Estimate(8, 2.4);

    private static final Prior RECKONED = Prior.of(EIGHT);

    private static Pace after(final Seen... looks) {
        return Pace.learnt(RECKONED, List.of(looks));
    }

    private static Seen now(final double days, final Found found) {
        return new Seen(days, 8, found, 0, false);
    }

    @Test
    void withoutLooksItIsAsReckoned() {
        assertThat(after().factor()).isCloseTo(1, within(1e-9));
        assertThat(after().logSd()).isCloseTo(0.3, within(0.001));
        assertThat(Pace.of(EIGHT).expected(EIGHT)).isEqualTo(EIGHT);
    }

    @Test
    void stillMoistSaysOnlyThatItTakesLonger() {
        final Pace moist = after(now(9, Found.STILL_MOIST));

        assertThat(moist.factor()).isGreaterThan(1.1);
        assertThat(after(now(3, Found.STILL_MOIST)).factor()).isCloseTo(1, within(0.02));
        assertThat(after(now(40, Found.STILL_MOIST)).factor()).isLessThan(3);
    }

    @Test
    void soakingSaysThatItTakesMuchLonger() {
        assertThat(after(now(6, Found.SOAKING)).factor())
                .isGreaterThan(after(now(6, Found.STILL_MOIST)).factor());
    }

    @Test
    void boneDryEarlyMeansItDriesSooner() {
        assertThat(after(now(6, Found.BONE_DRY)).factor()).isLessThan(0.8);
        assertThat(after(now(6, Found.WANTED_WATER), now(6, Found.WANTED_WATER)).factor())
                .isBetween(0.55, 0.85);
    }

    @Test
    void theOrderOfLooksDoesNotMatter() {
        final Seen one = now(5, Found.STILL_MOIST);
        final Seen other = now(9, Found.WANTED_WATER);

        assertThat(after(one, other).factor()).isCloseTo(after(other, one).factor(), within(1e-12));
    }

    /**
     * A look never widens the range without a reason: weighed by how likely each answer is, what is known after a look is never less than before;
     * and where one answer widens it by a tenth and more, it was not the one that was clearly to be expected.
     */
    @Test
    void aLookNeverWidensTheRangeWithoutAReason() {
        final Random random = new Random(5);
        int surprises = 0;
        for (int pot = 0; pot < 40; pot++) {
            final double waits = 8 * Math.exp(0.3 * random.nextGaussian());
            final List<Seen> looks = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                final double days = 2 + random.nextInt(12);
                final Pace before = Pace.learnt(RECKONED, looks);
                double weighed = 0;
                for (final Found found : List.of(Found.STILL_MOIST, Found.WANTED_WATER, Found.BONE_DRY)) {
                    final List<Seen> with = new ArrayList<>(looks);
                    with.add(now(days, found));
                    final Pace after = Pace.learnt(RECKONED, with);
                    final double share = share(found, days, before);
                    weighed += share * after.logSd() * after.logSd();
                    if (after.logSd() > before.logSd() * 1.1) {
                        surprises++;
                        assertThat(share)
                                .as("%s after %s days at %s", found, days, before)
                                .isLessThan(0.6);
                    }
                }
                assertThat(Math.sqrt(weighed)).isLessThan(before.logSd() * 1.02);
                looks.add(look(waits, days, random));
            }
            assertThat(Pace.learnt(RECKONED, looks).logSd()).isLessThan(0.3);
        }
        assertThat(surprises).isPositive();
    }

    /** How likely an answer is to be expected, by what is known: pots drawn by it. */
    private static double share(final Found found, final double days, final Pace known) {
        final Random random = new Random(11);
        final int drawn = 1000;
        int told = 0;
        for (int i = 0; i < drawn; i++) {
            final double waits = 8 * known.factor() * Math.exp(known.logSd() * random.nextGaussian());
            told += look(waits, days, random).found() == found ? 1 : 0;
        }
        return (double) told / drawn;
    }

    @Test
    void whatWasLearntFadesWithTheSeasonsAndElsewhere() {
        final List<Seen> fresh = Collections.nCopies(8, new Seen(5, 8, Found.WANTED_WATER, 0, false));
        final List<Seen> old = Collections.nCopies(8, new Seen(5, 8, Found.WANTED_WATER, 39, false));
        final List<Seen> elsewhere = Collections.nCopies(8, new Seen(5, 8, Found.WANTED_WATER, 0, true));
        final Pace now = Pace.learnt(RECKONED, fresh);
        final Pace then = Pace.learnt(RECKONED, old);
        final Pace there = Pace.learnt(RECKONED, elsewhere);

        assertThat(Math.log(then.factor()) / Math.log(now.factor())).isCloseTo(0.5, within(0.03));
        assertThat(then.logSd()).isGreaterThan(2 * now.logSd()).isLessThan(RECKONED.logSd());
        assertThat(Math.log(there.factor()) / Math.log(now.factor())).isCloseTo(0.7, within(0.03));
        assertThat(there.logSd()).isGreaterThan(now.logSd());
    }

    @Test
    void theScaleSaysMoreThanTheFingerAndMoreWhenMuchIsGone() {
        final Pace finger = after(now(6, Found.WANTED_WATER));
        final Pace early = Pace.learnt(RECKONED, List.of(new Weighed(1.5, 2, 0.15, 0, false)));
        final Pace late = Pace.learnt(RECKONED, List.of(new Weighed(6, 8, 0.6, 0, false)));

        assertThat(late.factor()).isCloseTo(0.75, within(0.03));
        assertThat(late.logSd()).isLessThan(finger.logSd());
        assertThat(late.logSd()).isLessThan(early.logSd());
        assertThat(early.factor()).isBetween(late.factor(), 1.0);
    }

    @Test
    void aLookIsMeasuredByWhatWasPredictedThen() {
        final Pace atEight = Pace.learnt(RECKONED, List.of(new Seen(4, 8, Found.BONE_DRY, 0, false)));
        final Pace atFour = Pace.learnt(RECKONED, List.of(new Seen(2, 4, Found.BONE_DRY, 0, false)));

        assertThat(atEight).isEqualTo(atFour);
    }

    private static Seen look(final double waits, final double days, final Random random) {
        if (random.nextDouble() < 0.05) {
            return now(days, Found.values()[random.nextInt(3)]);
        }
        final double ratio = Math.log(days / waits) + 0.125 * random.nextGaussian();
        return now(days, ratio < 0 ? Found.STILL_MOIST : ratio < Math.log(1.35) ? Found.WANTED_WATER : Found.BONE_DRY);
    }

    /** Simulated pots on their own rounds: the true pace is found without bias, and four of five ranges hold it. */
    @Test
    void findsTheTruePaceOfSimulatedPots() {
        final Random random = new Random(20261127);
        final int pots = 300;
        double bias = 0;
        int held = 0;
        for (int pot = 0; pot < pots; pot++) {
            final double truth = Math.exp(0.3 * random.nextGaussian());
            final List<Seen> looks = new ArrayList<>();
            double since = 0;
            for (int i = 0; i < 20; i++) {
                final Estimate expected = Pace.learnt(RECKONED, looks).expected(EIGHT);
                since += since == 0
                        ? NextLook.afterWatering(expected, AllowableDepletion.HALF)
                                .inDays()
                        : NextLook.after(Answer.STILL_MOIST, expected, AllowableDepletion.HALF)
                                .inDays();
                final Seen seen = look(8 * truth, since, random);
                looks.add(seen);
                since = seen.found() == Found.STILL_MOIST ? since : 0;
            }
            final Pace learnt = Pace.learnt(RECKONED, looks);
            bias += Math.log(learnt.factor() / truth) / pots;
            held += learnt.low80() <= truth && truth <= learnt.high80() ? 1 : 0;
        }
        assertThat(Math.abs(bias)).isLessThan(0.03);
        assertThat((double) held / pots).isBetween(0.75, 0.85);
    }

    @Test
    void saysWhatItHasLearnt() {
        assertThat(new Pace(0.88, 0.05, 17, 0).words().code()).isEqualTo(CareSentence.SOONER);
        assertThat(new Pace(1.3, 0.05, 17, 0).words().code()).isEqualTo(CareSentence.LATER);
        assertThat(new Pace(1.02, 0.05, 17, 0).words().code()).isEqualTo(CareSentence.AS_RECKONED);
        assertThat(new Pace(0.5, 0.05, 2, 0).words().code()).isEqualTo(CareSentence.NOT_LEARNT_YET);
        assertThat(new Pace(0.8, 0.2, 2, 5).words().code()).isEqualTo(CareSentence.OTHERS_SOONER);
        assertThat(new Pace(1.2, 0.2, 0, 5).words().code()).isEqualTo(CareSentence.OTHERS_LATER);
        assertThat(new Pace(1, 0.2, 0, 5).words().code()).isEqualTo(CareSentence.OTHERS_AS_RECKONED);
    }

    /**
     * The same filter, written out with the distributions of a general library on the whole of the grid. What is taken to be nowhere, less than one part in
     * a million million millions, counts for less than a millionth of the result even where looks contradict each other as these do.
     */
    @Test
    void isWhatDistributionsOfALibraryComeTo() {
        final Random random = new Random(23);
        for (int pot = 0; pot < 20; pot++) {
            final List<Seen> looks = new ArrayList<>();
            int weeksAgo = 60;
            while (weeksAgo > 0) {
                final Found found = Found.values()[random.nextInt(Found.values().length)];
                looks.add(new Seen(1 + random.nextInt(15), 8, found, weeksAgo, weeksAgo > 30));
                weeksAgo -= random.nextInt(4);
            }
            final Pace learnt = Pace.learnt(RECKONED, looks);
            final double[] wanted = byLibrary(looks);
            assertThat(Math.log(learnt.factor())).isCloseTo(wanted[0], within(1e-6));
            assertThat(learnt.logSd()).isCloseTo(wanted[1], within(1e-6));
        }
    }

    /** Mean and standard deviation of the logarithm. */
    private static double[] byLibrary(final List<Seen> looks) {
        final double[] at = new double[121];
        double[] share = new double[at.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = 2.4 * (i - 60) / 60;
            share[i] = new NormalDistribution(RECKONED.log(), RECKONED.logSd()).density(at[i]);
        }
        Seen before = looks.get(0);
        for (final Seen look : looks) {
            share = faded(
                    share, at, before.weeksAgo() - look.weeksAgo(), before.stoodElsewhere() && !look.stoodElsewhere());
            for (int i = 0; i < at.length; i++) {
                share[i] *= 0.95 * told(look, at[i]) + 0.05 / 3;
            }
            before = look;
        }
        share = faded(share, at, before.weeksAgo(), before.stoodElsewhere());
        final double sum = DoubleStream.of(share).sum();
        double mean = 0;
        double square = 0;
        for (int i = 0; i < at.length; i++) {
            mean += share[i] / sum * at[i];
            square += share[i] / sum * at[i] * at[i];
        }
        return new double[] {mean, Math.sqrt(square - mean * mean)};
    }

    private static double told(final Seen look, final double log) {
        final var answers = new LogisticDistribution(0, 0.125 / 1.702);
        final double ratio = Math.log(look.days() / look.predictedDays()) - log;
        final double wants = answers.cumulativeProbability(ratio);
        final double bone = answers.cumulativeProbability(ratio - Math.log(1.35));
        return switch (look.found()) {
            case SOAKING -> 1 - answers.cumulativeProbability(ratio - Math.log(0.5));
            case STILL_MOIST -> 1 - wants;
            case WANTED_WATER -> wants - bone;
            case BONE_DRY -> bone;
        };
    }

    private static double[] faded(final double[] share, final double[] at, final int weeks, final boolean elsewhere) {
        final double holds = Math.pow(0.5, weeks / 39.0) * (elsewhere ? 0.7 : 1);
        if (holds == 1) {
            return share;
        }
        final double sd = Math.max(1e-3, RECKONED.logSd() * Math.sqrt(1 - holds * holds));
        final double[] faded = new double[at.length];
        for (int from = 0; from < at.length; from++) {
            final NormalDistribution round =
                    new NormalDistribution(RECKONED.log() + holds * (at[from] - RECKONED.log()), sd);
            final double[] goes = DoubleStream.of(at).map(round::density).toArray();
            final double all = DoubleStream.of(goes).sum();
            for (int i = 0; i < at.length; i++) {
                faded[i] += share[from] * goes[i] / all;
            }
        }
        return faded;
    }
}
