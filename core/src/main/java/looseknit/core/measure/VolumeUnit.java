package looseknit.core.measure;

/**
 * Units of volume for kitchen, trade and garden.
 *
 * @see "NIST Special Publication 811 (2008), Appendix B.8, and NIST Handbook 44, Appendix C (values from memory)"
 */
public enum VolumeUnit {
    MILLILITRE("mL", 0.001),
    LITRE("L", 1),
    CUBIC_METRE("m³", 1000),
    CUBIC_INCH("in³", 0.016387064),
    CUBIC_FOOT("ft³", 28.316846592),
    CUBIC_YARD("yd³", 764.554857984),
    US_TEASPOON("tsp (US)", 0.00492892159375),
    US_TABLESPOON("tbsp (US)", 0.01478676478125),
    US_CUP("cup (US)", 0.2365882365),
    US_QUART("qt (US)", 0.946352946),
    US_GALLON("gal (US)", 3.785411784),
    US_BUSHEL("bu (US)", 35.23907016688),
    IMPERIAL_PINT("pt (imp)", 0.56826125),
    IMPERIAL_GALLON("gal (imp)", 4.54609);

    private final String symbol;
    private final double litres;

    VolumeUnit(final String symbol, final double litres) {
        this.symbol = symbol;
        this.litres = litres;
    }

    public String symbol() {
        return symbol;
    }

    /** Litres in one of this unit. */
    public double litres() {
        return litres;
    }

    public double toLitres(final double amount) {
        return amount * litres;
    }

    public double fromLitres(final double amountLitres) {
        return amountLitres / litres;
    }
}
