/** Pottings: a plant in a pot with a batch. */
@NullMarked
package looseknit.server.pot;

import org.jspecify.annotations.NullMarked;
