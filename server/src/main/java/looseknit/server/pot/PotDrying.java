package looseknit.server.pot;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import looseknit.core.care.Answer;
import looseknit.core.care.NextLook;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Plant;
import looseknit.core.outlook.PotOnScale;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Stability;
import looseknit.core.reading.PottedMix;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.need.BriefBody;
import looseknit.server.planting.SetUpBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** How a pot dries as it stands. */
@Component
public class PotDrying {

    private final Books books;
    private final Batches batches;
    private final KnownSource knownSource;
    private final PotPaces paces;
    private final Clock clock;

    PotDrying(
            final Books books,
            final Batches batches,
            final KnownSource knownSource,
            final PotPaces paces,
            final Clock clock) {
        this.books = books;
        this.batches = batches;
        this.knownSource = knownSource;
        this.paces = paces;
        this.clock = clock;
    }

    /** A pot as the core reads it. */
    public record Read(PottedMix potted, SetUp setUp, RecipeBody recipe) {}

    /** A pot as it stands. */
    public Read read(final Potting potting) {
        final Batch batch = batches.get(potting.batchId());
        return read(
                batches.recipeOf(batch, potting.id()), batch, potting.brief().toCore(books), potting.setUp());
    }

    /** A recipe of a batch in the pot of a brief. */
    Read read(final RecipeBody recipe, final Batch batch, final Brief brief, final @Nullable SetUpBody setUp) {
        return new Read(
                new PottedMix(recipe.toCore(books), brief, knownSource.known(batch.blendId(), recipe)),
                Optional.ofNullable(setUp)
                        .map(each -> each.toCore(books))
                        .orElseGet(() -> SetUp.plain(brief.pot().orElseThrow())),
                recipe);
    }

    /** The portrait of a pot. */
    public static PotPortrait portrait(final Read read) {
        return PotPortrait.of(read.potted(), read.setUp())
                .orElseThrow(() ->
                        new Refused("This pot cannot be drawn", "Its plant, pot or place is not known any more."));
    }

    /** Notes another pot, place or hand, and when to look next there. */
    void standsNow(final Potting potting, final BriefBody brief) {
        final Batch batch = batches.get(potting.batchId());
        final PotPortrait portrait =
                portrait(read(batches.recipeOf(batch, potting.id()), batch, complete(brief), potting.setUp()));
        potting.stands(brief, portrait);
        paces.learn(potting, LocalDate.now(clock));
        lookNext(potting, potting.lastWateredOn(), Answer.WATERED);
    }

    /** Notes when to look next after an answer. */
    public void lookNext(final Potting potting, final LocalDate on, final Answer answer) {
        potting.lookNext(
                on, NextLook.after(answer, potting.expectedDays(), trigger(potting), rest(potting), on.getMonth()));
    }

    /** How many times as long as in growth a pot waits for water on a day, since its plant rests. */
    public double waits(final Potting potting, final LocalDate on) {
        return rest(potting).waits(on.getMonth());
    }

    private Growing.Rest rest(final Potting potting) {
        return rest(potting.brief().plantId());
    }

    /** When a plant rests; never where it is not known. */
    public Growing.Rest rest(final @Nullable String plantId) {
        return plant(plantId).map(plant -> plant.growing().rest()).orElse(Growing.Rest.NONE);
    }

    private Optional<Plant> plant(final @Nullable String plantId) {
        return Optional.ofNullable(plantId).flatMap(id -> books.plants().plant(id));
    }

    /** How far the pot may dry for its plant. */
    public AllowableDepletion trigger(final Potting potting) {
        return plant(potting.brief().plantId())
                .map(plant -> plant.needs().trigger())
                .orElse(AllowableDepletion.HALF);
    }

    /** What a pot on a scale says. */
    public PotOnScale onScale(final Potting potting, final double grams) {
        final Read read = read(potting);
        return PotOnScale.of(portrait(read), plantKg(read), grams);
    }

    /** What the scale that ships shows with this pot on it [g]. */
    public double simulatedGrams(final Potting potting) {
        final Read read = read(potting);
        return PotOnScale.simulated(
                        portrait(read),
                        plantKg(read),
                        (double) ChronoUnit.DAYS.between(potting.lastWateredOn(), LocalDate.now(clock)),
                        potting.pace().factor(),
                        potting.id().getLeastSignificantBits())
                .grams();
    }

    private static double plantKg(final Read read) {
        return read.potted().grown().map(Stability.Cargo::plantKg).orElse(0.0);
    }

    /**
     * A brief that names all that drying depends on.
     *
     * @throws OutOfRangeException if plant, pot, place or habit is missing
     */
    Brief complete(final BriefBody body) {
        final Brief brief = body.toCore(books);
        if (brief.plant().isEmpty()) {
            throw new OutOfRangeException("the plant", "not named", TableText.said("a plant from the Book"));
        }
        if (brief.pot().isEmpty()) {
            throw new OutOfRangeException("the pot", "not told", TableText.said("a pot with its size"));
        }
        if (brief.place().isEmpty()) {
            throw new OutOfRangeException("the place", "not told", TableText.said("a place with its climate"));
        }
        if (brief.habit().isEmpty()) {
            throw new OutOfRangeException("the watering", "not told", TableText.said("how often you water"));
        }
        return brief;
    }
}
