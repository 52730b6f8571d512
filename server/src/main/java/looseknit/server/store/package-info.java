/** How records are kept in one column. Features say what of theirs is kept; nothing here knows of plants or mixes. */
@NullMarked
package looseknit.server.store;

import org.jspecify.annotations.NullMarked;
