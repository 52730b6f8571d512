/** What is at hand: lots and what was measured of them, packs on offer, own materials, soils and mixes; and files of all of it. */
@NullMarked
package looseknit.server.shelf;

import org.jspecify.annotations.NullMarked;
