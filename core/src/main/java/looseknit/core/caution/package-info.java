/** What must not be done, and what needs care, as rules held in data. */
@NullMarked
package looseknit.core.caution;

import org.jspecify.annotations.NullMarked;
