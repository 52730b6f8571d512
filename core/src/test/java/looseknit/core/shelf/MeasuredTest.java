package looseknit.core.shelf;

import static looseknit.core.Materials.material;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import looseknit.core.blend.Mix;
import looseknit.core.material.Doubt;
import looseknit.core.material.GrainSize;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Nature;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MeasuredTest {

    static Measured ph(final double ph) {
        return new Measured(
                OptionalDouble.of(ph), OptionalDouble.empty(), Optional.empty(), Optional.empty(), false, false, false);
    }

    static Measured drain(final double height, final double air, final double water) {
        return new Measured(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(new Measured.Drain(height, air, water)),
                Optional.empty(),
                false,
                false,
                false);
    }

    static Measured noted(final boolean fed, final boolean rinsed, final boolean quarantined) {
        return new Measured(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                fed,
                rinsed,
                quarantined);
    }

    /** By hand: peat 3.9 with spread .5, test 4.9 with .2: k = .25/.29, pH 3.9 + .862 = 4.762, spread .5·√(.04/.29) = .186. */
    @Test
    void weighsATestAgainstTheTableByTheirSpreads() {
        final Material lot = ph(4.9).applyTo(material("peat"));

        assertThat(lot.chemistry().ph()).isCloseTo(4.762, within(0.001));
        assertThat(lot.doubt().phSd()).isCloseTo(0.186, within(0.001));
        assertThat(lot.doubt().waterSd()).isEqualTo(material("peat").doubt().waterSd());
    }

    /** By hand: air of organic matter is known within .06, a test within .03: k = .8. */
    @Test
    void aDrainTestMovesTheAirInItsColumn() {
        final Material bark = material("bark_comp");
        final double before = air(bark, 7.6);
        final Material lot = drain(7.6, before + 0.10, 0.50).applyTo(bark);

        assertThat(air(lot, 7.6)).isCloseTo(before + 0.08, within(0.004));
        assertThat(lot.doubt().waterSd()).isCloseTo(0.06 * Math.sqrt(0.2), within(1e-9));
    }

    @Test
    void coarserSievingGivesMoreAir() {
        final Material perlite = material("perlite_med");
        final Measured sieved = new Measured(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.of(new GrainSize(3, 5, 8)),
                false,
                false,
                false);

        assertThat(air(sieved.applyTo(perlite), 5)).isGreaterThan(air(perlite, 5) + 0.02);
        assertThat(said(sieved.applyTo(perlite).grade())).isEqualTo("3–8 mm");
    }

    @Test
    void notesOfFeedRinsingAndGuests() {
        final Material coir = material("coir_pith");

        assertThat(coir.is(Nature.UNRINSED)).isTrue();
        assertThat(noted(false, true, false).applyTo(coir).is(Nature.UNRINSED)).isFalse();
        assertThat(noted(false, true, false).applyTo(coir).chemistry().ecDsPerM())
                .isLessThan(coir.chemistry().ecDsPerM());
        assertThat(noted(true, false, false).applyTo(coir).is(Nature.FED)).isTrue();
        assertThat(noted(true, false, false)
                        .applyTo(coir)
                        .chemistry()
                        .nutrients()
                        .nMgPerL())
                .isEqualTo(125);
        assertThat(noted(false, false, true).applyTo(coir).is(Nature.QUARANTINED))
                .isTrue();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neverWidensAnySpreadAndStaysInRange(final long seed) {
        final Random random = new Random(seed);
        final List<Material> all = MaterialBook.shipped().materials();
        final Material before = all.get(random.nextInt(all.size()));
        final double air = 0.9 * random.nextDouble();
        final Measured measured = new Measured(
                random.nextBoolean() ? OptionalDouble.of(2 + 10 * random.nextDouble()) : OptionalDouble.empty(),
                random.nextBoolean() ? OptionalDouble.of(5 + 2900 * random.nextDouble()) : OptionalDouble.empty(),
                random.nextBoolean()
                        ? Optional.of(new Measured.Drain(
                                3 + 50 * random.nextDouble(), air, 0.01 + (0.97 - air) * random.nextDouble()))
                        : Optional.empty(),
                random.nextBoolean()
                        ? Optional.of(new GrainSize(
                                0.1 + random.nextDouble(), 2 + random.nextDouble(), 4 + 9 * random.nextDouble()))
                        : Optional.empty(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean());
        final Material after = measured.applyTo(before);

        assertNotWider(before.doubt(), after.doubt(), "seed " + seed);
        final Mix mix = Mix.of(List.of(after, material("peat")), new double[] {1, 1});
        assertThat(mix.totalPorosity()).as("seed %d", seed).isBetween(0.02, 0.99);
        for (final double suction : new double[] {0, 1, 5, 10, 50, 100}) {
            assertThat(after.retention().at(suction))
                    .as("seed %d", seed)
                    .isBetween(0.0, after.retention().saturated() + 1e-12);
        }
    }

    @Test
    void aMixIsMovedAsAWhole() {
        final Material mix = MixesTest.mix("house", "peat 6 perlite_med 3 castings 1");
        final Material lot = ph(7.0).applyTo(mix);
        final double before = Mix.of(MixesTest.recipe(mix, 1)).plainPh();
        final double after = Mix.of(MixesTest.recipe(lot, 1)).plainPh();

        assertThat(lot.chemistry().ph() - mix.chemistry().ph()).isGreaterThan(0.5);
        assertThat(after - before)
                .isCloseTo(lot.chemistry().ph() - mix.chemistry().ph(), within(0.01));
        assertNotWider(
                mix.makeUp().orElseThrow().constituents().get(0).material().doubt(),
                lot.makeUp().orElseThrow().constituents().get(0).material().doubt(),
                "mix");
    }

    @Test
    void saysWhatItDoesNotBelieve() {
        assertThatThrownBy(() -> ph(14)).hasMessageContaining("measured.ph is 14; allowed: 2 to 12 pH");
        assertThatThrownBy(() -> new Measured.Drain(10, 0.5, 0.6)).hasMessageContaining("leave room for the grains");
    }

    static List<Long> seeds() {
        return new Random(41).longs(120).boxed().toList();
    }

    private static double air(final Material material, final double heightCm) {
        return Column.free(heightCm, 1).airFilledPorosity(Mix.of(List.of(material), new double[] {1}));
    }

    private static void assertNotWider(final Doubt before, final Doubt after, final String what) {
        assertThat(after.waterSd()).as(what).isLessThanOrEqualTo(before.waterSd() + 1e-12);
        assertThat(after.porositySd()).as(what).isLessThanOrEqualTo(before.porositySd() + 1e-12);
        assertThat(after.densityRelativeSd()).as(what).isLessThanOrEqualTo(before.densityRelativeSd() + 1e-12);
        assertThat(after.phSd()).as(what).isLessThanOrEqualTo(before.phSd() + 1e-12);
        assertThat(after.bufferRelativeSd()).as(what).isLessThanOrEqualTo(before.bufferRelativeSd() + 1e-12);
    }
}
