package looseknit.server.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import looseknit.core.care.Answer;
import looseknit.core.care.Hand;
import looseknit.core.need.Growing;

/**
 * What all looks at a pot come to.
 *
 * @param looks how many there were
 * @param last the number of the last in the order in which they were stored; below that of any while there is none
 * @param answers how often each was given, by year
 * @param waterings full waterings that followed on full ones
 */
record CountedLooks(long looks, long last, Map<Integer, Map<Answer, Long>> answers, List<Watering> waterings) {

    static final CountedLooks NONE = new CountedLooks(0, Long.MIN_VALUE, Map.of(), List.of());

    /** With those of some looks at the pot that were stored after the last. */
    CountedLooks with(final List<LookRow> rows) {
        final List<LookRow> later =
                rows.stream().filter(row -> row.sequence() > last).toList();
        if (later.isEmpty()) {
            return this;
        }
        final Map<Integer, Map<Answer, Long>> byYear = new TreeMap<>();
        answers.forEach((year, counts) -> byYear.put(year, new EnumMap<>(counts)));
        later.forEach(look -> byYear.computeIfAbsent(look.on().getYear(), any -> new EnumMap<>(Answer.class))
                .merge(look.answer(), 1L, Long::sum));
        final List<Watering> all = new ArrayList<>(waterings);
        later.stream()
                .filter(LookRow::isFullWatering)
                .map(look -> new Watering(look.before(), look.on()))
                .forEach(all::add);
        return new CountedLooks(
                looks + later.size(),
                later.stream().mapToLong(LookRow::sequence).max().orElse(last),
                byYear,
                List.copyOf(all));
    }

    /** Days between waterings since a day. */
    Hand.Intervals since(final LocalDate day) {
        return intervals(watering -> !watering.on().isBefore(day));
    }

    /** The same, outside of the rest of a plant. */
    Hand.Intervals inGrowthSince(final LocalDate day, final Growing.Rest rest) {
        return intervals(watering -> !watering.on().isBefore(day)
                && rest.waits(watering.on().getMonth()) == 1
                && rest.waits(watering.before().getMonth()) == 1);
    }

    private Hand.Intervals intervals(final Predicate<Watering> wanted) {
        Hand.Intervals intervals = Hand.Intervals.NONE;
        for (final Watering watering : waterings) {
            if (wanted.test(watering)) {
                intervals = intervals.with(watering.days());
            }
        }
        return intervals;
    }
}
