package looseknit.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.blend.Ageing;
import looseknit.core.blend.Food;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Named;
import looseknit.core.message.Quantity;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.core.planting.FeedPlace;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.reading.PottedMix;

/** What is ahead of a pot beyond its next watering, and what its mix has become by now. Intervals are common practice, no source. */
public final class Ahead {

    /** Months for which a feed lasts, or what a mix brings. */
    public static final int FEED_LASTS_MONTHS = 5;

    private static final int TEST_WEEKS = 4;

    /** A plant that was potted settles in so many weeks. */
    private static final int SETTLES_WEEKS = 3;

    private static final int FLUSH_MONTHS = 3;
    private static final int FLUSH_SOON_MONTHS = 2;

    /** Water with so much salt leaves some [dS/m]. */
    private static final double HARD_DS_PER_M = 0.5;

    private static final String PALM = "palm";

    /** Months in which plants take little, but for those that grow in winter; north of the equator, common practice, no source. */
    private static final Set<Month> DARK = EnumSet.of(Month.NOVEMBER, Month.DECEMBER, Month.JANUARY, Month.FEBRUARY);

    private static final Set<Month> SPRING_TO_SUMMER = EnumSet.range(Month.MARCH, Month.AUGUST);
    /** Where no place is told [°C]. */
    static final double ROOM_C = 20;

