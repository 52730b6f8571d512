package looseknit.server.assay;

import jakarta.validation.constraints.NotNull;
import looseknit.core.assay.Assay;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import org.jspecify.annotations.Nullable;

/** A test as it travels. Each kind uses its own figures; the others are null. */
public record TestBody(
        @NotNull Kind kind,

        @Nullable Double containerL,
        @Nullable Double heightCm,
        @Nullable Double waterInL,
        @Nullable Double drainedL,
        @Nullable Double moistureL,
        @Nullable Double wetG,
        @Nullable Double dryG,

        Assay.Squeeze.@Nullable Shows shows,

        @Nullable Double depthCm,
        @Nullable Double seconds,
        @Nullable Double reading,

        Assay.Ph.@Nullable Method method,

        @Nullable Double weeks,
        @Nullable Double dsPerM,

        Assay.Salts.@Nullable Extract extract,

        @Nullable Double water) {

    /** What kind of test it was. */
    public enum Kind {
        DRAINAGE,
        WEIGHING,
        SQUEEZE,
        PONDING,
        PH,
        SALTS,
        MOISTURE
    }

    /**
     * The test as the core understands it.
     *
     * @throws OutOfRangeException if a figure is missing or out of range
     */
    public Assay toCore() {
        return switch (kind) {
            case DRAINAGE ->
                new Assay.Drainage(
                        need("test.containerL", containerL),
                        need("test.heightCm", heightCm),
                        need("test.waterInL", waterInL),
                        need("test.drainedL", drainedL),
                        moistureL == null ? 0 : moistureL);
            case WEIGHING ->
                new Assay.Weighing(
                        need("test.containerL", containerL),
                        need("test.heightCm", heightCm),
                        need("test.wetG", wetG),
                        need("test.dryG", dryG));
            case SQUEEZE -> new Assay.Squeeze(need("test.shows", shows));
            case PONDING -> new Assay.Ponding(need("test.depthCm", depthCm), need("test.seconds", seconds));
            case PH ->
                new Assay.Ph(need("test.reading", reading), need("test.method", method), weeks == null ? 0 : weeks);
            case SALTS -> new Assay.Salts(need("test.dsPerM", dsPerM), need("test.extract", extract));
            case MOISTURE -> new Assay.Moisture(need("test.water", water));
        };
    }

    private static <T> T need(final String field, final @Nullable T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", TableText.said("a value"));
        }
        return value;
    }
}
