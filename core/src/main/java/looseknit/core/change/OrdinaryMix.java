package looseknit.core.change;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Needs;
import looseknit.core.pot.Column;

/**
 * A plain mix of a water holder and an opener that holds as much water in the pot as the plant wants in the middle, or for a plant that is to dry near
 * the dry end. It stands in while nothing has been composed yet.
 */
final class OrdinaryMix {

    private static final int HALVINGS = 24;
    private static final double LEAST = 0.02;

    /** Where in what is wanted the mix lies. */
    private static final double DRY_END = 0.2;

    private static final double MIDDLE = 0.5;

    private OrdinaryMix() {}

    /** The mix for a brief with plant and pot; nothing without them. */
    static Optional<Recipe> of(final Brief brief, final MaterialBook book) {
        if (brief.needs().isEmpty() || brief.pot().isEmpty()) {
            return Optional.empty();
        }
        final Needs needs = brief.needs().get();
        final boolean mineral = brief.wishes().mineralOnly();
        final Material holds = material(book, mineral ? "calc_clay" : "peat");
        final Material opens =
                material(book, mineral ? "pumice_med" : needs.air().low() > 0.35 ? "orch_med" : "perlite_coarse");
        final Band water = needs.water();
        final boolean dries = needs.trigger().compareTo(AllowableDepletion.DRY) >= 0;
        final double wanted = water.low() + (dries ? DRY_END : MIDDLE) * water.width();
        double low = LEAST;
        double high = 1 - LEAST;
        for (int i = 0; i < HALVINGS; i++) {
            final double middle = 0.5 * (low + high);
            final Mix mix = Mix.of(recipe(holds, opens, middle));
            if (Column.in(brief.pot().get(), mix).containerCapacityQuick(mix) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(recipe(holds, opens, 0.5 * (low + high)));
    }

    private static Recipe recipe(final Material holds, final Material opens, final double share) {
        return new Recipe(
                Recipe.Measure.PERCENT,
                List.of(new Recipe.Part(holds, 100 * share), new Recipe.Part(opens, 100 * (1 - share))),
                List.of());
    }

    private static Material material(final MaterialBook book, final String id) {
        return book.material(id).orElseThrow();
    }
}
