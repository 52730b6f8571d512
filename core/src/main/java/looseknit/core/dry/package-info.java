/** How fast a pot dries: weather, leaf, surface and wall. */
@NullMarked
package looseknit.core.dry;

import org.jspecify.annotations.NullMarked;
