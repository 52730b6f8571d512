/** How plants did: who lived, how fast pots dried, and what that does not tell. */
@NullMarked
package looseknit.core.outcome;

import org.jspecify.annotations.NullMarked;
