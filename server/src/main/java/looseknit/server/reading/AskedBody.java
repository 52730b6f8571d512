package looseknit.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import looseknit.core.need.Brief;
import looseknit.server.frame.Books;
import looseknit.server.need.BriefBody;
import org.jspecify.annotations.Nullable;

/**
 * A recipe and what is known of plant, pot, place and hand.
 *
 * @param blendId the blend that it is of, so that tests of it count; null for a recipe on its own
 */
public record AskedBody(
        @NotNull @Valid RecipeBody recipe,
        @Valid @Nullable BriefBody brief,
        @Nullable UUID blendId) {

    /** The brief as the core understands it; open if there is none. */
    public Brief briefToCore(final Books books) {
        return brief == null ? Brief.OPEN : brief.toCore(books);
    }
}