    private static final int DAYS_A_WEEK = 7;
    private static final double WEEKS_A_YEAR = 52.18;

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
        REPOT,
        /** Salts are rinsed out. */
        FLUSH,
        /** A plant that was potted lately has settled. */
        SETTLE
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
     * @param flushedOn the last day on which salts were rinsed out, if they were
     */
    public record History(
            LocalDate pottedOn,
            Optional<LocalDate> fedOn,
            Optional<LocalDate> toppedUpOn,
            Optional<LocalDate> flushedOn) {}

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
                sunkCm(potted.ageing(), setUp, pot, years),
                potted.airAfter(years),
                potted.airAfter(0),
                potted.situation().leastAir());
    }

    /** What comes after a day, soonest first. */
    public static List<Due> of(
            final PottedMix potted, final SetUp setUp, final History history, final LocalDate today) {
        final List<Due> dues = new ArrayList<>();
        potted.brief().plant().ifPresent(plant -> {
            feed(potted, plant, setUp, history, today).ifPresent(dues::add);
            flush(potted.brief(), plant, history, today).ifPresent(dues::add);
            rest(plant, today).ifPresent(dues::add);
            dues.add(repot(potted, plant, history, today));
        });
        if (!potted.recipe().doses().isEmpty()
                && history.pottedOn().plusWeeks(TEST_WEEKS).isAfter(today)) {
            dues.add(new Due(Kind.TEST, history.pottedOn().plusWeeks(TEST_WEEKS), AheadSentence.TEST.with()));
        }
        if (history.pottedOn().plusWeeks(SETTLES_WEEKS).isAfter(today)) {
            dues.add(new Due(Kind.SETTLE, history.pottedOn().plusWeeks(SETTLES_WEEKS), AheadSentence.SETTLED.with()));
        }
        topUp(potted, setUp, history, today).ifPresent(dues::add);
        dues.sort(Comparator.comparing(Due::on));
        return dues;
    }

    private static Optional<Due> feed(
            final PottedMix potted,
            final Plant plant,
            final SetUp setUp,
            final History history,
            final LocalDate today) {
        if (!plant.isFed()) {
            return Optional.empty();
        }
        final Optional<Due> slow = history.fedOn().isPresent() ? Optional.empty() : slowFeed(potted, history);
        final Due plain = slow.orElseGet(() -> new Due(
                Kind.FEED,
                history.fedOn().orElse(history.pottedOn()).plusMonths(FEED_LASTS_MONTHS),
                history.fedOn().isPresent() ? AheadSentence.FED_BEFORE.with(FEED_LASTS_MONTHS) : foodOfTheMix(setUp)));
        LocalDate on = later(plain.on(), today);
        if (plant.growing().rest().covers(on.getMonth())) {
            on = next(plant.growing().rest().ends(), on);
        }
        if (plant.group().id().equals(PALM) && !SPRING_TO_SUMMER.contains(on.getMonth())) {
            return Optional.of(new Due(Kind.FEED, next(Month.APRIL, on), AheadSentence.FEED_OF_SPRING.with()));
        }
        if (!plant.isFedInWinter() && DARK.contains(on.getMonth())) {
            return Optional.of(new Due(Kind.FEED, next(Month.MARCH, on), AheadSentence.FEED_WAITS_FOR_LIGHT.with()));
        }
        return Optional.of(new Due(Kind.FEED, on, plain.because()));
    }

    private static Message foodOfTheMix(final SetUp setUp) {
        return setUp.feed() == FeedPlace.NONE
                ? AheadSentence.FOOD_OF_THE_MIX.with(FEED_LASTS_MONTHS)
                : AheadSentence.FOOD_OF_MIX_AND_FEED.with(FEED_LASTS_MONTHS, setUp.feed());
    }

    /** When granules that were mixed in have given all, by the warmth of the place. */
    private static Optional<Due> slowFeed(final PottedMix potted, final History history) {
        final double celsius = potted.brief().place().map(Place::temperatureC).orElse(ROOM_C);
        return potted.recipe().doses().stream()
                .map(Recipe.Dose::amendment)
                .filter(each -> each.kind() == Amendment.Kind.FEED && each.longevityWeeks() > 0)
                .max(Comparator.comparingDouble(Amendment::longevityWeeks))
                .map(feed -> {
                    final double weeks = Food.lastsWeeks(feed, celsius);
                    return new Due(
                            Kind.FEED,
                            history.pottedOn().plusDays(Math.round(DAYS_A_WEEK * weeks)),
                            AheadSentence.FEED_IS_RELEASED.with(
                                    feed, Quantity.of(Dimension.NUMBER, weeks * MONTHS / WEEKS_A_YEAR, 0)));
                });
    }

    /** Salts of hard water, or of feed where little runs out, are rinsed out every few months; common practice, no source. */
    private static Optional<Due> flush(
            final Brief brief, final Plant plant, final History history, final LocalDate today) {
        final Optional<Habit> habit = brief.habit();
        if (habit.isEmpty()) {
            return Optional.empty();
        }
        final boolean hard = habit.get().ecDsPerM() >= HARD_DS_PER_M;
        final boolean stays = habit.get().amount() != Habit.Amount.THOROUGHLY && plant.isFed();
        if (!hard && !stays) {
            return Optional.empty();
        }
        final int months = hard && stays ? FLUSH_SOON_MONTHS : FLUSH_MONTHS;
        return Optional.of(new Due(
                Kind.FLUSH,
                later(history.flushedOn().orElse(history.pottedOn()).plusMonths(months), today),
                (hard ? AheadSentence.HARD_WATER : AheadSentence.NOTHING_RUNS_OUT).with(months)));
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
        final Ageing ageing = potted.ageing();
        final LocalDate filled = history.toppedUpOn().orElse(history.pottedOn());
        for (int month = 1; month <= MONTHS * MOST_YEARS / 2; month++) {
            final double sunk = sunkCm(ageing, setUp, pot, (double) month / MONTHS);
            if (sunk >= Math.min(SUNK_CM, 0.1 * pot.heightCm())) {
                return Optional.of(new Due(
                        Kind.TOP_UP,
                        later(filled.plusMonths(month), today),
                        AheadSentence.SUNK.with(Quantity.trimmed(Dimension.LENGTH, sunk, 1))));
            }
        }
        return Optional.empty();
    }

    private static double sunkCm(final Ageing ageing, final SetUp setUp, final Pot pot, final double years) {
        return (pot.fillCm() - setUp.underMixCm(pot)) * (1 - ageing.settledTo(years));
    }

    private static LocalDate later(final LocalDate day, final LocalDate today) {
        return day.isBefore(today) ? today : day;
    }

    private static LocalDate next(final Month month, final LocalDate day) {
        final LocalDate first = LocalDate.of(day.getYear(), month, 1);
        return first.isAfter(day) ? first : first.plusYears(1);
    }
}
