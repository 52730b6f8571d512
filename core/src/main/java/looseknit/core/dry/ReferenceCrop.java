package looseknit.core.dry;

/**
 * Evaporation of the reference crop, for comparing a place outdoors with weather records.
 *
 * @see "Allen, R. G. et al. (1998). FAO Irrigation and Drainage Paper 56, equations 6, 17 and 47 (from memory)"
 */
public final class ReferenceCrop {

    private ReferenceCrop() {}

    /**
     * Reference evapotranspiration ET0 [mm/d], equation 6.
     *
     * @param meanC mean temperature [°C]
     * @param netMJPerM2 net radiation less soil heat [MJ/m² per day]
     * @param windAt2m wind at 2 m [m/s]
     * @param saturationKPa mean saturation vapour pressure [kPa]
     * @param actualKPa actual vapour pressure [kPa]
     * @param psychrometric psychrometric constant [kPa/°C]
     */
    public static double mmPerDay(
            final double meanC,
            final double netMJPerM2,
            final double windAt2m,
            final double saturationKPa,
            final double actualKPa,
            final double psychrometric) {
        final double slope = Weather.slopeKPaPerC(meanC);
        return (0.408 * slope * netMJPerM2
                        + psychrometric * 900 / (meanC + 273) * windAt2m * (saturationKPa - actualKPa))
                / (slope + psychrometric * (1 + 0.34 * windAt2m));
    }

    /** Mean saturation vapour pressure of a day [kPa], equation 12. */
    public static double meanSaturationKPa(final double highestC, final double lowestC) {
        return (Weather.saturationKPa(highestC) + Weather.saturationKPa(lowestC)) / 2;
    }

    /** Actual vapour pressure from the extremes of temperature and humidity [kPa], equation 17. */
    public static double actualKPa(
            final double highestC,
            final double lowestC,
            final double highestHumidityPercent,
            final double lowestHumidityPercent) {
        return (Weather.saturationKPa(lowestC) * highestHumidityPercent
                        + Weather.saturationKPa(highestC) * lowestHumidityPercent)
                / 200;
    }

    /** Wind at 2 m from wind at another height over grass [m/s], equation 47. */
    public static double windAt2m(final double windMPerS, final double heightM) {
        return windMPerS * 4.87 / Math.log(67.8 * heightM - 5.42);
    }
}
