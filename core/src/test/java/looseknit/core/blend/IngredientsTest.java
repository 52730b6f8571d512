package looseknit.core.blend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Packing some of many materials, and the volume known from both sides before it is worked out. */
class IngredientsTest {

    private static final List<Material> ALL = MaterialBook.shipped().materials().stream()
            .filter(Material::forRecipes)
            .toList();

    private static final Ingredients PAIRS = new Ingredients(ALL, Packing.Form.PAIRS);
    private static final Ingredients CLASSES = new Ingredients(ALL, Packing.Form.CLASSES);

    static List<Long> seeds() {
        return new Random(71).longs(60).boxed().toList();
    }

    private static int[] some(final Random random) {
        return random.ints(0, ALL.size())
                .distinct()
                .limit(1 + random.nextInt(6))
                .sorted()
                .toArray();
    }

    /** A few of a hundred materials pack as if the others were not there, by either form. */
    @ParameterizedTest
    @MethodSource("seeds")
    void someOfManyPackAsThoughAlone(final long seed) {
        final Random random = new Random(seed);
        final int[] active = some(random);
        final double[] loose = new double[ALL.size()];
        final List<Material> few = new ArrayList<>();
        final double[] fewLoose = new double[active.length];
        for (int a = 0; a < active.length; a++) {
            loose[active[a]] = 0.5 + 5 * random.nextDouble();
            few.add(ALL.get(active[a]));
            fewLoose[a] = loose[active[a]];
        }
        for (final Ingredients many : List.of(PAIRS, CLASSES)) {
            final Ingredients.Scratch among = new Ingredients.Scratch(many);
            many.pack(loose, active, active.length, among);
            final Mix alone = new Ingredients(few, many.form()).mix(fewLoose);

            assertThat(among.shrinkage()).as("seed %d", seed).isCloseTo(alone.shrinkage(), within(1e-11));
            assertThat(among.yield()).isCloseTo(alone.yield(), within(1e-11));
            for (int a = 0; a < active.length; a++) {
                assertThat(among.litresPerLitre(active[a])).isCloseTo(alone.litresPerLitre(a), within(1e-11));
            }
        }
    }

    /** Jensen's inequality from below and the chord from above hold the volume, and hold it tightly for whole materials. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theVolumeLiesBetweenItsBounds(final long seed) {
        final Random random = new Random(seed);
        final int[] active = some(random);
        final double[] loose = random.doubles(ALL.size(), 0.2, 6).toArray();
        for (final Ingredients many : List.of(PAIRS, CLASSES)) {
            final Ingredients.Scratch scratch = new Ingredients.Scratch(many);
            many.press(loose, active, active.length, scratch);
            final double least = scratch.leastLeft();
            final double most = scratch.mostLeft();
            many.settle(active, active.length, scratch);
            final double left = 1 - scratch.shrinkage();

            assertThat(left).as("seed %d", seed).isBetween(least - 1e-12, most + 1e-12);
            if (many.form() == Packing.Form.PAIRS) {
                assertThat(most - least).isLessThan(0.12);
            }
        }
    }

    /** A material slips into itself not at all by whole materials, and less than wholly by size classes. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsCarriedIsAShare(final long seed) {
        final int[] active = some(new Random(seed));
        IntStream.of(active).forEach(i -> {
            assertThat(PAIRS.carriedShare(i, i)).isCloseTo(1, within(1e-12));
            for (final int j : active) {
                assertThat(PAIRS.carriedShare(i, j)).isBetween(0.0, 1 + 1e-12);
                assertThat(CLASSES.carriedShare(i, j)).isBetween(0.0, 1 + 1e-12);
            }
        });
    }

    /** The weight of others never leaves more of a material than there was, and less the heavier they are. */
    @ParameterizedTest
    @MethodSource("seeds")
    void heavierNeighboursPressMore(final long seed) {
        for (final int i : some(new Random(seed))) {
            final double own = PAIRS.moistDensity(i);
            assertThat(PAIRS.leastPressed(i, own)).isEqualTo(1);
            assertThat(PAIRS.leastPressed(i, 2 * own)).isBetween(0.1, 1.0);
            assertThat(PAIRS.leastPressed(i, 3 * own)).isLessThanOrEqualTo(PAIRS.leastPressed(i, 2 * own));
        }
    }
}
