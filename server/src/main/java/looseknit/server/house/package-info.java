/** The house itself: its data folder, what can be wrong with it at the start, backups and how they are put back. */
@NullMarked
package looseknit.server.house;

import org.jspecify.annotations.NullMarked;
