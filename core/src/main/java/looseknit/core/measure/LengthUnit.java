package looseknit.core.measure;

/**
 * Units of length.
 *
 * @see "NIST Special Publication 811 (2008), Appendix B.8 (values from memory)"
 */
public enum LengthUnit {
    MILLIMETRE("mm", 0.1),
    CENTIMETRE("cm", 1),
    INCH("in", 2.54);

    private final String symbol;
    private final double centimetres;

    LengthUnit(final String symbol, final double centimetres) {
        this.symbol = symbol;
        this.centimetres = centimetres;
    }

    public String symbol() {
        return symbol;
    }

    /** Centimetres in one of this unit. */
    public double centimetres() {
        return centimetres;
    }
}
