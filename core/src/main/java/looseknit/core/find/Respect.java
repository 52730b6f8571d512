package looseknit.core.find;

import looseknit.core.message.Named;

/** What a proposal is the best of. */
public enum Respect implements Named {
    CLOSEST,
    FEWEST,
    CHEAPEST,
    LIGHTEST,
    LONGEST,
    NO_PEAT,
    SAFEST,
    FEWEST_EXTRA,
    MOST
}
