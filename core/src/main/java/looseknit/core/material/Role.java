package looseknit.core.material;

import looseknit.core.message.Named;

/** What a material does in a mix. */
public enum Role implements Named {
    AIR,
    WATER,
    FEED,
    ACIDITY,
    WEIGHT,
    FILTER,
    STRUCTURE,
    /** Arises inside the pot; not for recipes. */
    INTERNAL
}
