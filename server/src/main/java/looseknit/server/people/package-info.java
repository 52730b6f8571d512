/** People who share a house: who they are, what each may do, and who did what. Nothing of it is there where nobody shares. */
@NullMarked
package looseknit.server.people;

import org.jspecify.annotations.NullMarked;
