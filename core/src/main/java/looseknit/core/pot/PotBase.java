package looseknit.core.pot;

import looseknit.core.message.Named;

/** How water leaves the bottom of a pot. */
public enum PotBase implements Named {
    /** Open holes, raised. */
    ON_FEET,
    /** Open holes in the air, hung up. */
    HANGING,
    /** Open holes on a hard surface: drains like a raised pot as long as the holes stay clear. */
    FLAT,
    /** Closed, with free water up to the overflow height. */
    NO_HOLES,
    /** A wick, mat or soil draws water from the hole; its length adds suction. */
    WICK
}
