/** What becomes of a blend over weeks, months and years, and a blend put to use in its pot. Uses readings. */
@NullMarked
package looseknit.core.outlook;

import org.jspecify.annotations.NullMarked;
