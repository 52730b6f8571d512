/** What is due and when, beyond the next look: one calendar. */
@NullMarked
package looseknit.server.due;

import org.jspecify.annotations.NullMarked;
