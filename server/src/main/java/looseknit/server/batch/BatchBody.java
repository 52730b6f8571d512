package looseknit.server.batch;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import looseknit.core.batch.BatchPlan;
import looseknit.core.batch.MixSheet;
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
        double storeLitres,
        int tubsFull,
        double reserve,
        double scoopLitres,
        double tubLitres,
        Instant createdAt,
        @Nullable LocalDate mixedOn,
        @Nullable Double leftLitres,
        @Nullable LocalDate testOn,
        @Nullable UUID splitFrom,
        List<FromLotBody> lots,
        PlanBody plan) {

    /** What came off a lot for it; no lot for what was on none. */
    public record FromLotBody(
            String materialId, String name, @Nullable UUID lotId, double litres) {}

    /** The amounts. Costs are null unless every price is known. */
    public record PlanBody(
            double settledLitres,
            double litresToMake,
            AccountBody account,
            double mostOffPercent,
            @Nullable Double betterScoopLitres,
            double looseLitres,
            double yield,
            int loads,
            List<LineBody> materials,
            List<LineBody> layers,
            List<DoseLineBody> doses,
            double moistKg,
            @Nullable Double cost,
            @Nullable Double costPerLitre,
            List<FillPlanBody> pots,
            @Nullable Double toPay) {}

    /** What the litres to make come from [L]. */
    public record AccountBody(
            double toFillLine, double inTheWay, double sinking, double reserve, double bins, double tubs) {}

    /** What one pot of a kind takes, and costs if every price is known. */
    public record FillPlanBody(double litresEach, @Nullable Double costEach) {}

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
            @Nullable Long packRevision,
            @Nullable Double cost) {}

    /** An amendment to weigh. */
    public record DoseLineBody(
            String amendmentId,
            String name,
            double gPerL,
            double grams,
            double gramsPerLoad,
            Message spoons,
            Message spoonsPerLoad,
            List<DosePotBody> pots,
            boolean over) {}

    /** What a pot of a kind takes of an amendment, and the most that it should get. */
    public record DosePotBody(
            double grams, Message spoons, @Nullable Message most) {}

    static BatchBody of(
            final Batch batch,
            final BlendVersion version,
            final RecipeBody recipe,
            final BatchPlan plan,
            final List<FromLotBody> lots,
            final Map<String, Long> packRevisions) {
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
                batch.amounts().storeLitres(),
                batch.amounts().tubsFull(),
                batch.reserve(),
                batch.scoopLitres(),
                batch.tubLitres(),
                batch.createdAt(),
                batch.mixedOn(),
                batch.leftLitres(),
                batch.testOn(),
                batch.splitFrom().orElse(null),
                lots,
                plan(plan, MixSheet.of(plan, batch.scoopLitres()), packRevisions));
    }

    private static PlanBody plan(final BatchPlan plan, final MixSheet sheet, final Map<String, Long> packRevisions) {
        return new PlanBody(
                plan.settledLitres(),
                plan.litresToMake(),
                new AccountBody(
                        plan.account().toFillLine(),
                        plan.account().inTheWay(),
                        plan.account().sinking(),
                        plan.account().reserve(),
                        plan.account().bins(),
                        plan.account().tubs()),
                100 * sheet.mostOff(),
                orNull(sheet.betterScoopLitres()),
                plan.looseLitres(),
                plan.yield(),
                plan.loads(),
                plan.materials().stream().map(line -> line(line, packRevisions)).toList(),
                plan.layers().stream().map(line -> line(line, packRevisions)).toList(),
                plan.doses().stream().map(dose -> dose(dose, plan)).toList(),
                plan.moistKg(),
                orNull(plan.cost()),
                orNull(plan.costPerLitre()),
                IntStream.range(0, plan.fills().size())
                        .mapToObj(i -> new FillPlanBody(plan.fills().get(i).litresEach(), orNull(plan.costPerPot(i))))
                        .toList(),
                orNull(plan.toPay()));
    }

    private static DoseLineBody dose(final BatchPlan.DoseLine dose, final BatchPlan plan) {
        return new DoseLineBody(
                dose.amendment().id(),
                dose.amendment().name(),
                dose.gPerL(),
                dose.grams(),
                dose.gramsPerLoad(),
                dose.spoons(),
                dose.spoonsPerLoad(),
                IntStream.range(0, plan.fills().size())
                        .mapToObj(i -> new DosePotBody(
                                dose.gramsPerPot().get(i),
                                dose.spoonsPerPot(i),
                                dose.mostPerPot(plan.fills().get(i)).orElse(null)))
                        .toList(),
                dose.isOver());
    }

    private static LineBody line(final BatchPlan.Line line, final Map<String, Long> packRevisions) {
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
                packRevisions.get(line.material().id()),
                orNull(line.cost()));
    }

    private static @Nullable Double orNull(final OptionalDouble amount) {
        return amount.isPresent() ? amount.getAsDouble() : null;
    }
}
