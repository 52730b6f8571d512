package looseknit.core.trouble;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.measure.Band;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Growing;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.Property;
import looseknit.core.outlook.Ahead;
import looseknit.core.planting.SetUp;
import looseknit.core.reading.PottedMix;

/**
 * Evidence that needs no look: what is reckoned of a pot and what was done to it. Where it begins to count is by judgement.
 *
 * @param sign what it amounts to
 * @param words the figures behind it
 */
public record Known(Sign sign, Message words) {

    /** Shares of the days that the plant can wait: before the first it is wet, after the second overdue. */
    private static final double STILL_WET = 0.4;

    private static final double OVERDUE = 1.3;

    /** Waterings that came so much sooner or later than the plant asks for are a habit. */
    private static final double EARLY = 0.6;

    private static final double LATE = 1.35;
    private static final int FEWEST_WATERINGS = 3;

    /** Within a day nobody tells sooner from later. */
    private static final double LEAST_DAYS = 0.5;

    private static final double YOUNG_YEARS = 0.25;
    private static final int JUST_DAYS = 42;
    private static final int MUCH_FEED_DAYS = 60;
    private static final int MUCH_FEED = 3;

    /** A pH beyond the best band by so much locks food up. */
    private static final double PH_BEYOND = 0.4;

    private static final double DRY_AIR_PERCENT = 40;
    private static final double MONTH_DAYS = 30.4;

    /**
     * What was done to a pot.
     *
     * @param movedOn when it came to its place, if it was moved
     * @param expectedDays days from a watering until the plant wants water, by what its looks have taught
     * @param waterings days between each of the last waterings and the one before [d]
     * @param fedOn the days on which it was fed, the last first
     */
    public record History(
            LocalDate pottedOn,
            Optional<LocalDate> movedOn,
            LocalDate lastWateredOn,
            Estimate expectedDays,
            List<Long> waterings,
            List<LocalDate> fedOn) {

        public History {
            waterings = List.copyOf(waterings);
            fedOn = List.copyOf(fedOn);
        }
    }

    /** All that is known of a pot on a day. */
    public static List<Known> of(
            final PottedMix potted, final SetUp setUp, final History history, final LocalDate today) {
        final List<Known> known = new ArrayList<>();
        known.add(water(history, today));
        hand(history).ifPresent(known::add);
        final Ahead.Now now = Ahead.now(potted, setUp, history.pottedOn(), today);
        known.add(new Known(
                now.air() < now.leastAir() ? Sign.LITTLE_AIR : Sign.AIR_ENOUGH,
                TroubleSentence.AIR.with(percent(now.air()), percent(now.leastAir()))));
        age(potted, now).ifPresent(known::add);
        known.add(change(history, today));
        potted.brief().plant().ifPresent(plant -> {
            food(plant, history, today).ifPresent(known::add);
            salts(potted, plant).ifPresent(known::add);
            acidity(potted, plant).ifPresent(known::add);
            season(plant, today).ifPresent(known::add);
            potted.brief().place().ifPresent(place -> stands(known, plant.growing(), place));
        });
        return List.copyOf(known);
    }

    private static Known water(final History history, final LocalDate today) {
        final long days = ChronoUnit.DAYS.between(history.lastWateredOn(), today);
        final double share = days / canWait(history);
        return new Known(
                share < STILL_WET ? Sign.RECKONED_WET : share > OVERDUE ? Sign.RECKONED_OVERDUE : Sign.RECKONED_BETWEEN,
                TroubleSentence.WATERED.with(
                        (int) days, Quantity.days(history.expectedDays().value())));
    }

    private static Optional<Known> hand(final History history) {
        if (history.waterings().size() < FEWEST_WATERINGS) {
            return Optional.empty();
        }
        final double mean = history.waterings().stream()
                        .mapToLong(Long::longValue)
                        .average()
                        .orElseThrow()
                / canWait(history);
        final Sign sign = mean < EARLY ? Sign.WATERED_EARLY : mean > LATE ? Sign.WATERED_LATE : Sign.WATERED_WELL;
        return Optional.of(new Known(sign, TroubleSentence.HAND.with(percent(mean))));
    }

    private static double canWait(final History history) {
        return Math.max(LEAST_DAYS, history.expectedDays().value());
    }

    private static Optional<Known> age(final PottedMix potted, final Ahead.Now now) {
        final OptionalDouble life = potted.value(Property.LIFE);
        if (life.isEmpty()) {
            return Optional.empty();
        }
        final Sign sign = now.years() < YOUNG_YEARS
                ? Sign.YOUNG_MIX
                : now.years() > life.getAsDouble() ? Sign.OLD_MIX : Sign.MIX_IN_ITS_YEARS;
        return Optional.of(new Known(sign, TroubleSentence.AGE.with(years(now.years()), years(life.getAsDouble()))));
    }

