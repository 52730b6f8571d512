package looseknit.core.material;

/** What lists of materials are cut into, in the order in which they stand on a shelf. */
public enum Section {
    WATER,
    AIR,
    STRUCTURE,
    WEIGHT,
    FEED,
    FILTER,
    ACIDITY,
    /** The grower's own. */
    OWN,
    /** There only to say why not. */
    NEVER;

    /**
     * The section of a material: what it does first of all, unless it is the grower's own or not to be used at all.
     *
     * @param own whether it is the grower's own
     */
    public static Section of(final Material material, final boolean own) {
        if (own) {
            return OWN;
        }
        if (material.natures().contains(Nature.NEVER)) {
            return NEVER;
        }
        if (material.roles().isEmpty()) {
            return STRUCTURE;
        }
        return switch (material.roles().get(0)) {
            case WATER -> WATER;
            case AIR -> AIR;
            case WEIGHT -> WEIGHT;
            case FEED -> FEED;
            case FILTER -> FILTER;
            case ACIDITY -> ACIDITY;
            case STRUCTURE, INTERNAL -> STRUCTURE;
        };
    }
}
