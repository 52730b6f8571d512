package looseknit.server.reading;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

/** A recipe in one column of whatever has one. */
@Converter
public class RecipeColumn extends VersionedColumn<RecipeBody, StoredRecipe> {

    public RecipeColumn() {
        super(StoredRecipe.class, StoredRecipe::of, StoredRecipe::body);
    }
}
