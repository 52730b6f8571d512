/** What a material is on its own, and what changes when another stands in for it. Uses readings. */
@NullMarked
package looseknit.core.sheet;

import org.jspecify.annotations.NullMarked;
