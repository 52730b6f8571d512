/** Finds the blend that suits a brief best among all that can be scooped from some materials, and proves that none is better. */
@NullMarked
package looseknit.core.find;

import org.jspecify.annotations.NullMarked;
