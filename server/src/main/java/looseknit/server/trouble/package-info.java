/** What is wrong with a plant, and what came of it. */
@NullMarked
package looseknit.server.trouble;

import org.jspecify.annotations.NullMarked;
