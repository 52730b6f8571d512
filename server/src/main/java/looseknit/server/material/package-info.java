/** Materials and amendments of the Book. */
@NullMarked
package looseknit.server.material;

import org.jspecify.annotations.NullMarked;
