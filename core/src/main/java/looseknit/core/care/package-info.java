/** When to look at a pot again. */
@NullMarked
package looseknit.core.care;

import org.jspecify.annotations.NullMarked;
