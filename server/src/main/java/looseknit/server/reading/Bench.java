package looseknit.server.reading;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.change.Change;
import looseknit.core.measure.Scoop;
import looseknit.core.need.Brief;
import looseknit.server.need.BriefBody;
import org.jspecify.annotations.Nullable;

/**
 * The bench from which changes start, in the terms of the core.
 *
 * @param recipe the mix; nothing while none is composed
 * @param brief what it is for
 * @param scoop how its volumes are measured out
 */
record Bench(Optional<Recipe> recipe, Brief brief, @Nullable Scoop scoop) {

    /** What lies on the bench after a change. */
    SetupBody after(final Change change) {
        final Optional<Recipe> after = recipe.map(change::recipeAfter).or(() -> begun(change));
        return new SetupBody(
                after.filter(each -> !each.equals(recipe.orElse(null)))
                        .map(each -> RecipeBody.of(each, scoop))
                        .orElse(null),
                BriefBody.of(change.briefAfter(brief)));
    }

    /** Where nothing was composed, what is added is all there is. */
    private static Optional<Recipe> begun(final Change change) {
        return change instanceof Change.Addition addition
                ? Optional.of(new Recipe(
                        Recipe.Measure.PARTS,
                        List.of(new Recipe.Part(addition.material(), addition.parts())),
                        List.of()))
                : Optional.empty();
    }
}
