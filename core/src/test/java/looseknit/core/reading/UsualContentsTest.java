package looseknit.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import looseknit.core.need.Brief;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said of what is in a mix. */
class UsualContentsTest {

    private static PottedMix mix(final String plant, final String recipe) {
        final List<Recipe.Part> parts = Stream.of(recipe.split(" "))
                .map(each -> each.split(":"))
                .map(each -> new Recipe.Part(
                        MaterialBook.shipped().material(each[0]).orElseThrow(), Double.parseDouble(each[1])))
                .toList();
        final Brief brief = new Brief(
                Optional.of(PlantBook.shipped().plant(plant).orElseThrow()),
                Stage.ESTABLISHED,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return new PottedMix(new Recipe(Recipe.Measure.PARTS, parts, List.of()), brief, Knowledge.NOTHING);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            barrel_cactus | perlite_med:4 perlite_coarse:3 peat:3          | Perlite, medium and perlite, coarse together 70 %, at most 50 % is usual
            barrel_cactus | pumice_med:4 charcoal_fine:4 peat:2            | charcoal 40 %, at most 15 % is usual
            barrel_cactus | pumice_med:3 peat:1                            | three quarters mineral, as usual for desert cacti and succulents
            """)
    void namesWhatIsUnusualWithAllThatSharesItsLimit(final String plant, final String recipe, final String words) {
        assertThat(Wording.english(MeasureSystem.METRIC).of(UsualContents.said(mix(plant, recipe))))
                .isEqualTo(words);
    }
}
