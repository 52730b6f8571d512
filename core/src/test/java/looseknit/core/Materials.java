package looseknit.core;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/** Short ways to name materials and recipes in tests. */
public final class Materials {

    private Materials() {}

    public static Material material(final String id) {
        return MaterialBook.shipped().material(id).orElseThrow(() -> new AssertionError("no material " + id));
    }

    public static Amendment amendment(final String id) {
        return MaterialBook.shipped().amendment(id).orElseThrow(() -> new AssertionError("no amendment " + id));
    }

    /** A recipe in parts: "peat 3 perlite_med 1". */
    public static Recipe recipe(final String words, final Recipe.Dose... doses) {
        final String[] tokens = words.split("\\s+");
        final List<Recipe.Part> parts = new ArrayList<>();
        for (int i = 0; i < tokens.length; i += 2) {
            parts.add(new Recipe.Part(material(tokens[i]), Double.parseDouble(tokens[i + 1])));
        }
        return new Recipe(Recipe.Measure.PARTS, parts, List.of(doses));
    }

    public static Recipe.Dose dose(final String id, final double gPerL) {
        return new Recipe.Dose(amendment(id), gPerL);
    }
}
