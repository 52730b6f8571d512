/** Blends and their versions. */
@NullMarked
package looseknit.server.blend;

import org.jspecify.annotations.NullMarked;
