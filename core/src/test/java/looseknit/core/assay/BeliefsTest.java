package looseknit.core.assay;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import looseknit.core.blend.Mix;
import looseknit.core.blend.RandomRecipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class BeliefsTest {

    private static final Mix PORCH = Mix.of(recipe("peat 3 perlite_med 1"));
    private static final Mix SILL = Mix.of(recipe("peat 1 pumice_med 1"));
    private static final Mix BARKY = Mix.of(recipe("orch_med 3 charcoal_coarse 1"));

    /** One property of one blend: the textbook's k = σp²/(σp² + σm²). */
    @Test
    void oneFindingMovesByTheGain() {
        final Beliefs before = Beliefs.UNTESTED;
        final double prior = before.correction(LotTrait.AIR, PORCH, "porch").sd();
        final var after =
                before.after(Finding.air(0.20, 0.30, 0.03), PORCH, "porch").correction(LotTrait.AIR, PORCH, "porch");
        final double gain = prior * prior / (prior * prior + 0.03 * 0.03);

        assertThat(after.value()).isCloseTo(gain * 0.10, within(1e-12));
        assertThat(after.sd()).isCloseTo(Math.sqrt(1 - gain) * prior, within(1e-12));
    }

    @Test
    void aSharedMaterialCarriesTheCorrectionToOtherBlends() {
        final Beliefs after = Beliefs.UNTESTED.after(Finding.air(0.20, 0.30, 0.03), PORCH, "porch");

        assertThat(after.correction(LotTrait.AIR, SILL, "sill").value()).isGreaterThan(0.005);
        assertThat(after.correction(LotTrait.AIR, SILL, "sill").sd())
                .isLessThan(
                        Beliefs.UNTESTED.correction(LotTrait.AIR, SILL, "sill").sd());
        assertThat(after.correction(LotTrait.AIR, BARKY, "barky").value()).isZero();
        assertThat(after.materialCorrection(LotTrait.AIR, material("peat")).value())
                .isGreaterThan(after.materialCorrection(LotTrait.AIR, material("perlite_med"))
                        .value());
    }

    @Test
    void waterIsPoresLessAir() {
        final Beliefs after = Beliefs.UNTESTED
                .after(Finding.porosity(0.90, 0.86, 0.03), PORCH, "porch")
                .after(Finding.air(0.20, 0.25, 0.03), PORCH, "porch");

        assertThat(after.waterCorrection(PORCH, "porch").value())
                .isCloseTo(
                        after.correction(LotTrait.POROSITY, PORCH, "porch").value()
                                - after.correction(LotTrait.AIR, PORCH, "porch").value(),
                        within(1e-12));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noIntervalEverWidens(final long seed) {
        final Random random = new Random(seed);
        final RandomRecipes recipes = new RandomRecipes(seed);
        final List<Mix> mixes = List.of(
                Mix.of(recipes.next(2, 5)), Mix.of(recipes.next(2, 5)), Mix.of(recipes.next(2, 5)), PORCH, SILL);
        Beliefs beliefs = Beliefs.UNTESTED;
        for (int test = 0; test < 12; test++) {
            final int which = random.nextInt(mixes.size());
            final double value = random.nextGaussian() * 0.2;
            final Finding finding = switch (random.nextInt(3)) {
                case 0 -> Finding.air(0.2, 0.2 + value, 0.02 + random.nextDouble());
                case 1 -> Finding.water(0.6, 0.6 + value, 0.02 + random.nextDouble());
                default -> Finding.porosity(0.8, 0.8 + value, 0.02 + random.nextDouble());
            };
            final Beliefs after = beliefs.after(finding, mixes.get(which), "blend " + which);
            for (int i = 0; i < mixes.size(); i++) {
                for (final LotTrait trait : LotTrait.values()) {
                    assertThat(after.correction(trait, mixes.get(i), "blend " + i)
                                    .sd())
                            .as("seed %d, test %d, %s of blend %d", seed, test, trait, i)
                            .isLessThanOrEqualTo(beliefs.correction(trait, mixes.get(i), "blend " + i)
                                            .sd()
                                    + 1e-12);
                }
            }
            beliefs = after;
        }
        assertThat(beliefs.findings()).isEqualTo(12);
    }

    @ParameterizedTest
    @EnumSource(LotTrait.class)
    void sharesAddUpToTheVariance(final LotTrait trait) {
        final Beliefs after = Beliefs.UNTESTED
                .after(Finding.air(0.20, 0.30, 0.03), PORCH, "porch")
                .after(Finding.ph(5, 5.6, 0.2), SILL, "sill")
                .after(Finding.density(150, 170, 5), PORCH, "porch");
        final double sum = after.shares(trait, PORCH, "porch").stream()
                .mapToDouble(Beliefs.Share::variance)
                .sum();

        assertThat(sum)
                .isCloseTo(Math.pow(after.correction(trait, PORCH, "porch").sd(), 2), within(1e-12));
    }

    static List<Long> seeds() {
        return new Random(11).longs(12).boxed().toList();
    }
}
