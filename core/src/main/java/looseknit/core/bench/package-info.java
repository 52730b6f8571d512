/** Everything that the bench shows of a blend at once. Uses readings, changes and cautions; nothing in the core uses it but for searches. */
@NullMarked
package looseknit.core.bench;

import org.jspecify.annotations.NullMarked;
