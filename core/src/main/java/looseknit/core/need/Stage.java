package looseknit.core.need;

import java.util.List;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/**
 * Stage of a plant: how much leaf it has against an established one, and how much more air its roots want. Common practice put
 * into figures by judgement.
 */
public enum Stage implements Named {
    CUTTINGS(0.35, 0.55, 0.05),
    YOUNG(0.7, 0.85, 0),
    ESTABLISHED(1, 1, 0),
    ROOT_FILLED(1.5, 1.35, -0.02),
    RECOVERING(0.6, 0.8, 0.08),
    SEVERAL(1.5, 1.35, -0.02);

    private static final String BECAUSE = "because";

    private final double leaf;
    private final double spread;
    private final double moreAir;

    Stage(final double leaf, final double spread, final double moreAir) {
        this.leaf = leaf;
        this.spread = spread;
        this.moreAir = moreAir;
    }

    @Override
    public List<String> facets() {
        return List.of(BECAUSE);
    }

    /** Leaf area against an established plant. */
    public double leaf() {
        return leaf;
    }

    /** Width against an established plant in the same pot. */
    public double spread() {
        return spread;
    }

    /** Shift of the wanted air [vol/vol]. */
    double moreAir() {
        return moreAir;
    }

    /** Why the wanted air is shifted. */
    Message because() {
        return words(BECAUSE);
    }
}
