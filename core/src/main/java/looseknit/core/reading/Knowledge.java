package looseknit.core.reading;

import looseknit.core.assay.Beliefs;
import looseknit.core.measure.Scoop;

/**
 * What is known beyond recipe and brief.
 *
 * @param beliefs what tests have shown about lots and about this blend
 * @param blend name of the blend among the tests, {@link Beliefs#NO_BLEND} if it has none
 * @param scoop how volumes are measured out
 */
public record Knowledge(Beliefs beliefs, String blend, Scoop scoop) {

    /** Nothing tested, level scoops. */
    public static final Knowledge NOTHING = new Knowledge(Beliefs.UNTESTED, Beliefs.NO_BLEND, Scoop.LEVEL);
}
