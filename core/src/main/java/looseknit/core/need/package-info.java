/** Plants, places, hands and what follows from them: a target for each reading, each with its because. */
@NullMarked
package looseknit.core.need;

import org.jspecify.annotations.NullMarked;
