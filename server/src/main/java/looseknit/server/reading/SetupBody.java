package looseknit.server.reading;

import looseknit.server.need.BriefBody;
import org.jspecify.annotations.Nullable;

/**
 * What lies on the bench.
 *
 * @param recipe the mix; null if it stays as it is
 * @param brief what it is for
 */
public record SetupBody(@Nullable RecipeBody recipe, BriefBody brief) {}
