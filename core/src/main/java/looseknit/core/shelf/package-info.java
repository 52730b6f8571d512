/** What a grower really has: lots, what was measured of them, own materials, garden soil, and mixes bought or mixed before. */
@NullMarked
package looseknit.core.shelf;

import org.jspecify.annotations.NullMarked;
