package looseknit.server.care;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import looseknit.core.care.Answer;
import looseknit.core.care.Hand;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Growing;
import looseknit.server.pot.Potting;
import org.jspecify.annotations.Nullable;

/**
 * A pot and what all looks at it come to.
 *
 * @param revision the number of its last change
 * @param here whether it stands here
 * @param everyDays days between waterings as one says; null where nobody said
 * @param looks how many there were
 * @param answers how often each was given, by year
 * @param waterings its full waterings that followed on full ones
 */
record PotLookedAt(
        UUID id,
        long revision,
        boolean here,
        String label,
        @Nullable String place,
        @Nullable String plantId,
        Estimate expectedDays,
        @Nullable Double everyDays,
        long looks,
        Map<Integer, Map<Answer, Long>> answers,
        List<Watering> waterings) {

    static PotLookedAt of(final Potting potting, final List<LookRow> looks) {
        final Map<Integer, Map<Answer, Long>> answers = new TreeMap<>();
        looks.forEach(look -> answers.computeIfAbsent(look.on().getYear(), any -> new EnumMap<>(Answer.class))
                .merge(look.answer(), 1L, Long::sum));
        return new PotLookedAt(
                potting.id(),
                potting.revision(),
                !potting.deleted() && potting.state() == Potting.State.HERE,
                potting.label(),
                Optional.ofNullable(potting.brief().place())
                        .map(place -> place.name())
                        .orElse(null),
                potting.brief().plantId(),
                potting.expectedDays(),
                Optional.ofNullable(potting.brief().habit())
                        .map(habit -> habit.everyDays())
                        .orElse(null),
                looks.size(),
                answers,
                looks.stream()
                        .filter(LookRow::isFullWatering)
                        .map(look -> new Watering(look.before(), look.on()))
                        .toList());
    }

    /** Days between its waterings since a day. */
    Hand.Intervals since(final LocalDate day) {
        return intervals(watering -> !watering.on().isBefore(day));
    }

    /** The same, outside of the rest of its plant. */
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
