/** Set-ups of pots, their templates, placing, roots, newcomers and kinds of pots over HTTP. */
@NullMarked
package looseknit.server.planting;

import org.jspecify.annotations.NullMarked;
