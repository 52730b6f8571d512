package looseknit.core.care;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.OutOfRangeException;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.junit.jupiter.api.Test;

class HandTest {

    private static final double[] NINE = {8, 9, 9, 10, 9};

    private static Hand.Intervals intervals(final double... days) {
        Hand.Intervals intervals = Hand.Intervals.NONE;
        for (final double each : days) {
            intervals = intervals.with(each);
        }
        return intervals;
    }

    private static Hand hand(final double... days) {
        return Hand.of(intervals(days)).orElseThrow();
    }

    @Test
    void isKnownAfterAFewWaterings() {
        assertThat(Hand.of(intervals(8, 9, 9))).isEmpty();
        assertThat(hand(NINE).everyDays()).isCloseTo(9, within(0.1));
    }

    /** The mean of logarithms and their spread as a library works them out. */
    @Test
    void agreesWithALibrary() {
        final double[] days = {3, 5, 8, 6, 12, 4};
        final StreamingStatistics library = new StreamingStatistics();
        Arrays.stream(days).map(Math::log).forEach(library::addValue);
        final Hand hand = hand(days);

        assertThat(hand.everyDays()).isCloseTo(Math.exp(library.getMean()), within(1e-9));
        assertThat(hand.highDays())
                .isCloseTo(Math.exp(library.getMean() + Estimate.Z80 * library.getStandardDeviation()), within(1e-9));
        assertThat(hand.lowDays() * hand.highDays()).isCloseTo(Math.pow(hand.everyDays(), 2), within(1e-9));
    }

    @Test
    void whatIsKnownOfSeveralPotsIsPutTogether() {
        final Hand.Intervals some = intervals(8, 9);
        final Hand.Intervals others = intervals(9, 10, 9);

        assertThat(Hand.of(some)).isEmpty();
        assertThat(Hand.of(some.with(others)).orElseThrow().waterings()).isEqualTo(5);
        assertThat(Hand.of(some.with(others)).orElseThrow().everyDays())
                .isCloseTo(hand(NINE).everyDays(), within(1e-12));
        assertThatThrownBy(() -> some.with(401)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void namesOnlyWhatLeavesNoDoubt() {
        final Hand hand = hand(NINE);

        assertThat(hand.fit(new Estimate(5, 1))).isEqualTo(Hand.Fit.TOO_SELDOM);
        assertThat(hand.fit(new Estimate(8, 2))).isEqualTo(Hand.Fit.FITS);
        assertThat(hand.fit(new Estimate(11, 3))).isEqualTo(Hand.Fit.FITS);
        assertThat(hand.fit(new Estimate(20, 3))).isEqualTo(Hand.Fit.TOO_OFTEN);
        assertThat(said(hand.words(Hand.Fit.TOO_SELDOM, new Estimate(5, 1))))
                .isEqualTo("wants water after 5 days and gets it every 9 days: too seldom");
    }

    @Test
    void saysWhatIsDoneAgainstWhatIsSaid() {
        final Hand hand = hand(NINE);

        assertThat(said(hand.words(6)))
                .isEqualTo("you say every 6 days; it is every 9 days, mostly 8 to 10 (5 waterings)");
        assertThat(said(hand.words(9.5))).isEqualTo("you say every 10 days, and so it is (5 waterings)");
    }

    @Test
    void refusesDaysThatCannotBe() {
        assertThatThrownBy(() -> intervals(4, 5, -1, 6)).isInstanceOf(OutOfRangeException.class);
    }
}
