package looseknit.core.blend;

import static looseknit.core.Materials.material;
import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import looseknit.core.blend.Recipe.Measure;
import looseknit.core.blend.Recipe.Part;
import org.junit.jupiter.api.Test;

class RecipeTest {

    @Test
    void percentagesThatMissAHundredLeaveAShareUnnamed() {
        final Recipe recipe = new Recipe(
                Measure.PERCENT,
                List.of(new Part(material("peat"), 60), new Part(material("perlite_med"), 35)),
                List.of());

        assertThat(recipe.sum()).isEqualTo(95);
        assertThat(recipe.unnamedShare()).isCloseTo(0.05, within(1e-12));
    }

    @Test
    void partsNeedNotAddUpToAnything() {
        assertThat(recipe("peat 3 perlite_med 2").unnamedShare()).isZero();
    }

    @Test
    void noticesAMaterialNamedTwice() {
        assertThat(recipe("peat 3 perlite_med 2 peat 1").namedTwice()).containsExactly(material("peat"));
    }

    @Test
    void refusesNothingAtAll() {
        assertThatThrownBy(() -> new Recipe(Measure.PARTS, List.of(), List.of()))
                .hasMessage("parts is empty; allowed: at least one material");
        assertThatThrownBy(() -> recipe("peat 0 perlite_med 0"))
                .hasMessage(
                        "parts is without any amount above 0; allowed: at least one material with an amount above 0");
        assertThatThrownBy(() -> recipe("peat -1"))
                .hasMessageContaining("amount of Sphagnum peat is -1; allowed: 0 to 10000");
        assertThatThrownBy(() -> recipe("humus 1")).hasMessageContaining("arises in the pot");
    }

    @Test
    void changingAnAmountStopsAtNothing() {
        assertThat(recipe("peat 3 perlite_med 2").changed(1, -5).parts().get(1).amount())
                .isZero();
    }
}
