package looseknit.core.change;

import looseknit.core.blend.Recipe;
import looseknit.core.need.Brief;

/**
 * What lies on the bench: a mix and what it is for. Changes turn one into another.
 *
 * @param recipe the mix
 * @param brief what it is for
 */
public record Setup(Recipe recipe, Brief brief) {}
