package looseknit.core.reading;

import looseknit.core.assay.Beliefs;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Scoop;

/**
 * What is known beyond recipe and brief.
 *
 * @param beliefs what tests have shown about lots and about this blend
 * @param blend name of the blend among the tests, {@link Beliefs#NO_BLEND} if it has none
 * @param scoop how volumes are measured out
 * @param book the materials and amendments that a change may bring in, the person's own among them
 */
public record Knowledge(Beliefs beliefs, String blend, Scoop scoop, MaterialBook book) {

    /** Nothing tested, level scoops, the materials that ship. */
    public static final Knowledge NOTHING =
            new Knowledge(Beliefs.UNTESTED, Beliefs.NO_BLEND, Scoop.LEVEL, MaterialBook.shipped());

    /** The same without any test. */
    Knowledge untested() {
        return new Knowledge(Beliefs.UNTESTED, blend, scoop, book);
    }
}
