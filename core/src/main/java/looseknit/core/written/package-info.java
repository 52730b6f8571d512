/**
 * Recipes as people write and say them: read with whatever is not clear told, and written so that they read back the same. Uses recipes and
 * materials; nothing of the rules uses it.
 */
@NullMarked
package looseknit.core.written;

import org.jspecify.annotations.NullMarked;
