/** The server: REST, storage and the pages, around the core. Holds no formula. */
@NullMarked
package looseknit.server;

import org.jspecify.annotations.NullMarked;
