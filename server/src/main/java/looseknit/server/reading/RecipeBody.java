package looseknit.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Scoop;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import org.jspecify.annotations.Nullable;

/**
 * A recipe as it travels.
 *
 * @param scoop how its volumes are measured out; level scoops if nothing is said
 */
public record RecipeBody(
        @NotNull Recipe.Measure measure,
        @NotNull @Size(max = Recipe.MOST_PARTS) List<@Valid PartBody> parts,
        @NotNull @Size(max = 20) List<@Valid DoseBody> doses,
        @Nullable Scoop scoop) {

    /** A material and its parts or per cent. */
    public record PartBody(@NotNull String materialId, double amount) {}

    /** An amendment and its dose. */
    public record DoseBody(@NotNull String amendmentId, double gPerL) {}

    /** A recipe of the core, to travel. */
    public static RecipeBody of(final Recipe recipe, final @Nullable Scoop scoop) {
        return new RecipeBody(
                recipe.measure(),
                recipe.parts().stream()
                        .map(part -> new PartBody(part.material().id(), part.amount()))
                        .toList(),
                recipe.doses().stream()
                        .map(dose -> new DoseBody(dose.amendment().id(), dose.gPerL()))
                        .toList(),
                scoop);
    }

    /** The materials it names, each once. */
    public List<Material> materials(final Books books) {
        return coreParts(books).stream().map(Recipe.Part::material).distinct().toList();
    }

    /** How its volumes are measured out. */
    public Scoop scoopOrLevel() {
        return scoop == null ? Scoop.LEVEL : scoop;
    }

    /**
     * The recipe as the core understands it.
     *
     * @throws UnknownName if something is not in the Book
     * @throws looseknit.core.measure.OutOfRangeException if an amount is out of range or all are 0
     */
    public Recipe toCore(final Books books) {
        return new Recipe(measure, coreParts(books), coreDoses(books));
    }

    /**
     * Checks what may be stored while somebody is still composing: known names and amounts in range, but nothing needs to add up yet.
     */
    public void checkDraft(final Books books) {
        coreParts(books);
        coreDoses(books);
    }

    private List<Recipe.Part> coreParts(final Books books) {
        final MaterialBook book = books.materials();
        return parts.stream()
                .map(part -> new Recipe.Part(
                        book.material(part.materialId())
                                .orElseThrow(() -> new UnknownName(
                                        "parts", "material", part.materialId(), "Pick one from the list.")),
                        part.amount()))
                .toList();
    }

    private List<Recipe.Dose> coreDoses(final Books books) {
        final MaterialBook book = books.materials();
        return doses.stream()
                .map(dose -> new Recipe.Dose(
                        book.amendment(dose.amendmentId())
                                .orElseThrow(() -> new UnknownName(
                                        "doses", "amendment", dose.amendmentId(), "Pick one from the list.")),
                        dose.gPerL()))
                .toList();
    }
}
