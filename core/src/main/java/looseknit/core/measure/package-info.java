/** Quantities: estimates with their spread, bands, range checks, kitchen and trade units. */
@NullMarked
package looseknit.core.measure;

import org.jspecify.annotations.NullMarked;
