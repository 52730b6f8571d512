package looseknit.server.frame;

import java.util.Set;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.PlantBook;

/** What can be named in recipes and briefs at this moment: what ships, with the person's own entries and lots. */
public interface Books {

    /** Materials as they are at hand: lots that were measured stand for the Book's entry. */
    MaterialBook materials();

    PlantBook plants();

    /** Ids of own entries that were taken off the list; what names them still finds them. */
    Set<String> retired();
}
