package looseknit.server.pot;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import looseknit.core.care.LikePots;
import looseknit.core.care.Pace;
import looseknit.server.batch.Batches;
import looseknit.server.pot.PotEvent.Kind;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;

/** How fast pots dry, by their own looks and by those at pots of their place, blend and wall. */
@Component
public class PotPaces {

    /** So many pots at most teach others, those with most looks. */
    private static final int MOST = 2000;

    /** In a house with more pots than these what they teach is worked out once in a while only. */
    private static final int FEW = 300;

    private static final Set<Kind> STOOD_OTHERWISE = EnumSet.of(Kind.MOVED, Kind.SET_UP);

    private static final Duration HOLDS = Duration.ofHours(1);

    private final PottingRepository pottings;
    private final PotEventRepository events;
    private final Batches batches;
    private final LooksTaken looks;
    private final Clock clock;
    private final AtomicReference<@Nullable Others> known = new AtomicReference<>();

    PotPaces(
            final PottingRepository pottings,
            final PotEventRepository events,
            final Batches batches,
            final LooksTaken looks,
            final Clock clock) {
        this.pottings = pottings;
        this.events = events;
        this.batches = batches;
        this.looks = looks;
        this.clock = clock;
    }

    /**
     * What pots teach each other.
     *
     * @param since when it was worked out
     * @param taught what each has taught by its own looks
     */
    public record Others(Instant since, Map<UUID, LikePots.Taught> taught, LikePots likePots) {}

    /** Notes what the looks at a pot up to a day have taught. */
    public void learn(final Potting potting, final LocalDate until) {
        learn(potting, until, standsSoSince(potting), looks.at(potting.id()), others());
    }

    /**
     * Notes what looks at a pot up to a day have taught.
     *
     * @param since from when on it stands as it does now
     * @param taken all that have not faded
     * @param others what pots teach each other; one for pots that are told of together, or what is learnt would depend on which comes first
     */
    public void learn(
            final Potting potting,
            final LocalDate until,
            final LocalDate since,
            final List<LooksTaken.Taken> taken,
            final Others others) {
        final List<Pace.Evidence> seen = taken.stream()
                .map(look -> look.toCore(
                        (int) Math.max(0, ChronoUnit.WEEKS.between(look.on(), until)),
                        look.on().isBefore(since)))
                .toList();
        final Pace.Prior reckoned = Pace.Prior.of(potting.predictedDays());
        final Pace.Prior byOthers = prior(potting, reckoned, others);
        final Pace own = Pace.learnt(reckoned, seen);
        potting.dries(own, byOthers.equals(reckoned) ? own : Pace.learnt(byOthers, seen));
    }

    /** The day from which on a pot stands as it does now: moved or set up last, or filled. */
    LocalDate standsSoSince(final Potting potting) {
        return events.lastOf(potting.id(), STOOD_OTHERWISE).orElse(potting.pottedOn());
    }

    /** The same of several pots. */
    public Map<UUID, LocalDate> standSoSince(final List<Potting> several) {
        final Map<UUID, LocalDate> since = several.stream().collect(Collectors.toMap(Potting::id, Potting::pottedOn));
        events.lastOf(since.keySet(), STOOD_OTHERWISE).forEach(each -> since.put(each.pottingId(), each.on()));
        return since;
    }

    private Pace.Prior prior(final Potting potting, final Pace.Prior reckoned, final Others others) {
        return others.likePots()
                .of(
                        LikePotsRow.kind(
                                potting.placeName(),
                                batches.get(potting.batchId()).blendId(),
                                potting.wall()),
                        reckoned,
                        Optional.ofNullable(others.taught().get(potting.id())));
    }

    /** What pots teach each other now. */
    public Others others() {
        final Others now = known.get();
        if (now != null && now.taught().size() > FEW && now.since().plus(HOLDS).isAfter(clock.instant())) {
            return now;
        }
        final Map<UUID, LikePots.Taught> taught = pottings.teaching(PageRequest.of(0, MOST)).stream()
                .collect(Collectors.toMap(LikePotsRow::id, LikePotsRow::taught));
        final Others anew = new Others(clock.instant(), taught, new LikePots(taught.values()));
        known.set(anew);
        return anew;
    }
}
