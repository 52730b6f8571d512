/** Finding mixes: searches as jobs with progress, and what they found. */
@NullMarked
package looseknit.server.find;

import org.jspecify.annotations.NullMarked;
