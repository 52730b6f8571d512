/** Pots by shape and size, and how water stands in a mix inside them. */
@NullMarked
package looseknit.core.pot;

import org.jspecify.annotations.NullMarked;
