/** Batches and packs. */
@NullMarked
package looseknit.server.batch;

import org.jspecify.annotations.NullMarked;
