package looseknit.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurvivalTest {

    private static final long SEED = 1958;

    /**
     * Weeks of remission of Freireich and others (Blood 21, 1963), the worked example of most textbooks of survival analysis, among them Kleinbaum
     * and Klein; the second group got a placebo. A plus marks who was still in remission. Data and results from memory.
     */
    private static final List<Course> TREATED =
            courses("6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+");

    private static final List<Course> PLACEBO = courses("1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23");

    private static List<Course> courses(final String told) {
        return Arrays.stream(told.split(" "))
                .map(each -> new Course(Double.parseDouble(each.replace("+", "")), !each.endsWith("+")))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "6, 0.8571, 0.0764",
        "7, 0.8067, 0.0869",
        "10, 0.7529, 0.0963",
        "13, 0.6902, 0.1068",
        "16, 0.6275, 0.1141",
        "22, 0.5378, 0.1282",
        "23, 0.4482, 0.1346"
    })
    void agreesWithTheTextbook(final double week, final double share, final double error) {
        final Survival survival = Survival.of(TREATED);

        assertThat(survival.at(week).share()).isCloseTo(share, within(0.0001));
        assertThat(survival.steps().stream()
                        .filter(step -> step.day() == week)
                        .findFirst()
                        .orElseThrow()
                        .se())
                .isCloseTo(error, within(0.0001));
    }

    @Test
    void theTestOfTwoGroupsAgreesWithTheTextbook() {
        final LogRank test = LogRank.of(TREATED, PLACEBO);

        assertThat(test.chiSquare()).isCloseTo(16.79, within(0.01));
        assertThat(test.p()).isLessThan(0.0001);
        assertThat(LogRank.of(PLACEBO, TREATED).chiSquare()).isCloseTo(test.chiSquare(), within(1e-9));
        assertThat(LogRank.of(TREATED, TREATED).p()).isCloseTo(1, within(1e-9));
    }

    @Test
    void nobodyLostIsNoCertainty() {
        final Survival survival = Survival.of(courses("400+ 400+ 400+ 400+ 400+ 400+"));

        assertThat(survival.at(365)).isEqualTo(new Survival.Banded(1, 0.5, 1));
        assertThat(survival.reaches(365)).isTrue();
        assertThat(survival.reaches(500)).isFalse();
        assertThat(Survival.of(List.of()).at(365).low()).isZero();
        assertThat(Survival.of(courses("10+ 10+ 10+ 10+ 400+")).at(365).low())
                .as("only one of them is still watched then")
                .isZero();
        assertThat(Survival.of(courses("3 3")).at(5)).isEqualTo(new Survival.Banded(0, 0, 1));
    }

    private static List<Course> drawn(final Random random, final int plants, final double meanDays) {
        return Stream.generate(() -> {
                    final double dies = -meanDays * Math.log(1 - random.nextDouble());
                    final double watched = 200 + 600 * random.nextDouble();
                    return new Course(Math.min(dies, watched), dies < watched);
                })
                .limit(plants)
                .toList();
    }

    /** The band holds the truth 93 to 97 times in 100. */
    @ParameterizedTest
    @CsvSource({"40, 700", "80, 1200", "150, 2500"})
    void theBandHoldsAsOftenAsItSays(final int plants, final double meanDays) {
        final Random random = new Random(SEED);
        final double truth = Math.exp(-365 / meanDays);
        final int rounds = 3000;
        final long held = IntStream.range(0, rounds)
                .mapToObj(round -> Survival.of(drawn(random, plants, meanDays)).at(365))
                .filter(band -> band.low() <= truth && truth <= band.high())
                .count();

        assertThat((double) held / rounds).isBetween(0.93, 0.97);
    }

    private static List<Fared.Watched> at(final String place, final List<Course> courses) {
        return courses.stream()
                .map(course -> new Fared.Watched(course, OptionalDouble.empty(), Optional.empty(), place))
                .toList();
    }

    private static Comparison compared(final List<Course> one, final List<Course> other, final String place) {
        return Comparison.of(at("stair", one), at(place, other));
    }

    private static List<Fared.Watched> together(final List<Fared.Watched> one, final List<Fared.Watched> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    /** Both blends fare alike at each place; one only stands more often where all are lost. */
    @Test
    void aBadPlaceIsNotHeldAgainstABlend() {
        final Random random = new Random(SEED + 5);
        final List<Fared.Watched> good =
                together(at("stair", drawn(random, 90, 6000)), at("yard", drawn(random, 30, 250)));
        final List<Fared.Watched> unlucky =
                together(at("stair", drawn(random, 30, 6000)), at("yard", drawn(random, 90, 250)));
        final Comparison found = Comparison.of(good, unlucky);

        assertThat(found.low()).isPositive();
        assertThat(found.within().orElseThrow().places()).isEqualTo(2);
        assertThat(found.within().orElseThrow().low()).isNegative();
        assertThat(words(found))
                .anyMatch(each -> each.startsWith("No winner: place against place"))
                .noneMatch(each -> each.startsWith("More of the first"));
        assertThat(found.logRank().p()).isGreaterThan(0.05);
    }

    @Test
    void aDifferencePlaceByPlaceHoldsTheTruthAsOftenAsItSays() {
        final Random random = new Random(SEED + 6);
        final double truth = 0.5 * (Math.exp(-365 / 1200.0) - Math.exp(-365 / 600.0))
                + 0.5 * (Math.exp(-365 / 3000.0) - Math.exp(-365 / 1500.0));
        final int rounds = 2000;
        int held = 0;
        for (int round = 0; round < rounds; round++) {
            final Comparison.Within found = Comparison.of(
                            together(at("stair", drawn(random, 60, 1200)), at("yard", drawn(random, 60, 3000))),
                            together(at("stair", drawn(random, 60, 600)), at("yard", drawn(random, 60, 1500))))
                    .within()
                    .orElseThrow();
            held += found.low() <= truth && truth <= found.high() ? 1 : 0;
        }
        assertThat((double) held / rounds).isBetween(0.93, 0.97);
    }

    /** Splitting a group by a place that means nothing hardly moves the test; one place alone does not move it at all. */
    @Test
    void theTestOfPlacesIsTheTestWhereThereIsOne() {
        final Random random = new Random(SEED + 7);
        final List<Course> one = drawn(random, 200, 600);
        final List<Course> other = drawn(random, 200, 1000);
        final double whole = LogRank.of(one, other).chiSquare();

        assertThat(LogRank.of(List.of(new LogRank.Pair(one, other))).chiSquare())
                .isEqualTo(whole);
        assertThat(LogRank.of(List.of(
                                new LogRank.Pair(one.subList(0, 100), other.subList(0, 100)),
                                new LogRank.Pair(one.subList(100, 200), other.subList(100, 200))))
                        .chiSquare())
                .isCloseTo(whole, within(0.35 * whole));
    }

    @Test
    void aDifferenceHoldsTheTruthAsOftenAsItSays() {
        final Random random = new Random(SEED + 1);
        final double truth = Math.exp(-365 / 900.0) - Math.exp(-365 / 1500.0);
        final int rounds = 3000;
        int held = 0;
        for (int round = 0; round < rounds; round++) {
            final Comparison found = compared(drawn(random, 60, 900), drawn(random, 60, 1500), "stair");
            held += found.low() <= truth && truth <= found.high() ? 1 : 0;
        }

        assertThat((double) held / rounds).isBetween(0.93, 0.97);
    }

    @Test
    void noneLostIsNotTakenForCertain() {
        final List<Course> all = courses("400+ 400+ 400+ 400+ 400+ 400+ 400+ 400+");
        final Comparison found = compared(all, courses("90 200 300 400+ 400+ 400+ 400+ 400+"), "stair");

        assertThat(found.difference()).isCloseTo(0.375, within(1e-9));
        assertThat(found.low()).isNegative();
        assertThat(words(found)).anyMatch(each -> each.startsWith("No winner"));
        assertThat(compared(all, all, "stair").high()).isGreaterThan(0.3);
    }

    private static List<String> words(final Comparison comparison) {
        final Wording english = Wording.english(MeasureSystem.METRIC);
        return comparison.words().stream().map(english::of).toList();
    }

    @Test
    void namesNoWinnerWhereTheIntervalCoversNone() {
        final Random random = new Random(SEED + 2);
        final List<Course> one = drawn(random, 30, 1500);
        final List<Course> other = drawn(random, 30, 1500);

        assertThat(words(compared(one, other, "stair")))
                .singleElement()
                .asString()
                .startsWith("No winner");
        assertThat(words(compared(drawn(random, 80, 300), drawn(random, 80, 5000), "yard")))
                .anyMatch(each -> each.startsWith("More of the second live"))
                .anyMatch(each -> each.contains("different places"));
    }

    @Test
    void saysThatFewAreFewAndThatTimeIsShort() {
        assertThat(words(compared(courses("400+ 500+ 20"), courses("400+ 30 40"), "stair")))
                .anyMatch(each -> each.startsWith("3 and 3 pots are few"));
        assertThat(words(compared(courses("40+ 50+"), courses("400+ 30"), "stair")))
                .anyMatch(each -> each.contains("nothing can be said yet"));
    }

    @Test
    void sumsUpPaceAndHealth() {
        final List<Fared.Watched> watched = new ArrayList<>();
        for (final double pace : new double[] {0.8, 0.9, 1.0, 1.1}) {
            watched.add(new Fared.Watched(
                    new Course(100, false), OptionalDouble.of(pace), Optional.of(Fared.State.FAIR), "stair"));
        }
        watched.add(
                new Fared.Watched(new Course(10, true), OptionalDouble.empty(), Optional.of(Fared.State.POOR), "yard"));
        final Fared fared = Fared.of(watched);

        assertThat(fared.pace().orElseThrow().mean()).isCloseTo(Math.pow(0.8 * 0.9 * 1.0 * 1.1, 0.25), within(1e-12));
        assertThat(fared.pace().orElseThrow().low()).isBetween(0.7, 0.8);
        assertThat(fared.pace().orElseThrow().pots()).isEqualTo(4);
        assertThat(fared.health()).isEqualTo(new Fared.Health(0, 4, 1));
        assertThat(fared.few()).isTrue();
        assertThat(fared.places()).containsEntry("stair", 0.8);
        assertThat(Fared.of(watched.subList(4, 5)).pace()).isEmpty();
    }
}
