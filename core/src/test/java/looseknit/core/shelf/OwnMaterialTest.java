package looseknit.core.shelf;

import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.blend.Mix;
import looseknit.core.material.GrainSize;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;

class OwnMaterialTest {

    private static OwnMaterial shards(final OptionalDouble gPerL, final Optional<Measured.Drain> drain) {
        return new OwnMaterial(
                "shards",
                "Tile shards",
                Matter.POROUS_STONE,
                2,
                7,
                gPerL,
                drain,
                OptionalDouble.of(7.9),
                List.of(Nature.LIMY));
    }

    @Test
    void factsNarrowTheDoubtAndNothingElseDoes() {
        final Material guessed =
                shards(OptionalDouble.empty(), Optional.empty()).material();
        final Material weighed =
                shards(OptionalDouble.of(900), Optional.empty()).material();
        final Material drained = shards(OptionalDouble.of(900), Optional.of(new Measured.Drain(10, 0.40, 0.22)))
                .material();

        assertThat(guessed.doubt().waterSd())
                .isEqualTo(2 * material("scoria").doubt().waterSd());
        assertThat(weighed.doubt().densityRelativeSd())
                .isLessThan(guessed.doubt().densityRelativeSd());
        assertThat(drained.doubt().waterSd()).isLessThan(weighed.doubt().waterSd() / 3);
        assertThat(weighed.physics().bulkDensityGPerL()).isCloseTo(900, within(1.0));
        assertThat(guessed.chemistry().ph()).isCloseTo(7.9, within(0.1));
        assertThat(guessed.is(Nature.LIMY)).isTrue();
    }

    @Test
    void aDrainTestIsFoundAgain() {
        final Material drained = shards(OptionalDouble.of(900), Optional.of(new Measured.Drain(10, 0.40, 0.22)))
                .material();
        final Mix alone = Mix.of(List.of(drained), new double[] {1});

        assertThat(Column.free(10, 1).airFilledPorosity(alone)).isCloseTo(0.40, within(0.02));
    }

    @Test
    void aHeavierLitreHasFewerPores() {
        assertThat(shards(OptionalDouble.of(1100), Optional.empty())
                        .material()
                        .physics()
                        .totalPorosity())
                .isLessThan(shards(OptionalDouble.of(600), Optional.empty())
                        .material()
                        .physics()
                        .totalPorosity());
    }

    @Test
    void sievingFindsTheGrade() {
        final SieveAnalysis test = new SieveAnalysis(
                List.of(new SieveAnalysis.Sieve(1, 10), new SieveAnalysis.Sieve(2, 40), new SieveAnalysis.Sieve(4, 40)),
                10);
        final GrainSize size = test.grainSize();

        assertThat(size.d10Mm()).isCloseTo(1, within(1e-9));
        assertThat(size.d50Mm()).isCloseTo(2 * Math.pow(2, 0.75), within(1e-9));
        assertThat(size.d90Mm()).isCloseTo(4 * Math.pow(2, 0.75), within(1e-9));
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new OwnMaterial(
                        "x",
                        "X",
                        Matter.WOODY,
                        9,
                        4,
                        OptionalDouble.empty(),
                        Optional.empty(),
                        OptionalDouble.empty(),
                        List.of()))
                .hasMessageContaining("own.toMm is 4; allowed: more than the smallest grains, 9 mm");
        assertThatThrownBy(() ->
                        new SieveAnalysis(List.of(new SieveAnalysis.Sieve(2, 1), new SieveAnalysis.Sieve(1, 1)), 1))
                .hasMessageContaining("from the finest to the coarsest");
        assertThatThrownBy(() ->
                        new SieveAnalysis(List.of(new SieveAnalysis.Sieve(1, 0), new SieveAnalysis.Sieve(2, 0)), 0))
                .hasMessageContaining("something that stays");
    }
}
