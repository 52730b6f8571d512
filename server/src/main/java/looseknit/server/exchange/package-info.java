/** Everything in one file: written out, looked through, and taken into this house or into an empty one. */
@NullMarked
package looseknit.server.exchange;

import org.jspecify.annotations.NullMarked;
