package looseknit.server.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.care.Answer;
import looseknit.server.pot.PotRevision;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingRepository;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the looks at each pot come to. They are read once and kept in mind; those at a pot are read again when it has changed, as it does with each
 * look, whoever told it. So what is told of all looks does not take longer from year to year.
 */
@Service
@Transactional(readOnly = true)
public class LooksInMind {

    /** The looks at so many pots are read in one go. */
    private static final int AT_ONCE = 250;

    private final LookRepository looks;
    private final PottingRepository pottings;
    private final Map<UUID, PotLookedAt> known = new HashMap<>();
    private List<PotLookedAt> inOrder = List.of();

    LooksInMind(final LookRepository looks, final PottingRepository pottings) {
        this.looks = looks;
        this.pottings = pottings;
    }

    /** How often each answer was given in a year. */
    public Map<Answer, Long> answers(final int year) {
        final Map<Answer, Long> answers = new EnumMap<>(Answer.class);
        now().forEach(pot -> pot.answers()
                .getOrDefault(year, Map.of())
                .forEach((answer, count) -> answers.merge(answer, count, Long::sum)));
        return answers;
    }

    /** The pots that stand here, place by place. */
    List<PotLookedAt> here() {
        return now().stream().filter(PotLookedAt::here).toList();
    }

    /** All pots that there ever were, as they are stored now. */
    private synchronized List<PotLookedAt> now() {
        catchUp();
        if (differs()) {
            // by a look that was told just now, as a rule
            catchUp();
        }
        if (differs()) {
            // looks came or went without a change of their pots, in a file that was taken in for instance
            known.clear();
            catchUp();
        }
        return inOrder;
    }

    /** Whether other looks are known than there are, by their number. */
    private boolean differs() {
        return inOrder.stream().mapToLong(PotLookedAt::looks).sum() != looks.count();
    }

    /** Reads what has changed. */
    private void catchUp() {
        final List<PotRevision> stored = pottings.revisions();
        final List<UUID> changed = stored.stream()
                .filter(each -> !isKnown(each))
                .map(PotRevision::id)
                .toList();
        for (int from = 0; from < changed.size(); from += AT_ONCE) {
            read(changed.subList(from, Math.min(from + AT_ONCE, changed.size())));
        }
        final Set<UUID> there = stored.stream().map(PotRevision::id).collect(Collectors.toSet());
        if (known.keySet().retainAll(there) || !changed.isEmpty()) {
            inOrder = known.values().stream()
                    .sorted(Comparator.comparing(
                                    PotLookedAt::place, Comparator.nullsLast(Comparator.<String>naturalOrder()))
                            .thenComparing(PotLookedAt::label)
                            .thenComparing(PotLookedAt::id))
                    .toList();
        }
    }

    private boolean isKnown(final PotRevision pot) {
        final @Nullable PotLookedAt of = known.get(pot.id());
        return of != null && of.revision() == pot.revision();
    }

    private void read(final List<UUID> ids) {
        // pots before their looks: a look that comes in between changes the pot, whose looks are then read again
        final List<Potting> pots = pottings.findAllById(ids);
        // the same few hundred days come again and again: each is held once
        final Map<LocalDate, LocalDate> days = new HashMap<>();
        final Map<UUID, List<LookRow>> rows = new HashMap<>();
        looks.rows(ids)
                .forEach(row -> rows.computeIfAbsent(row.pottingId(), any -> new ArrayList<>())
                        .add(new LookRow(
                                row.pottingId(),
                                days.computeIfAbsent(row.on(), day -> day),
                                row.answer(),
                                days.computeIfAbsent(row.before(), day -> day),
                                row.beforeLightly())));
        pots.forEach(pot -> known.put(pot.id(), PotLookedAt.of(pot, rows.getOrDefault(pot.id(), List.of()))));
    }
}
