package looseknit.server.batch;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import looseknit.core.batch.Bin;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.server.blend.BlendVersion;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.reading.RecipeBody;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Handfuls of batches as they are on a day, for whoever tests them. */
@Service
@Transactional(readOnly = true)
public class BatchSamples {

    private static final double DAYS_IN_WEEK = 7;

    private final Books books;
    private final Batches batches;
    private final Bins bins;
    private final BinWork work;
    private final Blends blends;
    private final Clock clock;

    BatchSamples(
            final Books books,
            final Batches batches,
            final Bins bins,
            final BinWork work,
            final Blends blends,
            final Clock clock) {
        this.books = books;
        this.batches = batches;
        this.bins = bins;
        this.work = work;
        this.blends = blends;
        this.clock = clock;
    }

    /**
     * A handful of a batch.
     *
     * @param recipe what it is, each dose by itself
     * @param agesWeeks how long ago each of the doses had gone in [weeks]
     * @param temperatureC temperature at which it stands [°C]
     * @param acidity its acidity from that day on
     * @param brief what it is for
     */
    public record Sampled(
            UUID batchId,
            UUID blendId,
            String lot,
            String blendName,
            RecipeBody recipe,
            List<Double> agesWeeks,
            double temperatureC,
            Acidity acidity,
            Brief brief) {}

    /**
     * A handful of a batch as it was on a day.
     *
     * @throws Refused if there was nothing in it
     * @throws OutOfRangeException if the day is yet to come, or lies before it was mixed
     */
    public Sampled on(final UUID batchId, final LocalDate day) {
        final Batch batch = batches.get(batchId);
        final LocalDate today = LocalDate.now(clock);
        if (day.isAfter(today)) {
            throw new OutOfRangeException("madeOn", String.valueOf(day), TableText.said("a day up to today"));
        }
        final LocalDate mixedOn = batch.mixedOn();
        if (mixedOn != null && day.isBefore(mixedOn)) {
            throw new OutOfRangeException(
                    "madeOn",
                    String.valueOf(day),
                    TableText.said("a day from %s on, when it was mixed".formatted(mixedOn)));
        }
        final Bin bin = bins.on(batch, day);
        final double temperatureC = work.temperatureC(batch);
        final BlendVersion version = blends.version(batch.blendId(), batch.versionNumber());
        final Recipe merged = bin.recipe()
                .orElseThrow(() -> new Refused(
                        "There is nothing to test",
                        mixedOn == null
                                ? "This batch is not mixed yet. Mix it, or say that it is mixed, first."
                                : "Nothing is left of this batch."));
        final Acidity acidity = bin.acidity(day, temperatureC);
        return new Sampled(
                batch.id(),
                batch.blendId(),
                batch.lot(),
                version.name(),
                RecipeBody.of(
                        new Recipe(merged.measure(), merged.parts(), acidity.doses()),
                        version.recipe().scoop()),
                bin.given().stream()
                        .map(each -> ChronoUnit.DAYS.between(each.on(), day) / DAYS_IN_WEEK)
                        .toList(),
                temperatureC,
                acidity,
                version.brief().toCore(books));
    }
}
