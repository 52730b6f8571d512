package looseknit.core.outcome;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * After which plants to ask: those in blends that least is known of, long not asked after. By judgement.
 *
 * @param blend the blend that it stands in
 * @param pottedOn since when
 * @param toldOn when it was last told how it does, if ever
 * @param here whether it stands here
 */
public record AskAfter(String blend, LocalDate pottedOn, Optional<LocalDate> toldOn, boolean here) {

    /** Asked again after so many days, and not before it has stood for as many. */
    private static final int AFTER_DAYS = 60;

    /**
     * The plants to ask after, the most telling first.
     *
     * @param all everything that is watched
     * @param of what is known of each
     */
    public static <T> List<T> among(
            final List<T> all, final Function<T, AskAfter> of, final LocalDate today, final int most) {
        final LocalDate before = today.minusDays(AFTER_DAYS);
        final Map<String, Long> known = all.stream()
                .map(of)
                .filter(each -> each.toldOn().isPresent())
                .collect(Collectors.groupingBy(AskAfter::blend, Collectors.counting()));
        return all.stream()
                .filter(each -> of.apply(each).isDue(before))
                .sorted(Comparator.comparingLong(
                                (T each) -> known.getOrDefault(of.apply(each).blend(), 0L))
                        .thenComparing(each -> of.apply(each).pottedOn()))
                .limit(most)
                .toList();
    }

    private boolean isDue(final LocalDate before) {
        return here
                && pottedOn.isBefore(before)
                && toldOn.map(on -> on.isBefore(before)).orElse(true);
    }
}
