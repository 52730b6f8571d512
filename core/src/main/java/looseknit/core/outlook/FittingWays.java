package looseknit.core.outlook;

import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;
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

    /**
     * Something that would be done.
     *
     * @param words of it, told the days that came of it
     * @param days until its plant wanted water then, at the pace of the book
     */
    private record Tried(DoubleFunction<Message> words, Estimate days) {}

    private final List<Tried> walls;
    private final List<Tried> places;

    private FittingWays(final List<Tried> walls, final List<Tried> places) {
        this.walls = walls;
        this.places = places;
    }

    /**
     * A way.
     *
     * @param words what would be done
     * @param days days until its plant wanted water then
     */
    public record Way(Message words, Estimate days) {}

    /** Tries other walls and places with a pot. That takes its time; what comes of it holds for every pace and hand. */
    public static FittingWays tried(final PottedMix potted, final SetUp setUp, final List<Place> places) {
        final PotWall own = potted.brief().pot().orElseThrow().wall();
        final Place here = potted.brief().place().orElseThrow();
        return new FittingWays(
                PotWall.ORDINARY.stream()
                        .filter(wall -> wall != own)
                        .map(wall -> new Tried(
                                days -> HandSentence.OTHER_WALL.with(wall.words(), Hand.days(days)),
                                days(potted.with(new Change.Wall(wall).briefAfter(potted.brief())), setUp)))
                        .toList(),
                places.stream()
                        .filter(place -> !place.equals(here))
                        .map(place -> new Tried(
                                days -> HandSentence.OTHER_PLACE.with(place.name(), Hand.days(days)),
                                days(potted.with(potted.brief().with(place)), setUp)))
                        .toList());
    }

    private static Estimate days(final PottedMix other, final SetUp setUp) {
        return PotPortrait.days(other, PotPortrait.drying(other, new PotFilling(other, setUp)));
    }

    /** The ways that fit a hand at the pace of the pot: walls, then places, first those that come nearest. */
    public List<Way> of(final Pace pace, final Hand hand) {
        return Stream.of(walls, places)
                .flatMap(each -> fitting(each, pace, hand))
                .toList();
    }

    private static Stream<Way> fitting(final List<Tried> tried, final Pace pace, final Hand hand) {
        return tried.stream()
                .map(each -> way(each, pace.expected(each.days())))
                .filter(each -> hand.fit(each.days()) == Hand.Fit.FITS)
                .sorted(Comparator.comparingDouble(
                        each -> Math.abs(Math.log(each.days().value() / hand.everyDays()))))
                .limit(MOST);
    }

    private static Way way(final Tried tried, final Estimate days) {
        return new Way(tried.words().apply(days.value()), days);
    }
}
