package looseknit.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import looseknit.core.blend.Spheres;
import looseknit.core.proof.CheckValues.Check;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CheckValuesTest {

    @ParameterizedTest
    @MethodSource("values")
    void meets(final Check check) {
        assertThat(check.computed().getAsDouble()).isCloseTo(check.expected(), within(check.tolerance()));
    }

    /**
     * McGeary (1961), vibrated shot of two sizes at the best share of fines, from memory within 0.015. Known limit: compacted as
     * vibrated (K = 9) the model is off by 0.017 at small ratios and falls up to 0.04 short at large ones.
     */
    @ParameterizedTest
    @CsvSource({
        "3.44, .700, .717",
        "4.76, .725, .735",
        "6.54, .760, .750",
        "11.3, .785, .769",
        "16.5, .800, .779",
        "19.1, .815, .782",
        "77.5, .840, .801"
    })
    void twoSizesOfShot(final double ratio, final double published, final double expected) {
        final double best = IntStream.rangeClosed(15, 50)
                .mapToDouble(percent -> Spheres.packing(
                        new double[] {ratio, 1}, new double[] {1 - percent / 100.0, percent / 100.0}, 9))
                .max()
                .orElseThrow();

        assertThat(best).isCloseTo(expected, within(0.002)).isCloseTo(published, within(0.04));
    }

    /** McGeary (1961), three sizes 77:7:1, about .90, from memory. Known limit: the model reaches .836, 0.064 too little. */
    @Test
    void threeSizesOfShotFallShort() {
        double best = 0;
        for (int middle = 5; middle <= 40; middle++) {
            for (int fine = 5; fine <= 40; fine++) {
                best = Math.max(
                        best,
                        Spheres.packing(
                                new double[] {77, 7, 1},
                                new double[] {1 - (middle + fine) / 100.0, middle / 100.0, fine / 100.0},
                                9));
            }
        }

        assertThat(best).isCloseTo(0.836, within(0.002)).isLessThan(0.90);
    }

    /** Bounds of De Boodt and Verdonck (1972) for an ideal medium, from memory: peat and perlite come near, sand does not. */
    @ParameterizedTest
    @CsvSource({"peat 3 perlite_med 1, true", "sand_coarse 1, false", "orch_coarse 1, false"})
    void idealMedium(final String parts, final boolean ideal) {
        final var mix = looseknit.core.blend.Mix.of(looseknit.core.Materials.recipe(parts));
        final boolean meets = mix.totalPorosity() > .85
                && mix.totalPorosity() - mix.waterAt(10) >= .20
                && mix.easilyAvailableWater() >= .20
                && mix.waterBufferingCapacity() >= .035;

        assertThat(meets).isEqualTo(ideal);
    }

    static List<Check> values() {
        return CheckValues.all();
    }
}
