package looseknit.server.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
 * What the looks at each pot come to. They are read once and kept in mind; when a pot has changed, as it does with each look, whoever told it, those that
 * came since are read, and all of its looks only if one was taken back, which their number tells. So what is told of all looks does not take longer
 * from year to year.
 */
@Service
@Transactional(readOnly = true)
public class LooksInMind {

    /** So many pots and their looks are read in one go. */
    private static final int AT_ONCE = 60;

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
        now().forEach(pot -> pot.looks()
                .answers()
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
        final List<UUID> changed = new ArrayList<>(catchUp());
        if (differs()) {
            // by a look that was told just now, as a rule
            changed.addAll(catchUp());
        }
        if (differs()) {
            // one of those that changed, since a look was taken back there
            mend(counted(changed), changed);
        }
        if (differs()) {
            // looks came or went without a change of their pots, in a file that was taken in for instance
            mend(byPot(looks.counts()), List.copyOf(known.keySet()));
        }
        return inOrder;
    }

    /** Whether other looks are known than there are, by their number. */
    private boolean differs() {
        return inOrder.stream().mapToLong(pot -> pot.looks().looks()).sum() != looks.count();
    }

    private Map<UUID, Long> counted(final List<UUID> ids) {
        final Map<UUID, Long> stored = new HashMap<>();
        for (int from = 0; from < ids.size(); from += AT_ONCE) {
            stored.putAll(byPot(looks.counts(ids.subList(from, Math.min(from + AT_ONCE, ids.size())))));
        }
        return stored;
    }

    /** Reads looks that came; where that does not help, all of a pot, since some were taken back. */
    private void mend(final Map<UUID, Long> stored, final List<UUID> ids) {
        read(miscounted(stored, ids));
        final List<UUID> others = miscounted(stored, ids);
        others.forEach(known::remove);
        read(others);
    }

    /** Pots of which other looks are known than there are, by their number. */
    private List<UUID> miscounted(final Map<UUID, Long> stored, final List<UUID> ids) {
        return ids.stream()
                .distinct()
                .filter(known::containsKey)
                .filter(id -> knownOf(id).looks() != stored.getOrDefault(id, 0L))
                .toList();
    }

    /** Reads what has changed, and says which pots. */
    private List<UUID> catchUp() {
        final List<PotRevision> stored = pottings.revisions();
        final boolean gone =
                known.keySet().retainAll(stored.stream().map(PotRevision::id).collect(Collectors.toSet()));
        final List<UUID> changed = stored.stream()
                .filter(each -> !isKnown(each))
                .map(PotRevision::id)
                .toList();
        if (gone || !changed.isEmpty()) {
            read(changed);
        }
        return changed;
    }

    private boolean isKnown(final PotRevision pot) {
        final @Nullable PotLookedAt of = known.get(pot.id());
        return of != null && of.revision() == pot.revision();
    }

    private void read(final List<UUID> ids) {
        // those with looks since about the same one together; of those that are new all are read
        ids.stream().collect(Collectors.partitioningBy(known::containsKey)).values().stream()
                .map(each -> each.stream()
                        .sorted(Comparator.comparingLong(id -> knownOf(id).last()))
                        .toList())
                .forEach(byLast -> {
                    for (int from = 0; from < byLast.size(); from += AT_ONCE) {
                        readTogether(byLast.subList(from, Math.min(from + AT_ONCE, byLast.size())));
                    }
                });
        inOrder = known.values().stream()
                .sorted(Comparator.comparing(
                                PotLookedAt::place, Comparator.nullsLast(Comparator.<String>naturalOrder()))
                        .thenComparing(PotLookedAt::label)
                        .thenComparing(PotLookedAt::id))
                .toList();
    }

    /** Reads some pots and their looks since the last one that is known of the first of them. */
    private void readTogether(final List<UUID> ids) {
        // pots before their looks: a look that comes in between changes the pot, whose looks are then read again
        final List<Potting> pots = pottings.findAllById(ids);
        final Map<UUID, List<LookRow>> later = after(knownOf(ids.get(0)).last(), ids);
        pots.forEach(pot -> known.put(
                pot.id(), PotLookedAt.of(pot, knownOf(pot.id()).with(later.getOrDefault(pot.id(), List.of())))));
    }

    private CountedLooks knownOf(final UUID id) {
        final @Nullable PotLookedAt of = known.get(id);
        return of == null ? CountedLooks.NONE : of.looks();
    }

    private static Map<UUID, Long> byPot(final List<LookCount> counts) {
        return counts.stream().collect(Collectors.toMap(LookCount::pottingId, LookCount::looks));
    }

    private Map<UUID, List<LookRow>> after(final long last, final List<UUID> ids) {
        // the same few hundred days come again and again: each is held once
        final Map<LocalDate, LocalDate> days = new HashMap<>();
        final Map<UUID, List<LookRow>> rows = new HashMap<>();
        looks.after(last, ids)
                .forEach(row -> rows.computeIfAbsent(row.pottingId(), any -> new ArrayList<>())
                        .add(new LookRow(
                                row.pottingId(),
                                row.sequence(),
                                days.computeIfAbsent(row.on(), day -> day),
                                row.answer(),
                                days.computeIfAbsent(row.before(), day -> day),
                                row.beforeLightly())));
        return rows;
    }
}
