package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import looseknit.core.care.Pace.Found;
import looseknit.core.care.Pace.Seen;
import looseknit.core.measure.Estimate;
import org.junit.jupiter.api.Test;

class PaceTest {

    private static final Estimate EIGHT = new Estimate(8, 2.4);

    private static Pace after(final Seen... looks) {
        return Pace.learnt(EIGHT, List.of(looks));
    }

    @Test
    void withoutLooksItIsAsReckoned() {
        assertThat(after().factor()).isCloseTo(1, within(1e-9));
        assertThat(after().logSd()).isCloseTo(0.3, within(0.001));
        assertThat(Pace.of(EIGHT).expected(EIGHT)).isEqualTo(EIGHT);
    }

    @Test
    void stillMoistSaysOnlyThatItTakesLonger() {
        final Pace moist = after(new Seen(9, Found.STILL_MOIST));

        assertThat(moist.factor()).isGreaterThan(1.1);
        assertThat(after(new Seen(3, Found.STILL_MOIST)).factor()).isCloseTo(1, within(0.02));
        assertThat(after(new Seen(40, Found.STILL_MOIST)).factor()).isLessThan(3);
    }

    @Test
    void soakingSaysThatItTakesMuchLonger() {
        assertThat(after(new Seen(6, Found.SOAKING)).factor())
                .isGreaterThan(after(new Seen(6, Found.STILL_MOIST)).factor());
    }

    @Test
    void boneDryEarlyMeansItDriesSooner() {
        assertThat(after(new Seen(6, Found.BONE_DRY)).factor()).isLessThan(0.8);
        assertThat(after(new Seen(6, Found.WANTED_WATER), new Seen(6, Found.WANTED_WATER))
                        .factor())
                .isBetween(0.55, 0.85);
    }

    @Test
    void theOrderOfLooksDoesNotMatter() {
        final Seen one = new Seen(5, Found.STILL_MOIST);
        final Seen other = new Seen(9, Found.WANTED_WATER);

        assertThat(after(one, other).factor()).isCloseTo(after(other, one).factor(), within(1e-12));
    }

    /** One more look of the usual kind leaves the range narrower on average, and never much wider. */
    @Test
    void moreLooksNarrowTheRange() {
        final Random random = new Random(5);
        double widest = 0;
        for (int pot = 0; pot < 60; pot++) {
            final double waits = 8 * Math.exp(0.3 * random.nextGaussian());
            final List<Seen> looks = new ArrayList<>();
            double before = Pace.learnt(EIGHT, looks).logSd();
            for (int i = 0; i < 12; i++) {
                looks.add(look(waits, 4 + random.nextInt(8), random));
                final double now = Pace.learnt(EIGHT, looks).logSd();
                widest = Math.max(widest, now / before);
                before = now;
            }
            assertThat(before).isLessThan(0.3);
        }
        assertThat(widest).isLessThan(2.5);
    }

    private static Seen look(final double waits, final double days, final Random random) {
        if (random.nextDouble() < 0.05) {
            return new Seen(days, Found.values()[random.nextInt(3)]);
        }
        final double ratio = Math.log(days / waits) + 0.125 * random.nextGaussian();
        return new Seen(
                days, ratio < 0 ? Found.STILL_MOIST : ratio < Math.log(1.35) ? Found.WANTED_WATER : Found.BONE_DRY);
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
                final Estimate expected = Pace.learnt(EIGHT, looks).expected(EIGHT);
                since += since == 0
                        ? NextLook.afterWatering(expected).inDays()
                        : NextLook.after(Answer.STILL_MOIST, expected).inDays();
                final Seen seen = look(8 * truth, since, random);
                looks.add(seen);
                since = seen.found() == Found.STILL_MOIST ? since : 0;
            }
            final Pace learnt = Pace.learnt(EIGHT, looks);
            bias += Math.log(learnt.factor() / truth) / pots;
            held += learnt.low80() <= truth && truth <= learnt.high80() ? 1 : 0;
        }
        assertThat(Math.abs(bias)).isLessThan(0.03);
        assertThat((double) held / pots).isBetween(0.75, 0.85);
    }

    @Test
    void saysWhatItHasLearnt() {
        assertThat(new Pace(0.88, 0.05, 17).words().code()).isEqualTo(CareSentence.SOONER);
        assertThat(new Pace(1.3, 0.05, 17).words().code()).isEqualTo(CareSentence.LATER);
        assertThat(new Pace(1.02, 0.05, 17).words().code()).isEqualTo(CareSentence.AS_RECKONED);
        assertThat(new Pace(0.5, 0.05, 2).words().code()).isEqualTo(CareSentence.NOT_LEARNT_YET);
    }
}
