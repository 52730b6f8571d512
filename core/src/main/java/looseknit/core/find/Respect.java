package looseknit.core.find;

import looseknit.core.message.Named;
import looseknit.core.need.School;

/** What a proposal is the best of. */
public enum Respect implements Named {
    CLOSEST,
    FEWEST,
    CHEAPEST,
    LIGHTEST,
    LONGEST,
    NO_PEAT,
    MINERAL,
    BARK,
    PEAT,
    COMPOST,
    MOSS,
    SAFEST,
    FEWEST_EXTRA,
    MOST;

    /** The title of what a school mixes. */
    static Respect of(final School school) {
        return switch (school) {
            case MINERAL -> MINERAL;
            case BARK -> BARK;
            case PEAT -> PEAT;
            case PEAT_FREE -> NO_PEAT;
            case COMPOST -> COMPOST;
            case MOSS -> MOSS;
        };
    }
}
