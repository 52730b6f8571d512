/** A blend to pass on: as a file, as a text to publish, as a code, on paper; and taken in again from the first three. */
@NullMarked
package looseknit.server.publish;

import org.jspecify.annotations.NullMarked;
