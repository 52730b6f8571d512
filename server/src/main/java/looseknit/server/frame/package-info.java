/** What every feature leans on: problem details, headers, limits, the pages, the OpenAPI document. */
@NullMarked
package looseknit.server.frame;

import org.jspecify.annotations.NullMarked;
