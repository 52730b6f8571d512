package looseknit.core.message;

/**
 * What a quantity measures: the unit in which the core computes it, and the units in which people read it. By the habit of the trade grain
 * sizes stay in millimetres and concentrations in mg/L in both systems.
 *
 * @see "NIST Special Publication 811 (2008), Appendix B.8 for the factors (values from memory)"
 */
public enum Dimension {
    /** A share [vol/vol or 1], read in per cent. */
    SHARE("%", 100, "%", 100),
    /** A difference of two shares, read in points of a hundred. */
    POINTS("", 100, "", 100),
    /** A bare number. */
    NUMBER("", 1, "", 1),
    /** A length [cm]. */
    LENGTH("cm", 1, "in", 1 / 2.54),
    /** A grain size [mm]. */
    GRAIN("mm", 1, "mm", 1),
    /** A volume [L], by the unit in which so much is scooped. */
    VOLUME("L", 1, "qt", 1 / 0.946352946),
    /** A mass that is lifted [kg]. */
    MASS("kg", 1, "lb", 1 / 0.45359237),
    /** A mass that is weighed out [g]. */
    GRAMS("g", 1, "oz", 1 / 28.349523125),
    /** A dose [g/L]. */
    DOSE("g/L", 1, "oz/gal", 3.785411784 / 28.349523125),
    /** A bulk density [g/L]. */
    DENSITY("g/L", 1, "lb/ft³", 28.316846592 / 453.59237),
    /** Volume that a dry brick swells to [L/kg]. */
    SWELL("L/kg", 1, "qt/lb", 0.45359237 / 0.946352946),
    /** A temperature [°C]. */
    TEMPERATURE("°C", 1, "°F", 1.8),
    /** A little water [mL]. */
    WATER("mL", 1, "fl oz", 1 / 29.5735295625),
    /** Water that goes in a day [mL]. */
    DAILY_WATER("mL a day", 1, "fl oz a day", 1 / 29.5735295625),
    /** Days. */
    DAYS("d", 1, "d", 1),
    /** Weeks. */
    WEEKS("wk", 1, "wk", 1),
    /** Years. */
    YEARS("yr", 1, "yr", 1),
    /** Acidity. */
    PH("pH", 1, "pH", 1),
    /** A concentration [mg/L]. */
    CONCENTRATION("mg/L", 1, "mg/L", 1),
    /** A concentration of nitrogen [mg/L]. */
    NITROGEN("mg N/L", 1, "mg N/L", 1),
    /** Salts [dS/m]. */
    CONDUCTIVITY("dS/m", 1, "dS/m", 1),
    /** Charge in a volume of mix [meq/L]. */
    CHARGE("meq/L", 1, "meq/L", 1),
    /** Buffer capacity [meq/L per pH]. */
    BUFFER("meq/L per pH", 1, "meq/L per pH", 1),
    /** Daily light [mol/m²]. */
    DAILY_LIGHT("mol/m² a day", 1, "mol/m² a day", 1),
    /** Dryness of the air [kPa]. */
    PRESSURE("kPa", 1, "kPa", 1),
    /** A tilt [°]. */
    ANGLE("°", 1, "°", 1);

    private static final double FREEZING_F = 32;

    private final String metricUnit;
    private final double metricFactor;
    private final String usUnit;
    private final double usFactor;

    Dimension(final String metricUnit, final double metricFactor, final String usUnit, final double usFactor) {
        this.metricUnit = metricUnit;
        this.metricFactor = metricFactor;
        this.usUnit = usUnit;
        this.usFactor = usFactor;
    }

    /** Symbol of the unit in which people read it. */
    public String unit(final MeasureSystem system) {
        return system == MeasureSystem.US ? usUnit : metricUnit;
    }

    /** Whether people of the two systems read it differently. */
    public boolean differs() {
        return !metricUnit.equals(usUnit);
    }

    /** A value in the unit in which people read it, from one in the unit of computation. */
    public double shown(final double value, final MeasureSystem system) {
        return difference(value, system) + (this == TEMPERATURE && system == MeasureSystem.US ? FREEZING_F : 0);
    }

    /** A difference of two values in the unit in which people read it. */
    public double difference(final double value, final MeasureSystem system) {
        return value * (system == MeasureSystem.US ? usFactor : metricFactor);
    }

    /**
     * Decimals that tell as much as so many tell in metric units.
     *
     * @param metricDecimals decimals worth showing in the metric unit
     */
    public int decimals(final int metricDecimals, final MeasureSystem system) {
        if (system == MeasureSystem.METRIC || !differs() || this == TEMPERATURE) {
            return metricDecimals;
        }
        final long more = Math.round(-Math.log10(usFactor / metricFactor));
        return (int) Math.max(0, metricDecimals + more);
    }
}
