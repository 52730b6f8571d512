package looseknit.core.blend;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import looseknit.core.material.MaterialBook;
import org.junit.jupiter.api.Test;

class RecipeChangesTest {

    private static Recipe.Part part(final String id, final double amount) {
        return new Recipe.Part(MaterialBook.shipped().material(id).orElseThrow(), amount);
    }

    private static Recipe parts(final Recipe.Part... parts) {
        return new Recipe(Recipe.Measure.PARTS, List.of(parts), List.of());
    }

    @Test
    void saysWhatChanged() {
        final Recipe before = parts(part("orch_med", 4), part("perlite_coarse", 2), part("castings", 1));
        final Recipe after = new Recipe(
                Recipe.Measure.PARTS,
                List.of(part("orch_med", 5), part("perlite_coarse", 2), part("pumice_med", 1)),
                List.of(new Recipe.Dose(
                        MaterialBook.shipped().amendment("dolomite").orElseThrow(), 1.5)));

        assertThat(said(RecipeChanges.between(before, after)))
                .containsExactly(
                        "orchid bark, medium 4 → 5 parts",
                        "pumice, medium added, 1 part",
                        "worm castings left out",
                        "dolomite added, 1.5 g/L");
        assertThat(said(RecipeChanges.between(after, before)))
                .contains("dolomite left out", "worm castings added, 1 part");
        assertThat(said(RecipeChanges.between(before, before))).isEmpty();
    }

    @Test
    void writtenOtherwiseIsTheSameMix() {
        final Recipe three = parts(part("coir_pith", 2), part("scoria", 1), part("peat", 1));
        final Recipe percent = new Recipe(
                Recipe.Measure.PERCENT,
                List.of(part("peat", 25), part("coir_pith", 50), part("scoria", 25)),
                List.of());

        assertThat(RecipeChanges.sameMix(three, percent)).isTrue();
        assertThat(said(RecipeChanges.between(three, percent))).isEmpty();
        assertThat(RecipeChanges.sameMix(three, parts(part("coir_pith", 2), part("scoria", 2))))
                .isFalse();
        // an open share is part of the mix
        assertThat(RecipeChanges.sameMix(
                        parts(part("coir_pith", 1)),
                        new Recipe(Recipe.Measure.PERCENT, List.of(part("coir_pith", 90)), List.of())))
                .isFalse();
    }
}
