package looseknit.server.reading;

import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Scoop;
import org.jspecify.annotations.Nullable;

/** A recipe as it is stored. */
public record StoredRecipe(
        Recipe.Measure measure,
        List<StoredPart> parts,
        List<StoredDose> doses,
        @Nullable Scoop scoop) {

    /** A material and its parts or per cent. */
    public record StoredPart(String materialId, double amount) {}

    /** An amendment and its dose [g/L]. */
    public record StoredDose(String amendmentId, double gPerL) {}

    /** What travels, to be stored. */
    public static StoredRecipe of(final RecipeBody recipe) {
        return new StoredRecipe(
                recipe.measure(),
                recipe.parts().stream()
                        .map(part -> new StoredPart(part.materialId(), part.amount()))
                        .toList(),
                recipe.doses().stream()
                        .map(dose -> new StoredDose(dose.amendmentId(), dose.gPerL()))
                        .toList(),
                recipe.scoop());
    }

    /** What is stored, to travel. */
    public RecipeBody body() {
        return new RecipeBody(
                measure,
                parts.stream()
                        .map(part -> new RecipeBody.PartBody(part.materialId(), part.amount()))
                        .toList(),
                doses.stream()
                        .map(dose -> new RecipeBody.DoseBody(dose.amendmentId(), dose.gPerL()))
                        .toList(),
                scoop);
    }
}
