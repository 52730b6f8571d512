/** Everything that can be read off a blend in its pot, with target, verdict and explanation. */
@NullMarked
package looseknit.core.reading;

import org.jspecify.annotations.NullMarked;
