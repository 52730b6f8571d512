package looseknit.server.reading;

import java.util.UUID;
import looseknit.core.reading.Knowledge;
import org.jspecify.annotations.Nullable;

/** What tests at the bench have shown so far. */
public interface KnownSource {

    /**
     * What is known when a recipe is read.
     *
     * @param blendId the blend, if it is stored
     * @param recipe says how volumes are measured out
     */
    Knowledge known(@Nullable UUID blendId, RecipeBody recipe);
}
