package looseknit.server.shelf;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What was measured of a lot, as it is stored. */
record StoredMeasured(
        @Nullable Double ph,
        @Nullable Double bulkDensityGPerL,
        @Nullable StoredDrain drain,
        @Nullable StoredSieves sieves) {

    /** A drain test. */
    record StoredDrain(double heightCm, double airPercent, double waterPercent) {

        static StoredDrain of(final MeasuredBody.DrainBody drain) {
            return new StoredDrain(drain.heightCm(), drain.airPercent(), drain.waterPercent());
        }

        MeasuredBody.DrainBody body() {
            return new MeasuredBody.DrainBody(heightCm, airPercent, waterPercent);
        }
    }

    /** A sieving. */
    record StoredSieves(List<StoredSieve> sieves, double throughAll) {

        static StoredSieves of(final MeasuredBody.SievesBody sieves) {
            return new StoredSieves(
                    sieves.sieves().stream()
                            .map(each -> new StoredSieve(each.openingMm(), each.stays()))
                            .toList(),
                    sieves.throughAll());
        }

        MeasuredBody.SievesBody body() {
            return new MeasuredBody.SievesBody(
                    sieves.stream()
                            .map(each -> new MeasuredBody.OnSieveBody(each.openingMm(), each.stays()))
                            .toList(),
                    throughAll);
        }
    }

    /** One sieve and what stays on it. */
    record StoredSieve(double openingMm, double stays) {}

    static StoredMeasured of(final MeasuredBody measured) {
        return new StoredMeasured(
                measured.ph(),
                measured.bulkDensityGPerL(),
                measured.drain() == null ? null : StoredDrain.of(measured.drain()),
                measured.sieves() == null ? null : StoredSieves.of(measured.sieves()));
    }

    MeasuredBody body() {
        return new MeasuredBody(
                ph, bulkDensityGPerL, drain == null ? null : drain.body(), sieves == null ? null : sieves.body());
    }
}
