package looseknit.server.shelf;

import java.util.List;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Nature;
import looseknit.core.shelf.Matter;
import org.jspecify.annotations.Nullable;

/** What is told of an own material, as it is stored: exactly one of plain facts, a soil or a mix. */
record StoredMaterialFacts(
        String name,
        @Nullable StoredPlain plain,
        @Nullable StoredSoil soil,
        @Nullable StoredMix mix) {

    /** A material from a few facts. */
    record StoredPlain(
            Matter matter,
            double fromMm,
            double toMm,
            @Nullable Double gPerL,
            StoredMeasured.@Nullable StoredDrain drain,
            @Nullable Double ph,
            @Nullable List<Nature> natures) {}

    /** A garden soil from a jar. */
    record StoredSoil(double afterMinuteCm, double afterHoursCm, double clearCm, double organicPercent, double ph) {}

    /** A mix that is bought or mixed before. */
    record StoredMix(List<StoredMixPart> parts, MakeUp.Certainty certainty, boolean fed) {}

    /** A part of a mix. */
    record StoredMixPart(String materialId, double amount) {}

    static StoredMaterialFacts of(final OwnMaterialFacts facts) {
        final OwnMaterialFacts.PlainBody plain = facts.plain();
        final OwnMaterialFacts.SoilBody soil = facts.soil();
        final OwnMaterialFacts.OwnMixBody mix = facts.mix();
        return new StoredMaterialFacts(
                facts.name(),
                plain == null
                        ? null
                        : new StoredPlain(
                                plain.matter(),
                                plain.fromMm(),
                                plain.toMm(),
                                plain.gPerL(),
                                plain.drain() == null ? null : StoredMeasured.StoredDrain.of(plain.drain()),
                                plain.ph(),
                                plain.natures()),
                soil == null
                        ? null
                        : new StoredSoil(
                                soil.afterMinuteCm(),
                                soil.afterHoursCm(),
                                soil.clearCm(),
                                soil.organicPercent(),
                                soil.ph()),
                mix == null
                        ? null
                        : new StoredMix(
                                mix.parts().stream()
                                        .map(part -> new StoredMixPart(part.materialId(), part.amount()))
                                        .toList(),
                                mix.certainty(),
                                mix.fed()));
    }

    OwnMaterialFacts body() {
        return new OwnMaterialFacts(
                name,
                plain == null
                        ? null
                        : new OwnMaterialFacts.PlainBody(
                                plain.matter(),
                                plain.fromMm(),
                                plain.toMm(),
                                plain.gPerL(),
                                plain.drain() == null ? null : plain.drain().body(),
                                plain.ph(),
                                plain.natures()),
                soil == null
                        ? null
                        : new OwnMaterialFacts.SoilBody(
                                soil.afterMinuteCm(),
                                soil.afterHoursCm(),
                                soil.clearCm(),
                                soil.organicPercent(),
                                soil.ph()),
                mix == null
                        ? null
                        : new OwnMaterialFacts.OwnMixBody(
                                mix.parts().stream()
                                        .map(part -> new OwnMaterialFacts.MixPartBody(part.materialId(), part.amount()))
                                        .toList(),
                                mix.certainty(),
                                mix.fed()));
    }
}
