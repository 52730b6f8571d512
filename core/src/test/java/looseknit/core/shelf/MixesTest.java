package looseknit.core.shelf;

import static looseknit.core.Materials.material;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import looseknit.core.Materials;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Mix;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Nature;
import looseknit.core.pot.Column;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MixesTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();

    static Material mix(final String id, final String words) {
        return Mixes.of(BOOK, List.of(definition(id, words, MakeUp.Certainty.KNOWN)))
                .get(0);
    }

    static MixDefinition definition(final String id, final String words, final MakeUp.Certainty certainty) {
        final String[] tokens = words.split("\\s+");
        final List<MixDefinition.PartOf> parts = new ArrayList<>();
        for (int i = 0; i < tokens.length; i += 2) {
            parts.add(new MixDefinition.PartOf(tokens[i], Double.parseDouble(tokens[i + 1])));
        }
        return new MixDefinition(id, "Mix " + id, parts, certainty, false);
    }

    static Recipe recipe(final Material material, final double amount) {
        return new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(material, amount)), List.of());
    }

    @Test
    void aMixAloneReadsAsItsRecipe() {
        final Mix opened = Mix.of(recipe(mix("house", "peat 3 perlite_med 1 bark_fine 1"), 1));
        final Mix written = Mix.of(Materials.recipe("peat 3 perlite_med 1 bark_fine 1"));
        final Column pot = Column.free(13.5, 0.75);

        assertThat(pot.airFilledPorosity(opened)).isCloseTo(pot.airFilledPorosity(written), within(1e-12));
        assertThat(opened.bulkDensityGPerL()).isCloseTo(written.bulkDensityGPerL(), within(1e-9));
        assertThat(opened.plainPh()).isCloseTo(written.plainPh(), within(1e-12));
    }

    /** A litre that is scooped out of a bag of mix is a litre, whatever it is opened into and however deep it is nested. */
    @ParameterizedTest
    @MethodSource("seeds")
    void openingConservesVolume(final long seed) {
        final Random random = new Random(seed);
        final List<Material> plain =
                BOOK.materials().stream().filter(Material::forRecipes).toList();
        final List<MixDefinition> definitions = new ArrayList<>();
        for (int depth = 0; depth < 4; depth++) {
            final List<MixDefinition.PartOf> parts = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(3); i++) {
                parts.add(new MixDefinition.PartOf(
                        plain.get(random.nextInt(plain.size())).id(), 1 + random.nextInt(6)));
            }
            if (depth > 0) {
                parts.add(new MixDefinition.PartOf("m" + (depth - 1), 1 + random.nextInt(6)));
            }
            definitions.add(new MixDefinition("m" + depth, "Mix " + depth, parts, MakeUp.Certainty.KNOWN, false));
        }
        for (final Material mix : Mixes.of(BOOK, definitions)) {
            final Recipe alone = recipe(mix, 2.5);
            final PlainMaterials opened = alone.opened();
            final Mix mixed = Mix.of(alone);

            assertThat(opened.sum() * (1 - mixed.shrinkage()))
                    .as("seed %d", seed)
                    .isCloseTo(2.5, within(1e-9));
            assertThat(opened.materials())
                    .isNotEmpty()
                    .allMatch(each -> each.makeUp().isEmpty());
            assertThat(mixed.yield()).as("only settling is left").isBetween(0.5, 1.0 + 1e-9);
        }
    }

    @Test
    void theMoreIsGuessedTheWiderTheSpread() {
        final List<Material> three = Mixes.of(
                BOOK,
                List.of(
                        definition("known", "peat 3 bark_fine 1", MakeUp.Certainty.KNOWN),
                        definition("estimated", "peat 3 bark_fine 1", MakeUp.Certainty.ESTIMATED),
                        definition("guessed", "peat 3 bark_fine 1", MakeUp.Certainty.UNKNOWN)));
        final List<Double> spreads = three.stream()
                .map(each -> Beliefs.UNTESTED
                        .correction(LotTrait.AIR, Mix.of(recipe(each, 1)), Beliefs.NO_BLEND)
                        .sd())
                .toList();

        assertThat(spreads.get(0)).isLessThan(spreads.get(1));
        assertThat(spreads.get(1)).isLessThan(spreads.get(2));
    }

    @Test
    void theLotInAMixIsNotTheLotOnTheShelf() {
        final Material mix = mix("house", "peat 3 perlite_med 1");

        assertThat(recipe(mix, 1).opened().materials())
                .extracting(Material::id)
                .containsExactly("house/peat", "house/perlite_med");
        assertThat(mix.is(Nature.PEAT)).isTrue();
        assertThat(mix.is(Nature.RICH)).isFalse();
    }

    @Test
    void namesTheLoop() {
        final List<MixDefinition> loop = List.of(
                definition("a", "peat 1 b 1", MakeUp.Certainty.KNOWN),
                definition("b", "c 1", MakeUp.Certainty.KNOWN),
                definition("c", "bark_fine 1 b 2", MakeUp.Certainty.KNOWN));

        assertThatThrownBy(() -> Mixes.of(BOOK, loop))
                .hasMessageContaining("Mix b → Mix c → Mix b")
                .hasMessageContaining("a mix that does not contain itself");
        assertThatThrownBy(() -> Mixes.of(BOOK, List.of(definition("a", "moon_dust 1", MakeUp.Certainty.KNOWN))))
                .hasMessageContaining("moon_dust");
    }

    @Test
    void aFedMixFeeds() {
        final MixDefinition plain = definition("bag", "peat 1", MakeUp.Certainty.KNOWN);
        final Material fed = Mixes.of(
                        BOOK, List.of(new MixDefinition("bag", "Bag", plain.parts(), plain.certainty(), true)))
                .get(0);

        assertThat(fed.is(Nature.FED)).isTrue();
        assertThat(Mix.of(recipe(fed, 1)).nutrients().nMgPerL())
                .isCloseTo(material("peat").chemistry().nutrients().nMgPerL() + 120, within(1e-9));
    }

    static List<Long> seeds() {
        return new Random(5).longs(40).boxed().toList();
    }
}
