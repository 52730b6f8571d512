package looseknit.core.change;

import static looseknit.core.Materials.recipe;
import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Wishes;
import looseknit.core.shelf.MixDefinition;
import looseknit.core.shelf.Mixes;
import org.junit.jupiter.api.Test;

class WishCheckTest {

    private static Wishes wishes(
            final Wishes.Fibre fibre, final boolean noCompost, final boolean mineralOnly, final OptionalInt most) {
        return new Wishes(fibre, noCompost, Optional.empty(), mineralOnly, false, false, most, OptionalDouble.empty());
    }

    @Test
    void wishesThatAreNotKeptAreNamedWithWhatBreaksThem() {
        final Recipe mix = recipe("peat 2 coir_pith 1 castings 1 perlite_med 1");

        assertThat(said(WishCheck.unkept(mix, wishes(Wishes.Fibre.NO_PEAT, true, false, OptionalInt.of(3)))))
                .containsExactly(
                        "You want no peat, but it is in: sphagnum peat.",
                        "You want no compost in it, but there is: worm castings.",
                        "You want at most 3 materials; the blend has 4.");
        assertThat(said(WishCheck.unkept(mix, wishes(Wishes.Fibre.NO_COIR, false, false, OptionalInt.of(1)))))
                .containsExactly(
                        "You want no coir, but it is in: coir pith.", "You want at most 1 material; the blend has 4.");
        assertThat(said(WishCheck.unkept(mix, wishes(Wishes.Fibre.EITHER, false, true, OptionalInt.empty()))))
                .containsExactly("You want minerals only, but there is: sphagnum peat, coir pith, worm castings.");
    }

    @Test
    void wishesThatAreKeptAreNotTalkedAbout() {
        assertThat(said(WishCheck.unkept(
                        recipe("pumice_med 2 grit_3_6 1 charcoal_fine 1 peat 0"),
                        wishes(Wishes.Fibre.NO_PEAT, true, true, OptionalInt.of(3)))))
                .isEmpty();
        assertThat(said(WishCheck.unkept(recipe("peat 1 castings 1"), Wishes.NONE)))
                .isEmpty();
    }

    @Test
    void aBagIsOpened() {
        final Material bag = Mixes.of(
                        MaterialBook.shipped(),
                        List.of(new MixDefinition(
                                "own_bag",
                                "Bag",
                                List.of(
                                        new MixDefinition.PartOf("peat", 3),
                                        new MixDefinition.PartOf("perlite_med", 1)),
                                MakeUp.Certainty.KNOWN,
                                false)))
                .get(0);
        final Recipe mix = new Recipe(Recipe.Measure.PARTS, List.of(new Recipe.Part(bag, 2)), List.of());

        assertThat(said(WishCheck.unkept(mix, wishes(Wishes.Fibre.NO_PEAT, false, false, OptionalInt.of(1)))))
                .containsExactly("You want no peat, but it is in: bag.");
    }
}
