/** Instruments: what a real one would have to tell, simulated ones that ship, and what to make of their curves. */
@NullMarked
package looseknit.core.device;

import org.jspecify.annotations.NullMarked;
