package looseknit.core.measure;

/**
 * A predicted value with its standard deviation, both in the same unit.
 *
 * @param value best estimate
 * @param sd standard deviation, 0 or more
 */
public record Estimate(double value, double sd) {

    /** Half-width of a central 80 % interval of a normal variable in standard deviations (standard normal 0.9 quantile). */
    public static final double Z80 = 1.2815515655446004;

    public Estimate {
        if (!Double.isFinite(value) || !(sd >= 0) || Double.isInfinite(sd)) {
            throw new OutOfRangeException(
                    "estimate",
                    Allowed.WITH_SPREAD.with(String.valueOf(value), String.valueOf(sd)),
                    Allowed.FINITE_WITH_SPREAD.with());
        }
    }

    /** Lower end of the central 80 % interval. */
    public double low80() {
        return value - Z80 * sd;
    }

    /** Upper end of the central 80 % interval. */
    public double high80() {
        return value + Z80 * sd;
    }

    /** The estimate with something on top that is certain. */
    public Estimate plus(final double more) {
        return new Estimate(value + more, sd);
    }

    /** The same estimate in another unit. */
    public Estimate times(final double factor) {
        return new Estimate(value * factor, sd * Math.abs(factor));
    }
}
