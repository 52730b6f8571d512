package looseknit.core.material;

import looseknit.core.message.Named;

/**
 * What a grower sees in a mix before reading any figure. A material may be of several of these, or of one in part; the shares of a mix are linear in
 * those of its materials. By judgement, no source.
 */
public enum Component implements Named {
    /** Inorganic solids; loam counts by half. */
    MINERAL,
    /** Fine matter that holds water: peat, pith, leaf mould, fine or composted bark, chopped moss, compost; loam counts by half. */
    HOLDER,
    /** Pieces of 4 mm and more, by the grading of the material; long moss is none. */
    CHUNK,
    /** Bark, chips and the like in pieces of 4 mm and more. */
    WOODY,
    /** Long-fibre moss. */
    MOSS,
    /** Rotted matter that feeds. */
    RICH,
    /** Loam and garden soil. */
    SOIL,
    /** Whatever feeds of itself: rotted matter or loam. */
    EARTHY,
    /** Charcoals and chars. */
    CHAR,
    /** Peat. */
    PEAT,
    /** Bark of any grade. */
    BARK,
    /** Whatever holds water, be it fine, moss, or a grain that soaks it up. */
    WATERY,
    /** Whatever opens a mix: mineral of more than a millimetre, chunks, hulls. */
    OPENER,
    /** Mixes whose make-up nobody knows. */
    UNKNOWN;

    private static final double CHUNK_MM = 4;
    private static final double OPENER_MM = 1;

    /** Median grain from which sphagnum counts as long [mm]. */
    private static final double LONG_MOSS_MM = 5;

    private static final double HALF = 0.5;

    /** Water held at 10 cm of suction below which organic matter holds none, and above which it is a holder [vol/vol]. */
    private static final double HOLDS_NONE = 0.2;

    private static final double HOLDS_WELL = 0.4;

    /** The same for mineral grains, between which some water hangs anyway. */
    private static final double GRAIN_HOLDS_NONE = 0.3;

    private static final double GRAIN_HOLDS_WELL = 0.5;

    private static final double TESTED_CM = 10;

    /** How much of a plain material is of this, 0 to 1. */
    public double of(final Material material) {
        return switch (this) {
            case MINERAL -> mineral(material);
            case HOLDER -> holder(material);
            case CHUNK -> longMoss(material) ? 0 : above(CHUNK_MM, material);
            case WOODY -> woody(material) ? above(CHUNK_MM, material) : 0;
            case MOSS -> longMoss(material) ? 1 : 0;
            case RICH -> material.is(Nature.RICH) ? 1 : 0;
            case SOIL -> material.is(Nature.SOIL) ? 1 : 0;
            case EARTHY -> material.is(Nature.RICH) || material.is(Nature.SOIL) ? 1 : 0;
            case CHAR -> charred(material) ? 1 : 0;
            case PEAT -> material.is(Nature.PEAT) ? 1 : 0;
            case BARK -> material.is(Nature.BARK) ? 1 : 0;
            case WATERY -> watery(material);
            case OPENER -> opener(material);
            case UNKNOWN -> material.is(Nature.UNKNOWN) ? 1 : 0;
        };
    }

    private static boolean organic(final Material material) {
        return material.materialClass() == MaterialClass.O && !material.is(Nature.SOIL) && !charred(material);
    }

    private static boolean charred(final Material material) {
        return material.is(Nature.CHARCOAL) || material.is(Nature.RICH_CHAR);
    }

    private static boolean woody(final Material material) {
        return organic(material)
                && !longMoss(material)
                && !material.is(Nature.LITTER)
                && !material.is(Nature.RICH)
                && !material.is(Nature.PEAT);
    }

    private static boolean longMoss(final Material material) {
        return material.is(Nature.SPHAGNUM) && material.grainSize().d50Mm() >= LONG_MOSS_MM;
    }

    private static double mineral(final Material material) {
        if (material.is(Nature.SOIL)) {
            return HALF;
        }
        return organic(material) || charred(material) ? 0 : 1;
    }

    private static double holder(final Material material) {
        if (material.is(Nature.SOIL)) {
            return HALF;
        }
        return organic(material) && !longMoss(material)
                ? (1 - above(CHUNK_MM, material)) * held(material, HOLDS_NONE, HOLDS_WELL)
                : 0;
    }

    private static double watery(final Material material) {
        if (material.is(Nature.SOIL) || longMoss(material)) {
            return 1;
        }
        if (organic(material)) {
            return held(material, HOLDS_NONE, HOLDS_WELL);
        }
        return held(material, GRAIN_HOLDS_NONE, GRAIN_HOLDS_WELL);
    }

    private static double opener(final Material material) {
        if (material.is(Nature.SOIL) || longMoss(material)) {
            return 0;
        }
        if (organic(material)) {
            return Math.max(1 - holder(material), material.is(Nature.BARK) ? HALF : 0);
        }
        return above(OPENER_MM, material);
    }

    private static double held(final Material material, final double none, final double well) {
        return Math.max(0, Math.min(1, (material.retention().at(TESTED_CM) - none) / (well - none)));
    }

    private static double above(final double millimetres, final Material material) {
        return 1 - SizeClasses.passing(material.grainSize(), millimetres);
    }

    /** Share of its volume that sheds water once it is bone dry, 0 to 1: peat and wood wholly, bark by half. */
    public static double shedsOnceDry(final Material material) {
        return material.is(Nature.REPELS) ? 1 : material.is(Nature.BARK) ? HALF : 0;
    }
}
