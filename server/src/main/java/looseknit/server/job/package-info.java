/** Long work beside the requests that ask for it: started once by its id, watched, called off. */
@NullMarked
package looseknit.server.job;

import org.jspecify.annotations.NullMarked;
