package looseknit.core.reading;

import java.util.List;
import looseknit.core.need.Property;

/** The readings: a row for each, in the order in which they are shown. */
public final class Gauges {

    /** Every gauge. */
    public static final List<Gauge> ALL = List.of(
            new AirFilledPorosity(),
            new ContainerCapacity(),
            new EasilyAvailableWater(),
            new DaysToDry(),
            new MixPh(),
            new FirstMonthNitrogen(),
            new Salinity(),
            new WateredWeight(),
            new Lifetime(),
            new UsualContents(),
            new MedianGrain(),
            new ExchangeCapacity(),
            new Rewetting());

    private static final Gauge[] BY_PROPERTY = new Gauge[Property.values().length];

    static {
        ALL.forEach(gauge -> BY_PROPERTY[gauge.property().ordinal()] = gauge);
    }

    private Gauges() {}

    /**
     * The gauge of a property.
     *
     * @throws IllegalArgumentException if it cannot be read off a blend
     */
    public static Gauge of(final Property property) {
        final Gauge gauge = BY_PROPERTY[property.ordinal()];
        if (gauge == null) {
            throw new IllegalArgumentException(property + " is not read off a blend");
        }
        return gauge;
    }
}
