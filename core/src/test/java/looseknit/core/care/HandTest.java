package looseknit.core.care;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.OutOfRangeException;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.junit.jupiter.api.Test;

class HandTest {

    private static final List<Integer> NINE = List.of(8, 9, 9, 10, 9);

    @Test
    void isKnownAfterAFewWaterings() {
        assertThat(Hand.of(List.of(8, 9, 9))).isEmpty();
        assertThat(Hand.of(NINE).orElseThrow().everyDays()).isCloseTo(9, within(0.1));
    }

    /** The mean of logarithms and their spread as a library works them out. */
    @Test
    void agreesWithALibrary() {
        final List<Double> days = List.of(3.0, 5.0, 8.0, 6.0, 12.0, 4.0);
        final StreamingStatistics library = new StreamingStatistics();
        days.forEach(each -> library.addValue(Math.log(each)));
        final Hand hand = Hand.of(days).orElseThrow();

        assertThat(hand.everyDays()).isCloseTo(Math.exp(library.getMean()), within(1e-9));
        assertThat(hand.highDays())
                .isCloseTo(Math.exp(library.getMean() + Estimate.Z80 * library.getStandardDeviation()), within(1e-9));
        assertThat(hand.lowDays() * hand.highDays()).isCloseTo(Math.pow(hand.everyDays(), 2), within(1e-9));
    }

    @Test
    void whatIsKnownOfSeveralPotsIsPutTogether() {
        final Hand.Intervals some = Hand.Intervals.NONE.with(8).with(9);
        final Hand.Intervals others = Hand.Intervals.NONE.with(9).with(10).with(9);

        assertThat(Hand.of(some)).isEmpty();
        assertThat(Hand.of(some.with(others)).orElseThrow().waterings()).isEqualTo(5);
        assertThat(Hand.of(some.with(others)).orElseThrow().everyDays())
                .isCloseTo(Hand.of(NINE).orElseThrow().everyDays(), within(1e-12));
        assertThatThrownBy(() -> some.with(401)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void namesOnlyWhatLeavesNoDoubt() {
        final Hand hand = Hand.of(NINE).orElseThrow();

        assertThat(hand.fit(new Estimate(5, 1))).isEqualTo(Hand.Fit.TOO_SELDOM);
        assertThat(hand.fit(new Estimate(8, 2))).isEqualTo(Hand.Fit.FITS);
        assertThat(hand.fit(new Estimate(11, 3))).isEqualTo(Hand.Fit.FITS);
        assertThat(hand.fit(new Estimate(20, 3))).isEqualTo(Hand.Fit.TOO_OFTEN);
        assertThat(said(hand.words(Hand.Fit.TOO_SELDOM, new Estimate(5, 1))))
                .isEqualTo("wants water after 5 days and gets it every 9 days: too seldom");
    }

    @Test
    void saysWhatIsDoneAgainstWhatIsSaid() {
        final Hand hand = Hand.of(NINE).orElseThrow();

        assertThat(said(hand.words(6)))
                .isEqualTo("you say every 6 days; it is every 9 days, mostly 8 to 10 (5 waterings)");
        assertThat(said(hand.words(9.5))).isEqualTo("you say every 10 days, and so it is (5 waterings)");
    }

    @Test
    void refusesDaysThatCannotBe() {
        assertThatThrownBy(() -> Hand.of(DoubleStream.of(4, 5, -1, 6).boxed().toList()))
                .isInstanceOf(OutOfRangeException.class);
    }
}
