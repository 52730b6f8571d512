package looseknit.server.device;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.assay.Assay;
import looseknit.core.blend.Mix;
import looseknit.core.device.Calibration;
import looseknit.core.device.Drift;
import looseknit.core.device.Sample;
import looseknit.core.device.SimulatedBench;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.batch.BatchSamples;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bench: a probe, a scale and a meter for salts, all simulated. A real one would take the place of what {@link Sitting} and this make up. */
@Service
@Transactional
class Bench {

    /** A probe that was set by buffers stays set for a day. */
    private static final Duration STAYS_SET = Duration.ofHours(24);

    private static final int EVERY_SECONDS = 5;
    private static final int LONGEST_SECONDS = 1800;

    private final Books books;
    private final SittingRepository sittings;
    private final BatchSamples samples;
    private final Clock clock;

    Bench(final Books books, final SittingRepository sittings, final BatchSamples samples, final Clock clock) {
        this.books = books;
        this.sittings = sittings;
        this.samples = samples;
        this.clock = clock;
    }

    /** Pushes the probe into something; a second call with the same id changes nothing. */
    Sitting push(final UUID id, final Sitting.Medium medium, final @Nullable UUID batchId, final boolean damped) {
        return sittings.findById(id)
                .orElseGet(() -> sittings.saveAndFlush(
                        new Sitting(id, medium, batchId, clock.instant(), sample(medium, batchId, damped))));
    }

    private Sample sample(final Sitting.Medium medium, final @Nullable UUID batchId, final boolean damped) {
        return switch (medium) {
            case BUFFER_SEVEN -> Sample.buffer(Calibration.NEUTRAL);
            case BUFFER_FOUR -> Sample.buffer(Calibration.ACID);
            case MIX -> {
                if (batchId == null) {
                    throw new OutOfRangeException("batchId", "missing", TableText.said("the batch that is tested"));
                }
                final BatchSamples.Sampled sampled = samples.on(batchId, LocalDate.now(clock));
                final Mix mix = Mix.of(sampled.recipe().toCore(books));
                yield bench(batchId, mix).handful(sampled.acidity().ph(0), damped);
            }
        };
    }

    private static SimulatedBench bench(final UUID batchId, final Mix mix) {
        return new SimulatedBench(mix, batchId.getLeastSignificantBits());
    }

    @Transactional(readOnly = true)
    Sitting get(final UUID id) {
        return sittings.findById(id).orElseThrow(() -> new NotThere("sitting of the probe"));
    }

    /** What it has shown so far, as it stands on its display. */
    List<Drift.Point> curve(final Sitting sitting) {
        final long seconds = Math.min(
                LONGEST_SECONDS,
                Duration.between(sitting.begunAt(), clock.instant()).toSeconds());
        final List<Drift.Point> curve = new ArrayList<>();
        for (int second = 0; second <= seconds; second += EVERY_SECONDS) {
            curve.add(new Drift.Point(second, sitting.probe().at(second).ph()));
        }
        return curve;
    }

    /**
     * Keeps what a buffer reads, to set the probe by.
     *
     * @throws Refused if it has not settled yet
     */
    Sitting keep(final UUID id) {
        final Sitting sitting = get(id);
        if (sitting.medium() == Sitting.Medium.MIX) {
            throw new Refused("This is no buffer", "A probe is set by what it reads in a buffer.");
        }
        final Drift.State state = Drift.of(curve(sitting));
        if (!state.settled()) {
            throw new Refused("It has not settled yet", "Wait until the curve has settled, then keep what it reads.");
        }
        sitting.keep(state.now());
        return sittings.saveAndFlush(sitting);
    }

    /** How the probe is set; nothing if it was not set by both buffers within a day. */
    @Transactional(readOnly = true)
    Optional<Calibration> calibration() {
        final Instant since = clock.instant().minus(STAYS_SET);
        @Nullable Double seven = null;
        @Nullable Double four = null;
        for (final Sitting each : sittings.findByKeptIsNotNullAndBegunAtAfterOrderByBegunAt(since)) {
            if (each.medium() == Sitting.Medium.BUFFER_SEVEN) {
                seven = each.kept();
            } else {
                four = each.kept();
            }
        }
        return seven == null || four == null ? Optional.empty() : Optional.of(Calibration.of(seven, four));
    }

    /** What the scale shows with so much of a batch on it [g]. */
    @Transactional(readOnly = true)
    double grams(final UUID batchId, final double litres, final double heightCm, final boolean dried) {
        final Mix mix =
                Mix.of(samples.on(batchId, LocalDate.now(clock)).recipe().toCore(books));
        return dried
                ? bench(batchId, mix).dry(litres).grams()
                : bench(batchId, mix).wet(litres, heightCm).grams();
    }

    /** What the meter shows in the water of a batch [dS/m]. */
    @Transactional(readOnly = true)
    double dsPerM(final UUID batchId, final Assay.Salts.Extract extract) {
        final BatchSamples.Sampled sampled = samples.on(batchId, LocalDate.now(clock));
        final Mix mix = Mix.of(sampled.recipe().toCore(books));
        return bench(batchId, mix)
                .salts(Assay.Salts.predicted(mix, sampled.acidity()), extract)
                .dsPerM();
    }
}
