package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.shelf.Measured;
import looseknit.core.shelf.SieveAnalysis;
import org.jspecify.annotations.Nullable;

/**
 * What was measured of a lot, as it travels and is stored. Null where nothing was measured.
 *
 * @param ph pH in a slurry of water
 * @param bulkDensityGPerL dry weight of a settled litre [g/L]
 */
public record MeasuredBody(
        @Nullable Double ph,
        @Nullable Double bulkDensityGPerL,
        @Valid @Nullable DrainBody drain,
        @Valid @Nullable SievesBody sieves) {

    /** Nothing measured. */
    public static final MeasuredBody NOTHING = new MeasuredBody(null, null, null, null);

    /**
     * A drain test.
     *
     * @param heightCm height of the material in the container [cm]
     * @param airPercent air after draining [% of volume]
     * @param waterPercent water after draining [% of volume]
     */
    public record DrainBody(double heightCm, double airPercent, double waterPercent) {

        Measured.Drain toCore() {
            return new Measured.Drain(heightCm, airPercent / 100, waterPercent / 100);
        }
    }

    /**
     * A sieving.
     *
     * @param sieves from the finest to the coarsest
     * @param throughAll what falls through the finest
     */
    public record SievesBody(
            @NotNull @Size(min = 2, max = 12) List<@Valid OnSieveBody> sieves, double throughAll) {

        SieveAnalysis toCore() {
            return new SieveAnalysis(
                    sieves.stream()
                            .map(each -> new SieveAnalysis.Sieve(each.openingMm(), each.stays()))
                            .toList(),
                    throughAll);
        }
    }

    /** One sieve and what stays on it. */
    public record OnSieveBody(double openingMm, double stays) {}

    Measured toCore(final boolean fed, final boolean rinsed, final boolean quarantined) {
        return new Measured(
                maybe(ph),
                maybe(bulkDensityGPerL),
                Optional.ofNullable(drain).map(DrainBody::toCore),
                Optional.ofNullable(sieves).map(each -> each.toCore().grainSize()),
                fed,
                rinsed,
                quarantined);
    }

    static OptionalDouble maybe(final @Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
