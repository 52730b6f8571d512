/** Puts what the core has to say into the words and units of whoever asks. Every feature may use it. */
@NullMarked
package looseknit.server.message;

import org.jspecify.annotations.NullMarked;
