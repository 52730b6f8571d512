package looseknit.server.pot;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A pot as it stands, for its own page. */
@RestController
@RequestMapping("/api/pottings/{id}/portrait")
class PortraitController {

    private final Books books;
    private final Pottings pottings;
    private final PottingBodies bodies;
    private final Batches batches;
    private final KnownSource knownSource;
    private final Clock clock;

    PortraitController(
            final Books books,
            final Pottings pottings,
            final PottingBodies bodies,
            final Batches batches,
            final KnownSource knownSource,
            final Clock clock) {
        this.books = books;
        this.pottings = pottings;
        this.bodies = bodies;
        this.batches = batches;
        this.knownSource = knownSource;
        this.clock = clock;
    }

    /** A slice across the pot after draining: heights above the inside bottom, shares of the volume. */
    record PotSliceBody(double fromCm, double toCm, double water, double air) {}

    /** How it dries in a wall: share of the usable water that is left, day by day; its range only in its own wall. */
    record PotCurveBody(PotWall wall, boolean own, List<Double> left, List<Double> early, List<Double> late) {}

    /**
     * A pot as it stands.
     *
     * @param recipe what is in it
     * @param today the day that it is
     * @param settledCm height to which it will have sunk after a year [cm]
     * @param wantsShare share of the usable water that is left when the plant wants water
     * @param hint how to tell for this plant; null if nothing is known
     */
    record PortraitBody(
            PottingBody potting,
            RecipeBody recipe,
            LocalDate today,
            double fillCm,
            double settledCm,
            double layerCm,
            @Nullable String layerName,
            double wetFootCm,
            double mixLitres,
            List<PotSliceBody> slices,
            double wateredKg,
            double wantsKg,
            double dryKg,
            double days,
            double lowDays,
            double highDays,
            double wantsShare,
            List<PotCurveBody> curves,
            @Nullable Message hint) {}

    @GetMapping
    PortraitBody get(@PathVariable final UUID id) {
        final Potting potting = pottings.get(id);
        final Batch batch = batches.get(potting.batchId());
        final RecipeBody recipe = batches.recipeOf(batch, id);
        final Brief brief = potting.brief().toCore(books);
        final PotPortrait portrait = PotPortrait.of(
                        new PottedMix(recipe.toCore(books), brief, knownSource.known(batch.blendId(), recipe)))
                .orElseThrow(() ->
                        new Refused("This pot cannot be drawn", "Its plant, pot or place is not known any more."));
        return new PortraitBody(
                bodies.of(potting),
                recipe,
                LocalDate.now(clock),
                portrait.fillCm(),
                portrait.settledCm(),
                portrait.layerCm(),
                brief.pot()
                        .flatMap(pot -> pot.layer())
                        .map(layer -> layer.material().name())
                        .orElse(null),
                portrait.wetFootCm(),
                brief.pot().orElseThrow().mixLitres(),
                portrait.slices().stream()
                        .map(each -> new PotSliceBody(each.fromCm(), each.toCm(), each.water(), each.air()))
                        .toList(),
                portrait.kg().watered(),
                portrait.kg().wants(),
                portrait.kg().dry(),
                portrait.days().value(),
                Math.max(0, portrait.days().low80()),
                portrait.days().high80(),
                1 - portrait.wants(),
                portrait.curves().stream()
                        .map(each -> new PotCurveBody(each.wall(), each.own(), each.left(), each.early(), each.late()))
                        .toList(),
                Optional.ofNullable(potting.brief().plantId())
                        .flatMap(plant -> books.plants().plant(plant))
                        .map(Plant::needs)
                        .map(needs -> needs.trigger().because())
                        .orElse(null));
    }
}
