package looseknit.server.blend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.message.MeasureSystem;
import looseknit.core.written.RecipeReader;
import looseknit.core.written.RecipeWriter;
import looseknit.core.written.RecipeWriter.Style;
import looseknit.core.written.WrittenRecipe;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import looseknit.server.need.PotBody;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads recipes that were written as text, and writes them. Nothing is stored. */
@RestController
@RequestMapping("/api/recipes")
class RecipeTextController {

    private final Books books;
    private final Shelf shelf;
    private final Speech speech;

    RecipeTextController(final Books books, final Shelf shelf, final Speech speech) {
        this.books = books;
        this.shelf = shelf;
        this.speech = speech;
    }

    /**
     * A written recipe.
     *
     * @param scoopLitres the person's own scoop [L]
     * @param pot the pot that doses per pot are for
     */
    record RecipeTextBody(
            @NotNull String text,
            double scoopLitres,
            @Valid @Nullable PotBody pot) {}

    /** What is understood of a written recipe. */
    @PostMapping("/read")
    WrittenRecipe readText(@RequestBody @Valid final RecipeTextBody body) {
        final OptionalDouble pot = body.pot() == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(body.pot().toCore(books).mixLitres());
        return new RecipeReader(
                        books.materials(),
                        shelf.leftLitres().entrySet().stream()
                                .filter(entry -> entry.getValue() > 0)
                                .map(Map.Entry::getKey)
                                .collect(Collectors.toSet()),
                        body.scoopLitres(),
                        pot)
                .read(body.text());
    }

    /**
     * A recipe to be written as text.
     *
     * @param style whether its amounts count parts, per cent or scoops
     */
    record RecipeToWriteBody(
            @NotNull @Valid RecipeBody recipe, @NotNull Style style) {}

    /** A written recipe, line by line. */
    record RecipeLinesBody(List<String> lines) {}

    /** The recipe as text to paste elsewhere, in the person's units; it reads back the same. */
    @PostMapping("/write")
    RecipeLinesBody writeText(@RequestBody @Valid final RecipeToWriteBody body) {
        return new RecipeLinesBody(new RecipeWriter(books.materials())
                .lines(body.recipe().toCore(books), body.style(), speech.system() == MeasureSystem.US));
    }
}
