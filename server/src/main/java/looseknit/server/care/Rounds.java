package looseknit.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.care.NextLook;
import looseknit.core.care.Pace;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.pot.PotWork;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingOfBatch;
import looseknit.server.pot.PottingRepository;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at pots, and what follows from them. */
@Service
@Transactional
public class Rounds {

    private static final int MOST_WATERINGS = 6;
    private static final double LEAST_DAYS = 0.5;

    private final LookRepository looks;
    private final PottingRepository pottings;
    private final PotWork work;
    private final Clock clock;

    Rounds(final LookRepository looks, final PottingRepository pottings, final PotWork work, final Clock clock) {
        this.looks = looks;
        this.pottings = pottings;
        this.work = work;
        this.clock = clock;
    }

    /** Pots to look at up to a day, the longest due first. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> due(final LocalDate day, final int most) {
        return pottings.due(day, PageRequest.of(0, most));
    }

    /** Pots to look at after a day, the next ones first. */
    @Transactional(readOnly = true)
    public Page<PottingOfBatch> later(final LocalDate day, final int most) {
        return pottings.later(day, PageRequest.of(0, most));
    }

    /** Notes a look today and works out the next one; a second call with the same id changes nothing. */
    public Potting look(final UUID id, final UUID pottingId, final Look.Answer answer) {
        return look(id, pottingId, answer, LocalDate.now(clock));
    }

    /** Notes a look on a day. */
    public Potting look(final UUID id, final UUID pottingId, final Look.Answer answer, final LocalDate day) {
        final Potting potting = pottings.lock(pottingId).orElseThrow(() -> new NotThere("pot"));
        if (looks.existsById(id)) {
            return potting;
        }
        if (potting.deleted() || potting.state() != Potting.State.HERE) {
            throw new Refused(
                    "This plant is not here", "It was removed, lent, given away, lost or repotted meanwhile.");
        }
        if (day.isBefore(potting.pottedOn())) {
            throw new OutOfRangeException(
                    "the day of the look",
                    String.valueOf(day),
                    TableText.said("a day from %s on".formatted(potting.pottedOn())));
        }
        looks.save(new Look(id, potting, day, answer));
        potting.dries(learnt(potting));
        if (answer == Look.Answer.STILL_MOIST) {
            potting.lookNext(day, NextLook.afterStillMoist(potting.expectedDays()));
        } else {
            potting.watered(day);
            potting.lookNext(day, NextLook.afterWatering(potting.expectedDays()));
        }
        return pottings.saveAndFlush(potting);
    }

    /** What the looks at a pot have taught, as far as they count. */
    private Pace learnt(final Potting potting) {
        final LocalDate since = work.standsSoSince(potting);
        return Pace.learnt(
                potting.predictedDays(),
                looks.findTop500ByPottingIdOrderBySequenceDesc(potting.id()).stream()
                        .filter(look -> !look.lookedOn().isBefore(since))
                        .map(Look::seen)
                        .toList());
    }

    /** The last waterings of a pot as it stands: days since the one before over the days that the plant can wait. */
    @Transactional(readOnly = true)
    public List<Double> waterings(final Potting potting) {
        final double expected = Math.max(LEAST_DAYS, potting.expectedDays().value());
        final LocalDate since = work.standsSoSince(potting);
        return looks.findTop500ByPottingIdOrderBySequenceDesc(potting.id()).stream()
                .filter(look -> look.answer() != Look.Answer.STILL_MOIST
                        && !look.lookedOn().isBefore(since))
                .limit(MOST_WATERINGS)
                .map(look -> look.seen().days() / expected)
                .toList();
    }

    /** Takes the last look at a pot back. */
    public Potting takeBack(final UUID id) {
        final Look look = looks.findById(id).orElseThrow(() -> new NotThere("look"));
        final Potting potting = pottings.lock(look.pottingId()).orElseThrow(() -> new NotThere("pot"));
        final boolean last = looks.findFirstByPottingIdOrderBySequenceDesc(potting.id())
                .filter(each -> each.id().equals(id))
                .isPresent();
        if (!last) {
            throw new OutOfRangeException(
                    "the look", "not the last one", TableText.said("only the last look can be taken back"));
        }
        look.takeBack(potting);
        looks.delete(look);
        looks.flush();
        potting.dries(learnt(potting));
        return pottings.saveAndFlush(potting);
    }

    /** The last looks at a pot, the newest first. */
    @Transactional(readOnly = true)
    public List<Look> lastLooks(final UUID pottingId) {
        return looks.findTop500ByPottingIdOrderBySequenceDesc(pottingId);
    }
}
