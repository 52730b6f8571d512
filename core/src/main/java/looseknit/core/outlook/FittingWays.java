package looseknit.core.outlook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import looseknit.core.care.Hand;
import looseknit.core.care.HandSentence;
import looseknit.core.care.Pace;
import looseknit.core.change.Change;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Message;
import looseknit.core.need.Place;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;

/** Ways in which a pot that does not fit a hand would: another wall, another place. */
public final class FittingWays {

    private static final int MOST = 2;

    private FittingWays() {}

    /**
     * A way.
     *
     * @param words what would be done
     * @param days days until its plant wanted water then
     */
    public record Way(Message words, Estimate days) {}

    /** The ways that fit, first those that come nearest to the hand. */
    public static List<Way> of(
            final PottedMix potted, final SetUp setUp, final Pace pace, final Hand hand, final List<Place> places) {
        final List<Way> ways = new ArrayList<>();
        final PotWall own = potted.brief().pot().orElseThrow().wall();
        ways.addAll(fitting(
                hand,
                PotWall.ORDINARY.stream().filter(wall -> wall != own),
                wall -> way(
                        potted.with(new Change.Wall(wall).briefAfter(potted.brief())),
                        setUp,
                        pace,
                        days -> HandSentence.OTHER_WALL.with(wall.words(), Hand.days(days)))));
        ways.addAll(fitting(
                hand,
                places.stream()
                        .filter(place -> !place.equals(potted.brief().place().orElseThrow())),
                place -> way(
                        potted.with(potted.brief().with(place)),
                        setUp,
                        pace,
                        days -> HandSentence.OTHER_PLACE.with(place.name(), Hand.days(days)))));
        return ways;
    }

    private static <T> List<Way> fitting(final Hand hand, final Stream<T> all, final Function<T, Way> way) {
        return all.map(way)
                .filter(each -> hand.fit(each.days()) == Hand.Fit.FITS)
                .sorted(Comparator.comparingDouble(
                        each -> Math.abs(Math.log(each.days().value() / hand.everyDays()))))
                .limit(MOST)
                .toList();
    }

    private static Way way(
            final PottedMix other, final SetUp setUp, final Pace pace, final Function<Double, Message> words) {
        final Estimate days =
                pace.expected(PotPortrait.days(other, PotPortrait.drying(other, new PotFilling(other, setUp))));
        return new Way(words.apply(days.value()), days);
    }
}
