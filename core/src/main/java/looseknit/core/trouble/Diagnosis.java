package looseknit.core.trouble;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import looseknit.core.measure.OutOfRangeException;

/**
 * What may be wrong, by Bayes' rule over all causes: each sign counts by how often it is seen with each of them, independently of the others once
 * the cause is given; signs that would say the same twice are answers of one finding. Exact, for there are few causes.
 *
 * @param suspects every cause, the likeliest first; their shares sum to 1
 * @param next what would tell most for its effort; empty if nothing would tell much
 * @param then what would tell most after that, as things stand
 */
public record Diagnosis(List<Suspect> suspects, Optional<Finding> next, List<Finding> then) {

    /** Fewer bits than this are not worth a question. */
    private static final double WORTH_ASKING = 0.03;

    private static final int THEN = 3;

    /** A sign that shifts the odds of a cause by less than this is not named [nat]. */
    private static final double WORTH_NAMING = 0.4;

    private static final int MOST_NAMED = 4;

    /**
     * A cause with what speaks for and against it.
     *
     * @param before its share by what is known of the pot alone
     * @param now its share by all that is seen
     * @param speaksFor signs that raise it, the strongest first
     * @param speaksAgainst signs that lower it, the strongest first
     */
    public record Suspect(Cause cause, double before, double now, List<Sign> speaksFor, List<Sign> speaksAgainst) {

        public Suspect {
            speaksFor = List.copyOf(speaksFor);
            speaksAgainst = List.copyOf(speaksAgainst);
        }
    }

    public Diagnosis {
        suspects = List.copyOf(suspects);
        then = List.copyOf(then);
    }

    /**
     * What may be wrong.
     *
     * @param group the plant's group; empty if it is not known
     * @param known what is known of the pot
     * @param seen what a person sees
     * @param passed what a person cannot tell
     * @throws OutOfRangeException if two answers to one question are given
     */
    public static Diagnosis of(
            final SignTable table,
            final String group,
            final Collection<Sign> known,
            final Collection<Sign> seen,
            final Set<Finding> passed) {
        final Map<Finding, Sign> facts = new EnumMap<>(Finding.class);
        known.forEach(sign -> take(facts, sign));
        final Belief before = Belief.of(table, group).after(facts.values());
        seen.forEach(sign -> take(facts, sign));
        final Belief now = Belief.of(table, group).after(facts.values());
        final List<Finding> open = Arrays.stream(Finding.values())
                .filter(finding -> finding.isAsked()
                        && finding.concerns(group)
                        && !facts.containsKey(finding)
                        && !passed.contains(finding)
                        && now.bits(finding) >= WORTH_ASKING)
                .sorted(Comparator.comparingDouble(finding -> -now.bits(finding) / finding.price()))
                .toList();
        return new Diagnosis(
                suspects(table, group, before, now, facts.values()),
                open.stream().findFirst(),
                open.stream().skip(1).limit(THEN).toList());
    }

    private static void take(final Map<Finding, Sign> facts, final Sign sign) {
        final Sign other = facts.put(sign.finding(), sign);
        if (other != null && other != sign) {
            throw new OutOfRangeException("the signs", sign.name(), TroubleSentence.ONE_ANSWER.with(other));
        }
    }

    private static List<Suspect> suspects(
            final SignTable table,
            final String group,
            final Belief before,
            final Belief now,
            final Collection<Sign> facts) {
        final Belief start = Belief.of(table, group);
        return Arrays.stream(Cause.values())
                .map(cause -> suspect(cause, start, before, now, facts))
                .sorted(Comparator.comparingDouble(suspect -> -suspect.now()))
                .toList();
    }

    private static Suspect suspect(
            final Cause cause,
            final Belief start,
            final Belief before,
            final Belief now,
            final Collection<Sign> facts) {
        final List<Sign> up = new ArrayList<>();
        final List<Sign> down = new ArrayList<>();
        for (final Sign sign : facts) {
            final double weight = start.weight(sign, cause);
            if (Math.abs(weight) >= WORTH_NAMING) {
                (weight > 0 ? up : down).add(sign);
            }
        }
        final Comparator<Sign> strongest = Comparator.comparingDouble(sign -> -Math.abs(start.weight(sign, cause)));
        return new Suspect(
                cause,
                before.share(cause),
                now.share(cause),
                up.stream().sorted(strongest).limit(MOST_NAMED).toList(),
                down.stream().sorted(strongest).limit(MOST_NAMED).toList());
    }
}
