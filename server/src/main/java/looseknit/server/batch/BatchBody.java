package looseknit.server.batch;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import looseknit.core.batch.BatchPlan;
import looseknit.core.message.Message;
import looseknit.server.blend.BlendVersion;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/** A batch with its amounts, as it travels. */
public record BatchBody(
        UUID id,
        long revision,
        String lot,
        UUID blendId,
        int versionNumber,
        String blendName,
        RecipeBody recipe,
        BriefBody brief,
        List<FillBody> fills,
        double reserve,
        double scoopLitres,
        double tubLitres,
        Instant createdAt,
        @Nullable LocalDate mixedOn,
        PlanBody plan) {

    /** The amounts. Costs are null unless every price is known. */
    public record PlanBody(
            double settledLitres,
            double litresToMake,
            double looseLitres,
            double yield,
            int loads,
            List<LineBody> materials,
            List<LineBody> layers,
            List<DoseLineBody> doses,
            double moistKg,
            @Nullable Double cost,
            @Nullable Double toPay) {}

    /** A material to scoop. */
    public record LineBody(
            String materialId,
            String name,
            Message grade,
            double litres,
            double scoops,
            int packs,
            double packLitres,
            @Nullable Double brickKg,
            @Nullable Double brickWaterLitres,
            @Nullable Double packPrice,
            @Nullable Double cost) {}

    /** An amendment to weigh. */
    public record DoseLineBody(String amendmentId, String name, double gPerL, double grams, double gramsPerLoad) {}

    static BatchBody of(final Batch batch, final BlendVersion version, final RecipeBody recipe, final BatchPlan plan) {
        return new BatchBody(
                batch.id(),
                batch.revision(),
                batch.lot(),
                batch.blendId(),
                batch.versionNumber(),
                version.name(),
                recipe,
                version.brief(),
                batch.fills(),
                batch.reserve(),
                batch.scoopLitres(),
                batch.tubLitres(),
                batch.createdAt(),
                batch.mixedOn(),
                plan(plan));
    }

    private static PlanBody plan(final BatchPlan plan) {
        return new PlanBody(
                plan.settledLitres(),
                plan.litresToMake(),
                plan.looseLitres(),
                plan.yield(),
                plan.loads(),
                plan.materials().stream().map(BatchBody::line).toList(),
                plan.layers().stream().map(BatchBody::line).toList(),
                plan.doses().stream()
                        .map(dose -> new DoseLineBody(
                                dose.amendment().id(),
                                dose.amendment().name(),
                                dose.gPerL(),
                                dose.grams(),
                                dose.gramsPerLoad()))
                        .toList(),
                plan.moistKg(),
                orNull(plan.cost()),
                orNull(plan.toPay()));
    }

    private static LineBody line(final BatchPlan.Line line) {
        return new LineBody(
                line.material().id(),
                line.material().name(),
                line.material().grade(),
                line.litres(),
                line.scoops(),
                line.packs(),
                line.packLitres(),
                line.brick().map(BatchPlan.Brick::dryKg).orElse(null),
                line.brick().map(BatchPlan.Brick::waterLitres).orElse(null),
                line.toPay().isPresent() && line.packs() > 0 ? line.toPay().getAsDouble() / line.packs() : null,
                orNull(line.cost()));
    }

    private static @Nullable Double orNull(final OptionalDouble amount) {
        return amount.isPresent() ? amount.getAsDouble() : null;
    }
}
