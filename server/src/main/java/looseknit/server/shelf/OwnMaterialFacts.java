package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import looseknit.core.material.MakeUp.Certainty;
import looseknit.core.material.Nature;
import looseknit.core.shelf.Matter;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a material of the person's own: exactly one of plain facts, a soil or a mix.
 *
 * @param name name for people
 */
public record OwnMaterialFacts(
        @NotNull @Size(min = 1, max = 80) String name,
        @Valid @Nullable PlainBody plain,
        @Valid @Nullable SoilBody soil,
        @Valid @Nullable OwnMixBody mix) {

    /** A material from a few facts; null where a fact is not known. */
    public record PlainBody(
            @NotNull Matter matter,
            double fromMm,
            double toMm,
            @Nullable Double gPerL,
            MeasuredBody.@Nullable DrainBody drain,
            @Nullable Double ph,
            @Nullable List<Nature> natures) {

        public PlainBody {
            natures = natures == null || natures.isEmpty() ? null : List.copyOf(natures);
        }
    }

    /**
     * A garden soil from a jar.
     *
     * @param organicPercent organic matter by weight [%]
     */
    public record SoilBody(
            double afterMinuteCm, double afterHoursCm, double clearCm, double organicPercent, double ph) {}

    /** A mix that is bought or mixed before. */
    public record OwnMixBody(
            @NotNull @Size(min = 1, max = 20) List<@Valid MixPartBody> parts,
            @NotNull Certainty certainty,
            boolean fed) {}

    /** A part of a mix. */
    public record MixPartBody(@NotNull String materialId, double amount) {}
}
