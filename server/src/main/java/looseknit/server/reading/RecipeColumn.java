package looseknit.server.reading;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

/** A recipe in one column of whatever has one. */
@Converter
@Immutable
public class RecipeColumn extends VersionedColumn<RecipeBody, StoredRecipe> {

    public RecipeColumn() {
        super(StoredRecipe.class, StoredRecipe::of, StoredRecipe::body);
    }
}
