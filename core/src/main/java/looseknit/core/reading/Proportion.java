package looseknit.core.reading;

import looseknit.core.message.Named;

/** A share as a grower says it. */
enum Proportion implements Named {
    NONE(0),
    TENTH(0.1),
    FIFTH(0.2),
    QUARTER(0.25),
    THIRD(1 / 3.0),
    TWO_FIFTHS(0.4),
    HALF(0.5),
    THREE_FIFTHS(0.6),
    TWO_THIRDS(2 / 3.0),
    THREE_QUARTERS(0.75),
    FOUR_FIFTHS(0.8),
    NINE_TENTHS(0.9),
    ALL(1);

    private final double share;

    Proportion(final double share) {
        this.share = share;
    }

    /** The nearest to a share, 0 to 1. */
    static Proportion of(final double share) {
        Proportion nearest = NONE;
        for (final Proportion each : values()) {
            if (Math.abs(each.share - share) < Math.abs(nearest.share - share)) {
                nearest = each;
            }
        }
        return nearest;
    }
}
