/** What can go into a mix: materials with their physics and chemistry, and amendments given by weight. */
@NullMarked
package looseknit.core.material;

import org.jspecify.annotations.NullMarked;
