package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import looseknit.core.batch.BatchOrder;
import looseknit.core.blend.Recipe;
import looseknit.server.frame.Books;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.frame.Workable;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Batches over HTTP. */
@RestController
@RequestMapping("/api")
class BatchesController implements OpenedSoon {

    private static final int ON_A_PAGE = 100;

    private final Books books;
    private final Batches batches;

    BatchesController(final Books books, final Batches batches) {
        this.books = books;
        this.batches = batches;
    }

    /**
     * A batch to store; the id is made by the caller, so that a repeated call stores nothing twice.
     *
     * @param reserve share on top; the usual one if nothing is said, none for what was counted out already
     * @param tubLitres what the tub holds [L]; the usual one if nothing is said
     * @param countedLitres loose volume of a heap that was counted out already, in place of pots to fill
     */
    record NewBatchBody(
            @NotNull UUID id,
            @NotNull UUID blendId,
            int versionNumber,
            @NotNull @Size(max = 50) List<@Valid FillBody> fills,
            @Nullable Double storeLitres,
            @Nullable Integer tubsFull,
            @Nullable Double reserve,
            double scoopLitres,
            @Nullable Double tubLitres,
            @Nullable Double countedLitres) {

        double reserveOrUsual() {
            if (reserve != null) {
                return reserve;
            }
            return countedLitres == null ? BatchOrder.USUAL_RESERVE : 0;
        }
    }

    /** Changed amounts. */
    record ChangedBatchBody(
            long revision,
            @NotNull @Size(max = 50) List<@Valid FillBody> fills,
            @Nullable Double storeLitres,
            @Nullable Integer tubsFull,
            double reserve,
            double scoopLitres,
            double tubLitres) {

        /** What is told; what is not stays as it was. */
        BatchAmounts amounts(final BatchAmounts before) {
            return new BatchAmounts(
                    fills,
                    storeLitres == null ? before.storeLitres() : storeLitres,
                    tubsFull == null ? before.tubsFull() : tubsFull,
                    reserve,
                    scoopLitres,
                    tubLitres);
        }
    }

    /** The day on which a batch was mixed; null takes it back. */
    record MixedBody(@Nullable LocalDate mixedOn, @Nullable Long revision) {}

    /**
     * A pack with its price, if told.
     *
     * @param revision how it stood that is changed; null where none was known
     */
    record PackBody(
            double litres, @Nullable Double price, @Nullable Long revision) {

        static PackBody of(final StoredPack pack) {
            return new PackBody(pack.litres(), pack.price(), pack.revision());
        }
    }

    /**
     * A batch in the list.
     *
     * @param materialIds what its recipe names
     * @param shares share of each of them, 0 to 1; none if the recipe cannot be worked out any more
     * @param litresToMake what to mix [L]; null if it cannot be worked out any more
     */
    record BatchRowBody(
            UUID id,
            String lot,
            UUID blendId,
            int versionNumber,
            String blendName,
            List<String> materialIds,
            List<Double> shares,
            @Nullable Double litresToMake,
            int pots,
            @Nullable LocalDate mixedOn,
            @Nullable Double leftLitres,
            @Nullable LocalDate testOn,
            boolean begun) {}

    /** A page of batches. */
    record BatchesBody(long total, List<BatchRowBody> batches) {}

    @Override
    public Object opened() {
        return page(0, ON_A_PAGE);
    }

    /** A page of all batches: those to mix first, the newest first of each. */
    @GetMapping("/batches")
    BatchesBody page(
            @RequestParam(defaultValue = "0") @Min(0) final int page,
            @RequestParam(defaultValue = "" + ON_A_PAGE) @Min(1) @Max(200) final int size) {
        final Page<BatchOfVersion> found = batches.page(page, size);
        final Set<UUID> begun = batches.begun(
                found.getContent().stream().map(each -> each.batch().id()).toList());
        return new BatchesBody(
                found.getTotalElements(),
                found.getContent().stream().map(each -> row(each, begun)).toList());
    }

    private BatchRowBody row(final BatchOfVersion each, final Set<UUID> begun) {
        final Batch batch = each.batch();
        final Optional<Recipe> recipe =
                Workable.found(() -> each.version().recipe().toCore(books));
        return new BatchRowBody(
                batch.id(),
                batch.lot(),
                batch.blendId(),
                batch.versionNumber(),
                each.version().name(),
                each.version().recipe().parts().stream()
                        .map(RecipeBody.PartBody::materialId)
                        .toList(),
                recipe.map(Recipe::scoopedShares).orElseGet(List::of),
                Workable.found(() -> batches.litresToMake(batch)).orElse(null),
                batch.pots(),
                batch.mixedOn(),
                batch.leftLitres(),
                batch.testOn(),
                batch.mixedOn() == null && begun.contains(batch.id()));
    }

    @PostMapping("/batches")
    BatchBody create(@RequestBody @Valid final NewBatchBody body) {
        return body(batches.create(
                body.id(),
                body.blendId(),
                body.versionNumber(),
                new BatchAmounts(
                        body.fills(),
                        (body.storeLitres() == null ? 0 : body.storeLitres())
                                + (body.countedLitres() == null
                                        ? 0
                                        : batches.counted(body.blendId(), body.versionNumber(), body.countedLitres())),
                        body.tubsFull() == null ? 0 : body.tubsFull(),
                        body.reserveOrUsual(),
                        body.scoopLitres(),
                        body.tubLitres() == null ? BatchOrder.USUAL_TUB_LITRES : body.tubLitres())));
    }

    /** A lot and what would be left of it. */
    record LotAfterBody(UUID lotId, double leftLitres) {}

    /** What would be left of the lots on the shelf once the batch is mixed; only those that lose something. */
    @GetMapping("/batches/{id}/left")
    List<LotAfterBody> left(@PathVariable final UUID id) {
        return batches.left(id).entrySet().stream()
                .map(each -> new LotAfterBody(each.getKey(), each.getValue()))
                .toList();
    }

    @GetMapping("/batches/{id}")
    BatchBody get(@PathVariable final UUID id) {
        return body(batches.get(id));
    }

    @PutMapping("/batches/{id}")
    BatchBody change(@PathVariable final UUID id, @RequestBody @Valid final ChangedBatchBody body) {
        return body(
                batches.change(id, body.revision(), body.amounts(batches.get(id).amounts())));
    }

    @PutMapping("/batches/{id}/mixed")
    BatchBody mixed(@PathVariable final UUID id, @RequestBody final MixedBody body) {
        return body(batches.mixed(id, body.mixedOn(), body.revision()));
    }

    @PutMapping("/packs/{materialId}")
    PackBody remember(@PathVariable final String materialId, @RequestBody final PackBody body) {
        return PackBody.of(batches.remember(materialId, body.litres(), body.price(), body.revision()));
    }

    private BatchBody body(final Batch batch) {
        return batches.body(batch);
    }
}
