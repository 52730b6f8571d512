package looseknit.server.blend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.written.RecipeReader;
import looseknit.core.written.WrittenRecipe;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads recipes that were written as text. Nothing is stored. */
@RestController
@RequestMapping("/api/recipes")
class RecipeTextController {

    private final Books books;
    private final Shelf shelf;

    RecipeTextController(final Books books, final Shelf shelf) {
        this.books = books;
        this.shelf = shelf;
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
}
