/** Units. */
@NullMarked
package looseknit.server.measure;

import org.jspecify.annotations.NullMarked;
