/** Today and the looks at pots. */
@NullMarked
package looseknit.server.care;

import org.jspecify.annotations.NullMarked;
