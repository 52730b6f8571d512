/**
 * What the rules have to say, without words: codes with typed arguments. Everything in the core may use it; it uses nothing of the core.
 * {@link looseknit.core.message.Wording} puts messages into words and is for whoever answers people, never for a rule.
 */
@NullMarked
package looseknit.core.message;

import org.jspecify.annotations.NullMarked;
