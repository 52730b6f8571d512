package looseknit.core.device;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import looseknit.core.assay.Assay;
import looseknit.core.assay.AssaySentence;
import looseknit.core.blend.Mix;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ProbeTest {

    private static final Mix MIX = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));

    private static List<Drift.Point> curve(final Probe probe, final double until) {
        final List<Drift.Point> curve = new ArrayList<>();
        for (double second = 0; second <= until; second += 5) {
            curve.add(new Drift.Point(second, probe.at(second).ph()));
        }
        return curve;
    }

    private static double shown(final Sample sample, final long seed) {
        return Drift.of(curve(new SimulatedProbe(sample, seed), 900)).end().value();
    }

    /** Common practice, no source: a reading that begins near 7, passes 6.2 and ends at 5.8 takes about ten minutes. */
    @Test
    void driftsToItsReadingOverTenMinutes() {
        final Probe probe = new SimulatedProbe(new Sample(5.8, 0.4, 0.6, 0), 3);

        assertThat(probe.at(0).ph()).isBetween(7.0, 7.4);
        assertThat(probe.at(600).ph() - probe.at(1200).ph()).isBetween(-0.05, 0.08);
        assertThat(probe.at(150).ph() - probe.at(1200).ph()).isBetween(0.3, 0.55);
    }

    @Test
    void twoBuffersTakeOutOffsetAndSlope() {
        final Calibration calibration = Calibration.of(shown(Sample.buffer(7), 1), shown(Sample.buffer(4), 2));

        assertThat(calibration.offset()).isCloseTo(0.22, within(0.03));
        assertThat(calibration.slope()).isCloseTo(0.93, within(0.02));
        assertThat(calibration.wornOut()).isFalse();
        assertThat(calibration.corrected(shown(new Sample(5.3, 0.4, 0.6, 0), 9)))
                .isCloseTo(5.3, within(0.05));
        assertThat(Calibration.NONE.corrected(5.3)).isEqualTo(5.3);
    }

    @ParameterizedTest
    @CsvSource({"7, 6.8", "4.5, 4", "9.5, 4", "7, 1"})
    void whatCannotBeABufferIsRefused(final double seven, final double four) {
        assertThatThrownBy(() -> Calibration.of(seven, four)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aFlatProbeIsWornOut() {
        assertThat(Calibration.of(7, 4.6).wornOut()).isTrue();
    }

    /** Of 200 curves the end lies within two and a half spreads nearly always, at every time; and it is known ever better. */
    @ParameterizedTest
    @ValueSource(doubles = {90, 180, 300, 600})
    void saysWhereACurveGoesWithAnHonestRange(final double until) {
        final Random random = new Random(7);
        int within = 0;
        for (int i = 0; i < 200; i++) {
            final double ph = 3.8 + 3.5 * random.nextDouble();
            final Drift.State state =
                    Drift.of(curve(new SimulatedProbe(new Sample(ph, 0.4, 0.6, 0), random.nextLong()), until));
            final double end = Calibration.NEUTRAL + 0.22 + 0.93 * (ph - Calibration.NEUTRAL);
            if (Math.abs(state.end().value() - end) < 2.5 * state.end().sd()) {
                within++;
            }
        }
        assertThat(within).isGreaterThan(188);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void hasSettledWhenTheCurveHasAndNotBefore(final long seed) {
        final Probe probe = new SimulatedProbe(new Sample(5.2, 0.4, 0.6, 0), seed);
        final double end = probe.at(3600).ph();
        boolean settled = false;
        for (double until = 30; until <= 1200; until += 30) {
            final Drift.State state = Drift.of(curve(probe, until));
            if (state.settled()) {
                settled = true;
                assertThat(state.now()).as("after %f s", until).isCloseTo(end, within(0.1));
            }
        }
        assertThat(settled).isTrue();
        assertThat(Drift.of(curve(probe, 60)).settled()).isFalse();
        assertThat(Drift.of(curve(probe, 30)).foreseen()).isFalse();
        assertThat(Drift.of(curve(probe, 900)).foreseen()).isTrue();
    }

    static List<Long> seeds() {
        return new Random(3).longs(10).boxed().toList();
    }

    @Test
    void aFewShowingsSayNothing() {
        assertThat(Drift.of(List.of()).says()).isFalse();
        assertThat(Drift.of(curve(new SimulatedProbe(Sample.buffer(4), 1), 20)).says())
                .isFalse();
        assertThat(Drift.of(curve(new SimulatedProbe(Sample.buffer(7), 1), 300)).settled())
                .isTrue();
    }

    @Test
    void refusesWhatIsDryOrStony() {
        assertThat(Sample.of(MIX, 5, Sample.DAMPED).refused()).isEmpty();
        assertThat(Sample.of(MIX, 5, 0.1).refused()).contains(AssaySentence.SAMPLE_TOO_DRY.with());
        assertThat(Sample.of(Mix.of(recipe("orch_coarse 3 pumice_coarse 2")), 6, Sample.DAMPED)
                        .refused())
                .contains(AssaySentence.SAMPLE_TOO_STONY.with());
        assertThat(Sample.buffer(7).refused()).isEmpty();
    }

    /** What the bench weighs is what its figures say: read back, they come near what is predicted. */
    @Test
    void theBenchWeighsAMixThatIsALittleOff() {
        final SimulatedBench bench = new SimulatedBench(MIX, 11);
        final double dry = bench.dry(1).grams();
        final double wet = bench.wet(1, 12).grams();

        assertThat(dry / MIX.bulkDensityGPerL()).isBetween(0.75, 1.25);
        assertThat((wet - dry) / 1000).isCloseTo(Column.free(12, 1).containerCapacity(MIX), within(0.1));
        assertThat(dry * 2).isEqualTo(Math.rint(dry * 2));
        assertThat(new SimulatedBench(MIX, 11).dry(1).grams()).isEqualTo(dry);
        assertThat(bench.salts(1, Assay.Salts.Extract.SLURRY).dsPerM()).isBetween(0.05, 0.8);
        assertThat(bench.handful(5, true).ph()).isCloseTo(5, within(1.2));
        assertThat(bench.handful(5, true).refused()).isEmpty();
        assertThat(bench.handful(5, false).water())
                .isBetween(0.1 * bench.handful(5, false).holds(), 0.85);
    }
}
