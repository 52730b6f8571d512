package looseknit.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.batch.Bin;
import looseknit.core.batch.Storage;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.reading.RecipeBody;
import looseknit.server.store.LikePattern;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What lies in the bin of a mixed batch, where it came from and where it went. */
@RestController
@RequestMapping("/api/batches/{id}/bin")
class BinController {

    private static final int MOST_OTHERS = 200;

    private final Books books;
    private final Batches batches;
    private final BatchRepository stored;
    private final Bins bins;
    private final BinWork work;
    private final Blends blends;

    BinController(
            final Books books,
            final Batches batches,
            final BatchRepository stored,
            final Bins bins,
            final BinWork work,
            final Blends blends) {
        this.books = books;
        this.batches = batches;
        this.stored = stored;
        this.bins = bins;
        this.work = work;
        this.blends = blends;
    }

    /**
     * A step that stands.
     *
     * @param amount loose litres, grams or settled litres, as its kind says
     * @param name what it is about: a material, an amendment, a pot or a lot
     */
    record BinStepBody(
            UUID id,
            BinEvent.Kind kind,
            LocalDate on,
            double amount,
            String name,
            String reason,
            @Nullable UUID otherBatchId) {}

    /**
     * A bin.
     *
     * @param litres settled litres that are in it
     * @param wholeLitres settled litres that ever were in it
     * @param lotFrom the lot that it was split off from; null if it was mixed itself
     * @param recipe what it is, in scoops
     * @param another whether that is another mix than the version's
     * @param keepsUntil the day until which it keeps; null while it is not mixed
     * @param cost what went in by its plan cost; null unless every price is known
     * @param costPerLitre the same by the litre
     * @param steps what was done with it, the last first
     */
    record BinBody(
            UUID id,
            String lot,
            UUID blendId,
            int versionNumber,
            String blendName,
            @Nullable LocalDate mixedOn,
            @Nullable LocalDate testOn,
            double litres,
            double wholeLitres,
            @Nullable UUID splitFrom,
            @Nullable String lotFrom,
            RecipeBody recipe,
            boolean another,
            List<Message> storage,
            @Nullable LocalDate keepsUntil,
            @Nullable Double cost,
            @Nullable Double costPerLitre,
            List<BinStepBody> steps) {}

    @GetMapping
    BinBody get(@PathVariable final UUID id) {
        return body(batches.get(id));
    }

    /** Tells of something that was done; the same step sent again changes nothing. */
    @PostMapping("/steps")
    BinBody tell(@PathVariable final UUID id, @RequestBody @Valid final BinEventBody body) {
        return body(work.tell(id, body));
    }

    private BinBody body(final Batch batch) {
        final BlendVersion version = blends.version(batch.blendId(), batch.versionNumber());
        final Bin bin = bins.bin(batch);
        final RecipeBody recipe = batches.recipe(batch);
        final Storage storage = Storage.of(recipe.toCore(books));
        final BatchBody.PlanBody plan = batches.body(batch).plan();
        return new BinBody(
                batch.id(),
                batch.lot(),
                batch.blendId(),
                batch.versionNumber(),
                version.name(),
                batch.mixedOn(),
                batch.testOn(),
                bin.litres(),
                bins.whole(batch).litres(),
                batch.splitFrom().orElse(null),
                batch.splitFrom().map(this::lot).orElse(null),
                recipe,
                bins.another(batch).isPresent(),
                storage.advice(),
                batch.mixedOn() == null ? null : storage.until(batch.mixedOn()),
                plan.cost(),
                plan.costPerLitre(),
                bins.standing(batch).stream()
                        .sorted(Comparator.comparing(BinEvent::number).reversed())
                        .map(this::step)
                        .toList());
    }

    private BinStepBody step(final BinEvent event) {
        return new BinStepBody(
                event.getId(),
                event.kind(),
                event.happenedOn(),
                event.amount(),
                switch (event.kind()) {
                    case ADDED, SHELVED ->
                        books.materials()
                                .material(event.thingId())
                                .map(Material::name)
                                .orElse(event.thingId());
                    case DOSED ->
                        books.materials()
                                .amendment(event.thingId())
                                .map(Amendment::name)
                                .orElse(event.thingId());
                    case SPLIT, MOVED, JOINED ->
                        Optional.ofNullable(event.otherBatchId()).map(this::lot).orElse("");
                    case POTTED -> event.reason();
                    case THROWN, UNDONE -> "";
                },
                event.reason(),
                event.otherBatchId());
    }

    private String lot(final UUID id) {
        return stored.findById(id).map(Batch::lot).orElse("");
    }

    /**
     * Other batches of which something is left, the newest first.
     *
     * @param further whether there are more than these
     */
    record OtherBinsBody(List<BinNameBody> bins, boolean further) {}

    /** Other batches of which something is left: the newest, or those with a text in the name of their blend or in their lot. */
    @GetMapping("/others")
    OtherBinsBody others(
            @PathVariable final UUID id, @RequestParam(defaultValue = "") @Size(max = 200) final String text) {
        final List<BinNameBody> found =
                stored.withSomethingLeft(id, LikePattern.anywhere(text), Limit.of(MOST_OTHERS + 1));
        return new OtherBinsBody(found.stream().limit(MOST_OTHERS).toList(), found.size() > MOST_OTHERS);
    }
}
