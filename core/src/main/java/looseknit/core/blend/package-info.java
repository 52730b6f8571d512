/** A recipe and what it becomes when it is mixed: volume, pores, water at suction, weight, acidity, food, ageing. */
@NullMarked
package looseknit.core.blend;

import org.jspecify.annotations.NullMarked;
