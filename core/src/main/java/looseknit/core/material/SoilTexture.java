package looseknit.core.material;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.OutOfRangeException;

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
    public enum TextureClass {
        SAND("sand"),
        LOAMY_SAND("loamy sand"),
        SANDY_LOAM("sandy loam"),
        LOAM("loam"),
        SILT_LOAM("silt loam"),
        SILT("silt"),
        SANDY_CLAY_LOAM("sandy clay loam"),
        CLAY_LOAM("clay loam"),
        SILTY_CLAY_LOAM("silty clay loam"),
        SANDY_CLAY("sandy clay"),
        SILTY_CLAY("silty clay"),
        CLAY("clay");

        private final String words;

        TextureClass(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public SoilTexture {
        within("texture.sand", sand, 0, 1, "(share)");
        within("texture.silt", silt, 0, 1, "(share)");
        within("texture.clay", clay, 0, 1, "(share)");
        if (Math.abs(sand + silt + clay - 1) > ROUNDING) {
            throw new OutOfRangeException("texture.sum", sand + silt + clay, "sand, silt and clay that add up to 1");
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
        if (c < 20 && s > 52 || c < 7) {
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
