/**
 * Names as people type them: folded, mistyped, half remembered. Knows nothing of what they name; every room may use it.
 */
@NullMarked
package looseknit.core.name;

import org.jspecify.annotations.NullMarked;
