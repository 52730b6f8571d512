package looseknit.core.material;

/** What handling a material asks of the person. */
public enum Hazard {
    /** Mineral or char dust. */
    DUST,
    /** Moulds and bacteria of stored organic matter. */
    MOULD,
    /** Skin infection through cuts. */
    SPHAGNUM,
    /** Burns eyes and skin. */
    CAUSTIC,
    /** Attracts or harms pets. */
    PETS
}
