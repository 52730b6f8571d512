package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;

/**
 * Sand, silt and clay of a mineral soil as shares of its fine earth; together 1.
 *
 * @param sand 0.05 to 2 mm, 0 to 1
 * @param silt 0.002 to 0.05 mm, 0 to 1
 * @param clay under 0.002 mm, 0 to 1
 */
public record SoilTexture(double sand, double silt, double clay) {

    /** How far the three may be from adding up to one. */
    private static final double ROUNDING = 0.011;

    /**
     * The twelve texture classes.
     *
     * @see "Soil Survey Division Staff (1993). Soil Survey Manual, USDA Handbook 18, chapter 3 (from memory)"
     */
    public enum TextureClass implements Named {
        SAND,
        LOAMY_SAND,
        SANDY_LOAM,
        LOAM,
        SILT_LOAM,
        SILT,
        SANDY_CLAY_LOAM,
        CLAY_LOAM,
        SILTY_CLAY_LOAM,
        SANDY_CLAY,
        SILTY_CLAY,
        CLAY
    }

    public SoilTexture {
        within("texture.sand", sand, 0, 1, Limit.SHARE);
        within("texture.silt", silt, 0, 1, Limit.SHARE);
        within("texture.clay", clay, 0, 1, Limit.SHARE);
        if (Math.abs(sand + silt + clay - 1) > ROUNDING) {
            throw new OutOfRangeException(
                    "texture.sum",
                    Quantity.trimmed(Dimension.NUMBER, sand + silt + clay, 3),
                    MaterialSentence.TEXTURE_ADDS_UP.with());
        }
    }

    /** The class in the texture triangle; a point on a border belongs to the class that the manual's words give it. */
    public TextureClass textureClass() {
        final double s = 100 * sand;
        final double u = 100 * silt;
        final double c = 100 * clay;
        if (u + 1.5 * c < 15) {
            return TextureClass.SAND;
        }
        if (u + 2 * c < 30) {
            return TextureClass.LOAMY_SAND;
        }
        if (u >= 80 && c < 12) {
            return TextureClass.SILT;
        }
        if (u >= 50 && c < 27) {
            return TextureClass.SILT_LOAM;
        }
        if ((c < 20 && s > 52) || c < 7) {
            return TextureClass.SANDY_LOAM;
        }
        if (c < 27 && u >= 28) {
            return TextureClass.LOAM;
        }
        return clayey(s, u, c);
    }

    private static TextureClass clayey(final double s, final double u, final double c) {
        if (c >= 20 && c < 35 && u < 28 && s > 45) {
            return TextureClass.SANDY_CLAY_LOAM;
        }
        if (c >= 35 && s > 45) {
            return TextureClass.SANDY_CLAY;
        }
        if (c < 40) {
            return s > 20 ? TextureClass.CLAY_LOAM : TextureClass.SILTY_CLAY_LOAM;
        }
        return u >= 40 ? TextureClass.SILTY_CLAY : TextureClass.CLAY;
    }

    /** Whether water moves badly through it and it packs hard: a third of clay or more. */
    public boolean heavy() {
        return clay >= 0.33;
    }
}
