package looseknit.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Food;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Place;
import looseknit.core.reading.PottedMix;

/**
 * Feed or lime that was given to a pot, and what is left of it.
 *
 * @param what what it is
 * @param on the day on which it was given
 * @param grams how much; empty where nobody told
 * @param left share that has not been set free, or has not reacted yet, 0 to 1
 */
public record Given(Message what, LocalDate on, OptionalDouble grams, double left) {

    private static final double DAYS_A_MONTH = 30.4;
    private static final double DAYS_A_WEEK = 7;

    /**
     * A feed that was told.
     *
     * @param grams how much; empty where nobody told
     */
    public record Fed(LocalDate on, OptionalDouble grams) {}

    /** All that was given to a pot, the last first: the doses of its mix, and every feed since. */
    public static List<Given> to(
            final PottedMix potted,
            final double mixLitres,
            final LocalDate pottedOn,
            final List<Fed> feeds,
            final LocalDate today) {
        final double celsius = potted.brief().place().map(Place::temperatureC).orElse(Ahead.ROOM_C);
        final List<Given> given = new ArrayList<>();
        final double weeks = Math.max(0, ChronoUnit.DAYS.between(pottedOn, today)) / DAYS_A_WEEK;
        for (final Recipe.Dose dose : potted.recipe().doses()) {
            given.add(new Given(
                    OutlookSentence.IN_THE_MIX.with(dose.amendment()),
                    pottedOn,
                    OptionalDouble.of(dose.gPerL() * mixLitres),
                    left(dose.amendment(), weeks, celsius)));
        }
        for (final Fed fed : feeds) {
            final double months = Math.max(0, ChronoUnit.DAYS.between(fed.on(), today)) / DAYS_A_MONTH;
            final double faster = Food.faster(celsius);
            given.add(new Given(
                    OutlookSentence.FEED.with(),
                    fed.on(),
                    fed.grams(),
                    Math.max(0, 1 - months * faster / Ahead.FEED_LASTS_MONTHS)));
        }
        given.sort(Comparator.comparing(Given::on).reversed());
        return given;
    }

    private static double left(final Amendment amendment, final double weeks, final double celsius) {
        return amendment.kind() == Amendment.Kind.FEED
                ? 1 - Food.releasedShare(amendment, weeks, celsius)
                : 1 - Acidity.reacted(amendment, weeks, celsius);
    }

    /** What is left, in words. */
    public Message says() {
        return left <= 0.005
                ? OutlookSentence.NOTHING_LEFT.with()
                : OutlookSentence.LEFT.with(Quantity.of(Dimension.SHARE, left, 0));
    }
}
