/** Tests at the bench, kept, and what they have shown. */
@NullMarked
package looseknit.server.assay;

import org.jspecify.annotations.NullMarked;
