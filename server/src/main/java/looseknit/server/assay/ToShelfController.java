package looseknit.server.assay;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.assay.Assay;
import looseknit.core.material.MakeUp;
import looseknit.core.shelf.Stock;
import looseknit.server.batch.BatchSamples;
import looseknit.server.batch.BinWork;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.LotFacts;
import looseknit.server.shelf.MeasuredBody;
import looseknit.server.shelf.OwnMaterialFacts;
import looseknit.server.shelf.OwnMaterials;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A base mix that was mixed goes to the shelf: a material of the person's own, with what was measured of it. */
@RestController
@RequestMapping("/api/batches/{batchId}/shelved")
class ToShelfController {

    private final Books books;
    private final Assays assays;
    private final BatchSamples samples;
    private final BinWork work;
    private final OwnMaterials own;
    private final Shelf shelf;
    private final Clock clock;

    ToShelfController(
            final Books books,
            final Assays assays,
            final BatchSamples samples,
            final BinWork work,
            final OwnMaterials own,
            final Shelf shelf,
            final Clock clock) {
        this.books = books;
        this.assays = assays;
        this.samples = samples;
        this.work = work;
        this.own = own;
        this.shelf = shelf;
        this.clock = clock;
    }

    /**
     * What goes to the shelf; the id is made by the caller, so that a repeated call stores nothing twice.
     *
     * @param materialId id of the new material, as own_base
     * @param litres settled litres that go there
     */
    record ToShelfBody(
            @NotNull UUID id,

            @NotNull @Pattern(regexp = "own_[a-z0-9_]{1,50}")
            String materialId,

            @NotNull @Size(min = 1, max = 80) String name,
            double litres) {}

    /** Where it stands now. */
    record OnTheShelfBody(UUID lotId, String materialId) {}

    @PostMapping
    @Transactional
    public OnTheShelfBody shelve(@PathVariable final UUID batchId, @RequestBody @Valid final ToShelfBody body) {
        if (shelf.has(body.id())) {
            return new OnTheShelfBody(body.id(), body.materialId());
        }
        if (books.materials().material(body.materialId()).isPresent()) {
            throw new Refused(
                    "There is such a material already",
                    "%s is on the list of your own materials. Give this mix another name.".formatted(body.name()));
        }
        final LocalDate today = LocalDate.now(clock);
        work.hold(batchId);
        final BatchSamples.Sampled sampled = samples.on(batchId, today);
        final RecipeBody recipe = sampled.recipe();
        work.shelved(body.id(), batchId, body.litres(), body.materialId());
        own.add(
                body.materialId(),
                new OwnMaterialFacts(
                        body.name().strip(),
                        null,
                        null,
                        new OwnMaterialFacts.OwnMixBody(
                                recipe.parts().stream()
                                        .map(part -> new OwnMaterialFacts.MixPartBody(
                                                part.materialId(),
                                                Math.max(0.01, Math.rint(100 * part.amount()) / 100)))
                                        .toList(),
                                MakeUp.Certainty.KNOWN,
                                recipe.doses().stream()
                                        .anyMatch(dose -> books.materials()
                                                .amendment(dose.amendmentId())
                                                .filter(each -> each.contents().nPercent() > 0)
                                                .isPresent()))));
        shelf.add(
                body.id(),
                new LotFacts(
                        body.materialId(),
                        Stock.Sold.LOOSE_LITRES,
                        body.litres(),
                        0,
                        body.litres(),
                        null,
                        null,
                        today,
                        sampled.lot(),
                        false,
                        false,
                        false,
                        measured(assays.ofBatch(batchId))));
        return new OnTheShelfBody(body.id(), body.materialId());
    }

    /** What the newest tests of each kind measured. */
    private MeasuredBody measured(final List<MadeTest> newestFirst) {
        @Nullable Double ph = null;
        @Nullable Double density = null;
        MeasuredBody.@Nullable DrainBody drain = null;
        for (final MadeTest test : newestFirst) {
            final Assay assay = test.test().toCore();
            if (ph == null && assay instanceof Assay.Ph) {
                ph = test.findings(books).get(0).measured();
            } else if (density == null && assay instanceof Assay.Weighing weighing) {
                density = weighing.dryG() / weighing.containerL();
            } else if (drain == null && assay instanceof Assay.Drainage drainage) {
                drain = new MeasuredBody.DrainBody(
                        drainage.heightCm(), 100 * drainage.air(), 100 * (drainage.porosity() - drainage.air()));
            }
        }
        return new MeasuredBody(ph, density, drain, null);
    }
}
