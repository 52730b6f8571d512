package looseknit.core.material;

/** What kind of stuff a material is, as far as cautions ask. A material may be of several kinds. */
public enum Nature {
    PEAT,
    COIR,
    BARK,
    SPHAGNUM,
    /** Leaf and needle litter. */
    LITTER,
    /** Rotted matter that feeds: compost, castings, manure. */
    RICH,
    /** Char whose ash feeds and sweetens. */
    RICH_CHAR,
    CHARCOAL,
    /** Gives lime to the water. */
    LIMY,
    /** Mineral soil. */
    SOIL,
    /** So fine that it fills pores and washes down. */
    FINE_SAND,
    /** Carries much salt. */
    SALTY,
    /** Fertiliser has been added to it. */
    FED,
    /** Coir that has not been rinsed of salts. */
    UNRINSED,
    /** Swims up when the pot is flooded. */
    FLOATS,
    /** Sheds water once bone dry. */
    REPELS,
    /** Not yet rotted or aired. */
    FRESH,
    /** A mix, or part of one, whose make-up nobody knows. */
    UNKNOWN,
    /** From a bag in quarantine, for gnats or other guests. */
    QUARANTINED,
    /** Not to be used in pots. */
    NEVER
}
