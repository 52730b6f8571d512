package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.RandomBriefs;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A draw in which nothing scatters reads what the bench reads. */
class ChanceWithoutSpreadTest {

    private static final int CASES = 2_000;

    static IntStream hundreds() {
        return IntStream.range(0, CASES / 100);
    }

    @ParameterizedTest
    @MethodSource("hundreds")
    void asTheBenchReads(final int hundred) {
        LongStream.range(hundred * 100L, hundred * 100L + 100).forEach(seed -> {
            final Random random = new Random(seed);
            final Recipe recipe = new RandomRecipes(seed).next(1, 8);
            final Brief brief = RandomBriefs.next(random);
            final PottedMix bench = new PottedMix(recipe, brief, Knowledge.NOTHING);
            final Map<Property, Double> values = bench.values();
            final Map<Property, Double> drawn = MonteCarlo.withoutSpread(recipe, brief, Knowledge.NOTHING);

            assertThat(drawn.keySet()).isEqualTo(values.keySet());
            values.forEach((property, value) -> assertThat(drawn.get(property))
                    .as("seed %d, %s", seed, property)
                    .isCloseTo(value, within(1e-9 * Math.max(1, value))));
            assertThat(Score.penalty(bench.targets(), drawn))
                    .as("seed %d, score", seed)
                    .isCloseTo(Score.penalty(bench.targets(), values), within(1e-6));
        });
    }
}
