/** Tables that are read in from files, first dry and then in one piece, and written out; what stands in them is said by those who keep it. */
@NullMarked
package looseknit.server.table;

import org.jspecify.annotations.NullMarked;
