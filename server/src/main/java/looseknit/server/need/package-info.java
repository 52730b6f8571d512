/** Plants, places and the brief. */
@NullMarked
package looseknit.server.need;

import org.jspecify.annotations.NullMarked;
