/** The invented lighthouse station that the demo starts with. */
@NullMarked
package looseknit.server.demo;

import org.jspecify.annotations.NullMarked;
