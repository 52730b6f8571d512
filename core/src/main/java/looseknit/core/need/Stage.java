package looseknit.core.need;

/**
 * Stage of a plant: how much leaf it has against an established one, and how much more air its roots want. Common practice put
 * into figures by judgement.
 */
public enum Stage {
    CUTTINGS("fresh cuttings", 0.35, 0.05, "Fresh cuttings have few roots and rot easily: more air."),
    YOUNG("young", 0.7, 0, ""),
    ESTABLISHED("established", 1, 0, ""),
    ROOT_FILLED("root-filled", 1.5, -0.02, "A pot full of roots drinks much: a little less air will do."),
    RECOVERING("recovering from rot", 0.6, 0.08, "Roots that recover from rot want noticeably more air."),
    SEVERAL("several in one pot", 1.5, -0.02, "Several plants in one pot drink much: a little less air will do.");

    private final String words;
    private final double leaf;
    private final double moreAir;
    private final String because;

    Stage(final String words, final double leaf, final double moreAir, final String because) {
        this.words = words;
        this.leaf = leaf;
        this.moreAir = moreAir;
        this.because = because;
    }

    public String words() {
        return words;
    }

    /** Leaf area against an established plant. */
    public double leaf() {
        return leaf;
    }

    /** Shift of the wanted air [vol/vol]. */
    double moreAir() {
        return moreAir;
    }

    String because() {
        return because;
    }
}
