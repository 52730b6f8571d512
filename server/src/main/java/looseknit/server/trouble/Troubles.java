package looseknit.server.trouble;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.trouble.Cause;
import looseknit.core.trouble.Diagnosis;
import looseknit.core.trouble.Finding;
import looseknit.core.trouble.Known;
import looseknit.core.trouble.Sign;
import looseknit.core.trouble.SignTable;
import looseknit.server.care.Rounds;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What may be wrong with a plant in a pot, and troubles that are being watched. */
@Service
@Transactional
class Troubles implements TakenAway {

    private static final int MOST_TO_SEE = 50;

    /** Further ahead nobody looks again [d]. */
    private static final int MOST_DAYS = 365;

    private final TroubleRepository troubles;
    private final Pottings pottings;
    private final PotDrying drying;
    private final PotWork work;
    private final Rounds rounds;
    private final Clock clock;

    Troubles(
            final TroubleRepository troubles,
            final Pottings pottings,
            final PotDrying drying,
            final PotWork work,
            final Rounds rounds,
            final Clock clock) {
        this.troubles = troubles;
        this.pottings = pottings;
        this.drying = drying;
        this.work = work;
        this.rounds = rounds;
        this.clock = clock;
    }

    /** A pot with what is known of it, and what may be wrong. */
    record Found(
            Potting potting,
            Brief brief,
            List<Known> known,
            Diagnosis diagnosis,
            PotPortrait portrait,
            LocalDate today) {

        /** Weight as it is reckoned today, without the plant [kg]. */
        double kgNow() {
            return portrait.kgAfter(ChronoUnit.DAYS.between(potting.lastWateredOn(), today));
        }
    }

    /** What may be wrong with a plant by what is seen of it. */
    @Transactional(readOnly = true)
    Found look(final UUID pottingId, final Collection<Sign> seen, final Set<Finding> passed) {
        final Potting potting = pottings.get(pottingId);
        final PotDrying.Read read = drying.read(potting);
        final LocalDate today = LocalDate.now(clock);
        final List<Known> known = Known.of(
                read.potted(),
                read.setUp(),
                new Known.History(
                        potting.pottedOn(),
                        Optional.of(work.standsSoSince(potting)).filter(on -> on.isAfter(potting.pottedOn())),
                        potting.lastWateredOn(),
                        potting.expectedDays(),
                        rounds.waterings(potting),
                        work.fedOn(pottingId)),
                today);
        return new Found(
                potting,
                read.potted().brief(),
                known,
                Diagnosis.of(
                        SignTable.shipped(),
                        read.potted()
                                .brief()
                                .plant()
                                .map(Plant::group)
                                .map(group -> group.id())
                                .orElse(""),
                        known.stream().map(Known::sign).toList(),
                        seen,
                        passed),
                PotDrying.portrait(read),
                today);
    }

    /** Keeps what was seen and what it is taken for, to look again on a day; a second call with the same id changes nothing. */
    Trouble keep(
            final UUID id, final UUID pottingId, final List<Sign> seen, final Cause cause, final LocalDate lookOn) {
        return troubles.findById(id).orElseGet(() -> {
            final LocalDate today = LocalDate.now(clock);
            if (lookOn.isBefore(today) || lookOn.isAfter(today.plusDays(MOST_DAYS))) {
                throw new OutOfRangeException(
                        "lookOn",
                        String.valueOf(lookOn),
                        TableText.said("a day from today to %s".formatted(today.plusDays(MOST_DAYS))));
            }
            final double share = look(pottingId, seen, Set.of()).diagnosis().suspects().stream()
                    .filter(suspect -> suspect.cause() == cause)
                    .mapToDouble(Diagnosis.Suspect::now)
                    .findFirst()
                    .orElseThrow();
            return troubles.saveAndFlush(
                    new Trouble(id, pottingId, clock.instant(), today, seen, cause, share, lookOn));
        });
    }

    /**
     * Notes what came of a trouble, or takes that back.
     *
     * @throws StaleRevision if it was told otherwise meanwhile
     */
    Trouble cameTo(final UUID id, final long revision, final Trouble.@Nullable Outcome outcome) {
        final Trouble trouble = troubles.findById(id).orElseThrow(() -> new NotThere("note of what was wrong"));
        if (trouble.outcome() == outcome) {
            return trouble;
        }
        if (trouble.revision() != revision) {
            throw new StaleRevision("note of what was wrong", TroubleBody.of(trouble, pottings));
        }
        trouble.cameTo(outcome, LocalDate.now(clock));
        return troubles.saveAndFlush(trouble);
    }

    /** Takes a note away. */
    void forget(final UUID id) {
        troubles.findById(id).ifPresent(trouble -> trouble.remove(clock.instant()));
    }

    @Override
    public String kind() {
        return "troubles";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return troubles.findByRemovedAtAfterOrderByRemovedAtDesc(moment).stream()
                .map(each ->
                        Gone.of(each.getId(), pottings.get(each.pottingId()).label(), each.removedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        troubles.findById(UUID.fromString(id))
                .orElseThrow(() -> new NotThere("note of what was wrong"))
                .remove(null);
    }

    /** What was wrong with a plant, the last first. */
    @Transactional(readOnly = true)
    List<Trouble> of(final UUID pottingId) {
        return troubles.findByPottingIdAndRemovedAtIsNullOrderByToldAtDesc(pottingId);
    }

    /** Troubles to look at again today. */
    @Transactional(readOnly = true)
    List<Trouble> toSee() {
        return troubles.toSee(LocalDate.now(clock), PageRequest.of(0, MOST_TO_SEE));
    }
}
