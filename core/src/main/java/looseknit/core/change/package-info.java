/**
 * What somebody could change, and what that would do: typed changes, one step more, swaps, remedies, contradictions and their ways out, walls
 * against mixes. What a change promises is read through the gauges after it has been applied. Uses readings; used by find and bench.
 */
@NullMarked
package looseknit.core.change;

import org.jspecify.annotations.NullMarked;
