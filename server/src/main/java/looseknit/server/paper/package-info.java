/** What goes on paper: labels, work orders and lists as PDF. */
@NullMarked
package looseknit.server.paper;

import org.jspecify.annotations.NullMarked;
