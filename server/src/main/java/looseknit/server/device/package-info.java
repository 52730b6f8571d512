/** Instruments at the bench, simulated: a probe, a scale and a meter for salts. */
@NullMarked
package looseknit.server.device;

import org.jspecify.annotations.NullMarked;
