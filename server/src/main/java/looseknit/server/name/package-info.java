/** Finding anything by its name: plants, materials, blends, pots, batches, and what the page itself offers. */
@NullMarked
package looseknit.server.name;

import org.jspecify.annotations.NullMarked;
