package looseknit.core.trouble;

import looseknit.core.need.Brief;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/** A brief for a plant whose roots rotted: recovering, in a smaller pot that breathes. Common practice, no source. */
public final class Rescue {

    /** Width of the new pot over the old one. */
    private static final double SMALLER = 0.75;

    private static final double LEAST_CM = 5;

    private Rescue() {}

    /** The brief for the rescue of a plant that stood by another. A pot without holes keeps its wall: clay would let its water out. */
    public static Brief of(final Brief before) {
        final Brief recovering = before.with(Stage.RECOVERING);
        return before.pot().map(Rescue::smaller).map(recovering::with).orElse(recovering);
    }

    private static Pot smaller(final Pot pot) {
        final double topCm = Math.min(pot.topCm(), Math.max(LEAST_CM, Math.rint(2 * SMALLER * pot.topCm()) / 2));
        final Pot scaled = pot.scaledTo(topCm);
        return pot.base() == PotBase.NO_HOLES ? scaled : scaled.with(PotWall.CLAY);
    }
}
