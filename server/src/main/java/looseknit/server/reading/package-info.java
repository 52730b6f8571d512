/** Readings of a blend without storing it. */
@NullMarked
package looseknit.server.reading;

import org.jspecify.annotations.NullMarked;
