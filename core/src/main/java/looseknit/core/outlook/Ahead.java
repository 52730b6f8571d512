package looseknit.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;
import looseknit.core.need.Growing;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.reading.PottedMix;

/** What is ahead of a pot beyond its next watering, and what its mix has become by now. Intervals are common practice, no source. */
public final class Ahead {

    /** Months for which a feed lasts, or what a mix brings. */
    public static final int FEED_LASTS_MONTHS = 5;

    private static final int TEST_WEEKS = 4;

    /** A pot that has sunk by so much wants topping up [cm]; by judgement. */
    private static final double SUNK_CM = 1.5;

    private static final int MOST_YEARS = 10;
    private static final int MONTHS = 12;
    private static final double DAYS_A_YEAR = 365.25;

    private Ahead() {}

    /** What is due some day. */
    public enum Kind implements Named {
        FEED,
        TEST,
        TOP_UP,
        REST,
        REPOT
    }

    /**
     * Something that comes.
     *
     * @param on about when
     */
    public record Due(Kind kind, LocalDate on, Message because) {}

    /**
     * What the history of a pot says.
     *
     * @param pottedOn the day on which it was filled
     * @param fedOn the last day on which it was fed, if it was
     * @param toppedUpOn the last day on which it was topped up, if it was
     */
    public record History(LocalDate pottedOn, Optional<LocalDate> fedOn, Optional<LocalDate> toppedUpOn) {}

    /**
     * The mix as it is by now.
     *
     * @param years since it was filled
     * @param sunkCm by how much it has sunk [cm]
     * @param air air after draining by now [vol/vol]
     * @param airThen air when it was filled [vol/vol]
     * @param leastAir least that the roots bear [vol/vol]
     */
    public record Now(double years, double sunkCm, double air, double airThen, double leastAir) {}

    /** The mix of a pot on a day. */
    public static Now now(final PottedMix potted, final SetUp setUp, final LocalDate pottedOn, final LocalDate day) {
        final Pot pot = potted.brief().pot().orElseThrow();
        final double years = Math.max(0, ChronoUnit.DAYS.between(pottedOn, day) / DAYS_A_YEAR);
        return new Now(
                years,
                sunkCm(potted, setUp, pot, years),
                potted.airAfter(years),
                potted.airAfter(0),
                potted.situation().leastAir());
    }

    /** What comes after a day, soonest first. */
    public static List<Due> of(
            final PottedMix potted, final SetUp setUp, final History history, final LocalDate today) {
        final List<Due> dues = new ArrayList<>();
        potted.brief().plant().ifPresent(plant -> {
            feed(plant, setUp, history, today).ifPresent(dues::add);
            rest(plant, today).ifPresent(dues::add);
            dues.add(repot(potted, plant, history, today));
        });
        if (!potted.recipe().doses().isEmpty()
                && history.pottedOn().plusWeeks(TEST_WEEKS).isAfter(today)) {
            dues.add(new Due(Kind.TEST, history.pottedOn().plusWeeks(TEST_WEEKS), AheadSentence.TEST.with()));
        }
        topUp(potted, setUp, history, today).ifPresent(dues::add);
        dues.sort(Comparator.comparing(Due::on));
        return dues;
    }

    private static Optional<Due> feed(
            final Plant plant, final SetUp setUp, final History history, final LocalDate today) {
        if (!plant.isFed()) {
            return Optional.empty();
        }
        final LocalDate last = history.fedOn().orElse(history.pottedOn());
        LocalDate on = later(last.plusMonths(FEED_LASTS_MONTHS), today);
        if (plant.growing().rest().covers(on.getMonth())) {
            on = next(plant.growing().rest().ends(), on);
        }
        return Optional.of(new Due(
                Kind.FEED,
                on,
                history.fedOn().isPresent()
                        ? AheadSentence.FED_BEFORE.with(FEED_LASTS_MONTHS)
                        : AheadSentence.FOOD_OF_THE_MIX.with(FEED_LASTS_MONTHS, setUp.feed())));
    }

    private static Optional<Due> rest(final Plant plant, final LocalDate today) {
        final Growing.Rest rest = plant.growing().rest();
        if (rest == Growing.Rest.NONE) {
            return Optional.empty();
        }
        return Optional.of(
                rest.covers(today.getMonth())
                        ? new Due(Kind.REST, next(rest.ends(), today), AheadSentence.REST_ENDS.with(rest))
                        : new Due(Kind.REST, next(rest.begins(), today), AheadSentence.REST_BEGINS.with(rest)));
    }

    private static Due repot(final PottedMix potted, final Plant plant, final History history, final LocalDate today) {
        final OptionalDouble life = potted.value(Property.LIFE);
        final double roots = plant.growing().repotYears();
        final boolean mixFirst = life.isPresent() && life.getAsDouble() < roots;
        final double years = Math.min(MOST_YEARS, mixFirst ? life.getAsDouble() : roots);
        final LocalDate due = later(history.pottedOn().plusDays(Math.round(years * DAYS_A_YEAR)), today);
        final Month month = plant.isOfTheBog() ? Month.FEBRUARY : Month.APRIL;
        final LocalDate season = LocalDate.of(due.getYear(), month, 1);
        final LocalDate on =
                season.isBefore(due.minusMonths(3)) || season.isBefore(today) ? season.plusYears(1) : season;
        return new Due(
                Kind.REPOT,
                on,
                (mixFirst ? AheadSentence.MIX_IS_OVER : AheadSentence.ROOTS_FILL)
                        .with(Quantity.trimmed(Dimension.YEARS, years, 1)));
    }

    private static Optional<Due> topUp(
            final PottedMix potted, final SetUp setUp, final History history, final LocalDate today) {
        final Pot pot = potted.brief().pot().orElseThrow();
        final LocalDate filled = history.toppedUpOn().orElse(history.pottedOn());
        for (int month = 1; month <= MONTHS * MOST_YEARS / 2; month++) {
            final double sunk = sunkCm(potted, setUp, pot, (double) month / MONTHS);
            if (sunk >= Math.min(SUNK_CM, 0.1 * pot.heightCm())) {
                return Optional.of(new Due(
                        Kind.TOP_UP,
                        later(filled.plusMonths(month), today),
                        AheadSentence.SUNK.with(Quantity.trimmed(Dimension.LENGTH, sunk, 1))));
            }
        }
        return Optional.empty();
    }

    private static double sunkCm(final PottedMix potted, final SetUp setUp, final Pot pot, final double years) {
        return (pot.fillCm() - setUp.underMixCm(pot)) * (1 - potted.ageing().settledTo(years));
    }

    private static LocalDate later(final LocalDate day, final LocalDate today) {
        return day.isBefore(today) ? today : day;
    }

    private static LocalDate next(final Month month, final LocalDate day) {
        final LocalDate first = LocalDate.of(day.getYear(), month, 1);
        return first.isAfter(day) ? first : first.plusYears(1);
    }
}