    private static Known change(final History history, final LocalDate today) {
        final long potted = ChronoUnit.DAYS.between(history.pottedOn(), today);
        final long moved =
                history.movedOn().map(on -> ChronoUnit.DAYS.between(on, today)).orElse(Long.MAX_VALUE);
        if (moved <= JUST_DAYS && moved < potted) {
            return new Known(Sign.JUST_MOVED, TroubleSentence.MOVED.with((int) moved));
        }
        return new Known(
                potted <= JUST_DAYS ? Sign.JUST_POTTED : Sign.UNCHANGED, TroubleSentence.POTTED.with((int) potted));
    }

    private static Optional<Known> food(final Plant plant, final History history, final LocalDate today) {
        final long lately = history.fedOn().stream()
                .filter(on -> on.isAfter(today.minusDays(MUCH_FEED_DAYS)))
                .count();
        if (lately >= MUCH_FEED) {
            return Optional.of(new Known(Sign.FED_MUCH, TroubleSentence.FED_TIMES.with((int) lately)));
        }
        if (!plant.isFed()) {
            return Optional.empty();
        }
        final LocalDate last = history.fedOn().stream().findFirst().orElse(history.pottedOn());
        final Sign sign = last.plusMonths(Ahead.FEED_LASTS_MONTHS).isBefore(today) ? Sign.UNFED : Sign.FED;
        final Quantity months = Quantity.of(Dimension.NUMBER, ChronoUnit.DAYS.between(last, today) / MONTH_DAYS, 0);
        return Optional.of(new Known(
                sign, (history.fedOn().isEmpty() ? TroubleSentence.NEVER_FED : TroubleSentence.FED_ON).with(months)));
    }

    private static Optional<Known> salts(final PottedMix potted, final Plant plant) {
        final OptionalDouble salts = potted.value(Property.SALTS);
        if (salts.isEmpty()) {
            return Optional.empty();
        }
        final double most = plant.needs().mostEcDsPerM();
        return Optional.of(new Known(
                salts.getAsDouble() > most ? Sign.SALTY : Sign.SALTS_FINE,
                TroubleSentence.SALTS.with(
                        Quantity.of(Dimension.CONDUCTIVITY, salts.getAsDouble(), 1),
                        Quantity.of(Dimension.CONDUCTIVITY, most, 1))));
    }

    private static Optional<Known> acidity(final PottedMix potted, final Plant plant) {
        final OptionalDouble ph = potted.value(Property.PH);
        if (ph.isEmpty()) {
            return Optional.empty();
        }
        final Band best = plant.needs().ph();
        final Sign sign = ph.getAsDouble() > best.high() + PH_BEYOND
                ? Sign.PH_HIGH
                : ph.getAsDouble() < best.low() - PH_BEYOND ? Sign.PH_LOW : Sign.PH_FITS;
        return Optional.of(new Known(
                sign,
                TroubleSentence.PH.with(
                        Quantity.of(Dimension.PH, ph.getAsDouble(), 1).bare(),
                        Quantity.of(Dimension.PH, best.low(), 1).bare(),
                        Quantity.of(Dimension.PH, best.high(), 1).bare())));
    }

    private static Optional<Known> season(final Plant plant, final LocalDate today) {
        final Growing.Rest rest = plant.growing().rest();
        return rest == Growing.Rest.NONE
                ? Optional.empty()
                : Optional.of(new Known(
                        rest.covers(today.getMonth()) ? Sign.RESTING : Sign.GROWING, TroubleSentence.REST.with(rest)));
    }

    private static void stands(final List<Known> known, final Growing growing, final Place place) {
        final Light light = place.lightClass();
        known.add(new Known(
                light.compareTo(growing.lightLow()) < 0
                        ? Sign.LIGHT_SCARCE
                        : light.compareTo(growing.lightHigh()) > 0 ? Sign.LIGHT_STRONG : Sign.LIGHT_FITS,
                TroubleSentence.LIGHT.with(light, growing.lightLow(), growing.lightHigh())));
        known.add(new Known(
                place.temperatureC() < growing.tempLowC()
                        ? Sign.COLD_THERE
                        : place.temperatureC() > growing.tempHighC() ? Sign.HOT_THERE : Sign.WARMTH_FITS,
                TroubleSentence.WARMTH.with(
                        celsius(place.temperatureC()), celsius(growing.tempLowC()), celsius(growing.tempHighC()))));
        known.add(new Known(
                place.humidityPercent() < DRY_AIR_PERCENT ? Sign.DRY_AIR : Sign.AIR_MOIST,
                TroubleSentence.HUMIDITY.with(percent(place.humidityPercent() / 100))));
    }

    private static Quantity percent(final double share) {
        return Quantity.of(Dimension.SHARE, share, 0);
    }

    private static Quantity years(final double years) {
        return Quantity.of(Dimension.YEARS, years, 1);
    }

    private static Quantity celsius(final double degrees) {
        return Quantity.of(Dimension.TEMPERATURE, degrees, 0);
    }
}
