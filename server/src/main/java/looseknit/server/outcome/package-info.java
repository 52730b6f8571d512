/** How plants did, by what they have in common. */
@NullMarked
package looseknit.server.outcome;

import org.jspecify.annotations.NullMarked;
