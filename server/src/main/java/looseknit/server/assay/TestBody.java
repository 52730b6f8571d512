package looseknit.server.assay;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import looseknit.core.assay.Assay;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import org.jspecify.annotations.Nullable;

/** A test as it travels and is stored. Each kind uses its own figures; the others are null. */
@Embeddable
public record TestBody(
        @Column(name = "kind") @Enumerated(EnumType.STRING) @NotNull
        Kind kind,

        @Column(name = "container_l") @Nullable Double containerL,
        @Column(name = "height_cm") @Nullable Double heightCm,
        @Column(name = "water_in_l") @Nullable Double waterInL,
        @Column(name = "drained_l") @Nullable Double drainedL,
        @Column(name = "moisture_l") @Nullable Double moistureL,
        @Column(name = "wet_g") @Nullable Double wetG,
        @Column(name = "dry_g") @Nullable Double dryG,

        @Column(name = "squeeze_shows") @Enumerated(EnumType.STRING)
        Assay.Squeeze.@Nullable Shows shows,

        @Column(name = "depth_cm") @Nullable Double depthCm,
        @Column(name = "seconds") @Nullable Double seconds,
        @Column(name = "ph_reading") @Nullable Double reading,

        @Column(name = "ph_method") @Enumerated(EnumType.STRING)
        Assay.Ph.@Nullable Method method,

        @Column(name = "weeks") @Nullable Double weeks) {

    /** What kind of test it was. */
    public enum Kind {
        DRAINAGE,
        WEIGHING,
        SQUEEZE,
        PONDING,
        PH
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
        };
    }

    private static <T> T need(final String field, final @Nullable T value) {
        if (value == null) {
            throw new OutOfRangeException(field, "missing", TableText.said("a value"));
        }
        return value;
    }
}
