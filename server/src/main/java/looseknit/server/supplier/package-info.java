/** What a supplier charges: a price list behind one interface, and a simulated supplier that ships with the program. */
@NullMarked
package looseknit.server.supplier;

import org.jspecify.annotations.NullMarked;
