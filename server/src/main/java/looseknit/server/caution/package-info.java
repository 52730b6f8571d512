/** The rules of caution, to read up on. */
@NullMarked
package looseknit.server.caution;

import org.jspecify.annotations.NullMarked;
