package looseknit.core.batch;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * One way to bring a heap that is mixed to another acidity: with what, how much of it now, what it will read, and when to test again.
 *
 * @param plan the whole dose
 * @param gramsNow what goes in now [g]: half of it where the chance of too much is high
 * @param reads what it will read
 * @param testOn when most of it has worked, so that a test tells the rest
 */
public record Correction(LimePlan plan, double gramsNow, List<ReadsAt> reads, LocalDate testOn) {

    /** Looks ahead: tomorrow, a week, four weeks. */
    private static final int[] DAYS = {1, 7, 28};

    private static final double DAYS_IN_WEEK = 7;

    /** Three quarters of an amendment have worked after two of its half-times. */
    private static final double HALF_TIMES = 2;

    /** A test sooner than this, or later, is of no use [d]; by judgement. */
    private static final int SOONEST_DAYS = 3;

    private static final int LATEST_DAYS = 56;

    /** A dose of less than this is nothing to weigh out [g/L]. */
    private static final double LEAST_G_PER_L = 0.02;

    /**
     * What it will read after some days.
     *
     * @param ph with the dose
     * @param without without it
     */
    public record ReadsAt(int days, double ph, double without) {}

    public Correction {
        reads = List.copyOf(reads);
    }

    /** Whether only a part of it goes in now. */
    public boolean split() {
        return gramsNow < plan.grams() - 1e-9;
    }

    /** Whether it burns hands and roots, or is no lime by trade: what growers take only when nothing else is there. */
    private boolean rough() {
        final Amendment with = plan.amendment();
        return with.reaction() == Amendment.Reaction.HYDROXIDE
                || with.kind() == Amendment.Kind.FEED
                || with.kind() == Amendment.Kind.MINERAL;
    }

    /**
     * Every way there is, the gentle ones first, and of those the one with the least chance of too much. A way that cannot get there is left out.
     *
     * @param subject the heap as it stands today
     * @param kinds amendments that are allowed
     * @param today the day on which it would go in
     */
    public static List<Correction> of(
            final LimePlan.Subject subject,
            final List<Amendment> kinds,
            final LimePlan.Goal goal,
            final LocalDate today) {
        final List<Correction> ways = new ArrayList<>();
        for (final Amendment kind : kinds) {
            if (kind.neutralising() != 0) {
                way(subject, kind, goal, today).ifPresent(ways::add);
            }
        }
        ways.sort(Comparator.comparing(Correction::rough)
                .thenComparingDouble(way -> way.plan().overshootRisk()));
        return List.copyOf(ways);
    }

    private static Optional<Correction> way(
            final LimePlan.Subject subject, final Amendment kind, final LimePlan.Goal goal, final LocalDate today) {
        try {
            final LimePlan plan = LimePlan.of(subject, kind, goal);
            if (plan.gPerL() < LEAST_G_PER_L) {
                return Optional.empty();
            }
            final double now = plan.risky() ? plan.grams() / 2 : plan.grams();
            final Acidity before = subject.corrected();
            final Acidity after = before.plus(new Recipe.Dose(kind, now / goal.litres()));
            final List<ReadsAt> reads = new ArrayList<>();
            for (final int days : DAYS) {
                reads.add(new ReadsAt(days, after.ph(days / DAYS_IN_WEEK), before.ph(days / DAYS_IN_WEEK)));
            }
            return Optional.of(
                    new Correction(plan, now, reads, today.plusDays(daysToWork(kind, before.temperatureC()))));
        } catch (final OutOfRangeException cannot) {
            return Optional.empty();
        }
    }

    /** Days until three quarters of an amendment have worked, from 3 to 56. */
    public static int daysToWork(final Amendment kind, final double temperatureC) {
        for (int days = SOONEST_DAYS; days < LATEST_DAYS; days++) {
            if (Acidity.reacted(kind, days / DAYS_IN_WEEK, temperatureC) >= 1 - Math.pow(2, -HALF_TIMES)) {
                return days;
            }
        }
        return LATEST_DAYS;
    }

    /**
     * A dose that has not had time to work.
     *
     * @param given what went in
     * @param until when most of it has worked
     * @param today whether it went in on the same day
     */
    public record StillWorking(Bin.Given given, LocalDate until, boolean today) {

        /** What to tell somebody who would give more. */
        public Message says() {
            final Quantity days = Quantity.days((double) ChronoUnit.DAYS.between(given.on(), until));
            return (today ? BatchSentence.DOSED_TODAY : BatchSentence.STILL_WORKING).with(given.amendment(), days);
        }
    }

    /** The dose that still works longest, of those that move the pH; nothing if all have worked. */
    public static Optional<StillWorking> stillWorking(final Bin bin, final LocalDate today, final double temperatureC) {
        return bin.given().stream()
                .filter(each -> each.amendment().neutralising() != 0)
                .map(each -> new StillWorking(
                        each,
                        each.on().plusDays(daysToWork(each.amendment(), temperatureC)),
                        !each.on().isBefore(today)))
                .filter(each -> each.until().isAfter(today))
                .max(Comparator.comparing(StillWorking::today).thenComparing(StillWorking::until));
    }
}
