package looseknit.core.bench;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import looseknit.core.batch.Bin;
import looseknit.core.blend.Recipe;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.reading.Knowledge;
import org.junit.jupiter.api.Test;

class HeapAdditionTest {

    /** Ten litres of three parts and two. */
    private static final Bin HEAP = new Bin(Map.of(material("peat"), 6.0, material("perlite_coarse"), 4.0), List.of());

    private static final double SCOOP = 0.5;

    @Test
    void aPartIsThatOfTheRecipeItWasMixedBy() {
        final Recipe inParts = recipe("peat 3 perlite_coarse 2");
        final Recipe inPerCent = new Recipe(
                Recipe.Measure.PERCENT, recipe("peat 60 perlite_coarse 40").parts(), List.of());

        assertThat(HeapAddition.part(HEAP, inParts, SCOOP)).isEqualTo(4);
        assertThat(HeapAddition.part(HEAP, inPerCent, SCOOP)).isEqualTo(2);
        assertThat(HeapAddition.part(HEAP, inParts, 50)).isEqualTo(0.25);
    }

    /** What is promised is what a heap with so much more of it reads. */
    @Test
    void whatIsPromisedIsWhatItReads() {
        final HeapAddition more =
                HeapAddition.of(HEAP, material("perlite_coarse"), 4, SCOOP, Brief.OPEN, Knowledge.NOTHING);
        final Glance mixed = Evaluator.glance(recipe("peat 6 perlite_coarse 6"), Brief.OPEN, Knowledge.NOTHING);

        assertThat(more.litres()).isEqualTo(2);
        assertThat(more.after().get(Property.AIR))
                .isCloseTo(mixed.values().get(Property.AIR), within(1e-9))
                .isGreaterThan(more.before().get(Property.AIR));
    }

    @Test
    void eachMaterialOnceAndTheMostAirFirstWhereNothingIsWanted() {
        final List<HeapAddition> each = HeapAddition.each(
                HEAP,
                Stream.of(material("peat"), material("perlite_coarse"), material("peat")),
                recipe("peat 3 perlite_coarse 2"),
                SCOOP,
                Brief.OPEN,
                Knowledge.NOTHING);

        assertThat(each).extracting(one -> one.material().id()).containsExactly("perlite_coarse", "peat");
    }
}
