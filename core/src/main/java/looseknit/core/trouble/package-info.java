/** What is wrong with a plant: signs, causes, and the question that would tell most. */
@NullMarked
package looseknit.core.trouble;

import org.jspecify.annotations.NullMarked;
