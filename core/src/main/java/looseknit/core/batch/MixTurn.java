package looseknit.core.batch;

import java.util.List;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Role;
import looseknit.core.message.Message;
import looseknit.core.message.Named;

/** When something goes into the tub: what is strong is weighed first, wet base, dusty things into the wet, heavy things, chunks last. */
public enum MixTurn implements Named {
    WEIGHED,
    WET_BASE,
    DUSTY,
    HEAVY,
    CHUNKS;

    private static final String BECAUSE = "because";

    /** Grains of which half are larger than this are chunks [mm]; by judgement. */
    private static final double CHUNK_MM = 6;

    /** A mineral lighter than this flies up when it is poured [g/L]; by judgement. */
    private static final double LIGHT_G_PER_L = 300;

    /** When a material goes in; common practice put into limits by judgement. Moss is no chunk, however long: it holds the water. */
    public static MixTurn of(final Material material) {
        final boolean organic = material.materialClass() == MaterialClass.O;
        final boolean holdsWater =
                !material.roles().isEmpty() && material.roles().get(0) == Role.WATER;
        if (material.grainSize().d50Mm() > CHUNK_MM && !(organic && holdsWater)) {
            return CHUNKS;
        }
        if (organic) {
            return WET_BASE;
        }
        return material.hazards().contains(Hazard.DUST) && material.physics().bulkDensityGPerL() < LIGHT_G_PER_L
                ? DUSTY
                : HEAVY;
    }

    /** Why it goes in then. */
    public Message because() {
        return words(BECAUSE);
    }

    @Override
    public List<String> facets() {
        return List.of(BECAUSE);
    }
}
