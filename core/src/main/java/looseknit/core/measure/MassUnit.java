package looseknit.core.measure;

/**
 * Units of mass.
 *
 * @see "NIST Special Publication 811 (2008), Appendix B.8 (values from memory)"
 */
public enum MassUnit {
    GRAM("g", 1),
    KILOGRAM("kg", 1000),
    OUNCE("oz", 28.349523125),
    POUND("lb", 453.59237);

    private final String symbol;
    private final double grams;

    MassUnit(final String symbol, final double grams) {
        this.symbol = symbol;
        this.grams = grams;
    }

    public String symbol() {
        return symbol;
    }

    /** Grams in one of this unit. */
    public double grams() {
        return grams;
    }
}
