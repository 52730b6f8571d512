/** Seasons of watering, simulated. */
@NullMarked
package looseknit.server.dry;

import org.jspecify.annotations.NullMarked;
