package looseknit.core.dry;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import looseknit.core.blend.Mix;
import looseknit.core.dry.Season.Plan;
import looseknit.core.dry.Season.State;
import looseknit.core.dry.Season.Subject;
import looseknit.core.dry.Season.Way;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SeasonTest {

    private static final Mix RICH = Mix.of(recipe("peat 4 castings 1"));
    private static final Mix OPEN = Mix.of(recipe("orch_med 3 perlite_coarse 1"));
    private static final Weather WINDOW = new Weather(21, 50, 6, 0.1);

    /** Every drop that goes in is found again. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noWaterIsLostOrMade(final long seed) {
        final Random random = new Random(seed);
        final Plan plan = new Plan(
                200,
                1 + 20 * random.nextDouble(),
                8 * random.nextDouble(),
                Way.values()[random.nextInt(3)],
                60 * random.nextDouble(),
                random.nextBoolean() ? 0 : 0.4,
                Optional.of(new Sun(52, 1 + random.nextInt(365))),
                seed);
        final Season season =
                Season.of(plan, subject(random.nextBoolean() ? RICH : OPEN, PotWall.CLAY, AllowableDepletion.HALF));

        assertThat(season.account().error()).as("seed %d", seed).isCloseTo(0, within(1e-9));
        assertThat(season.days()).hasSize(200).allMatch(day -> day.gone() >= 0 && day.gone() <= 1);
        assertThat(season.account().givenOff()).isPositive();
    }

    @Test
    void theSameSeedGivesTheSameSeasonAndWatersTwoSoilsAlike() {
        final Plan plan = plan(7, 2, Way.THOROUGHLY);
        final Season rich = Season.of(plan, subject(RICH, PotWall.PLASTIC, AllowableDepletion.DRY));
        final Season open = Season.of(plan, subject(OPEN, PotWall.PLASTIC, AllowableDepletion.DRY));

        assertThat(Season.of(plan, subject(RICH, PotWall.PLASTIC, AllowableDepletion.DRY)))
                .isEqualTo(rich);
        assertThat(open.days().stream().map(Season.Day::watered).toList())
                .isEqualTo(rich.days().stream().map(Season.Day::watered).toList());
        assertThat(open.meanGoneBeforeWatering().orElseThrow())
                .isGreaterThan(rich.meanGoneBeforeWatering().orElseThrow());
    }

    @Test
    void tooOftenIsTooWetAndTooSeldomTooDry() {
        final Subject subject = subject(RICH, PotWall.GLAZED, AllowableDepletion.DRY);

        assertThat(Season.of(plan(2, 0, Way.THOROUGHLY), subject).daysIn(State.TOO_WET))
                .isGreaterThan(90);
        assertThat(Season.of(plan(2, 0, Way.THOROUGHLY), subject).daysIn(State.TOO_DRY))
                .isZero();
        assertThat(Season.of(plan(60, 0, Way.THOROUGHLY), subject).daysIn(State.TOO_DRY))
                .isGreaterThan(20);
    }

    @Test
    void lightWateringLeavesThePotDrier() {
        final Subject subject = subject(RICH, PotWall.CLAY, AllowableDepletion.HALF);

        assertThat(Season.of(plan(5, 0, Way.LIGHTLY), subject)
                        .meanGoneBeforeWatering()
                        .orElseThrow())
                .isGreaterThan(Season.of(plan(5, 0, Way.THOROUGHLY), subject)
                        .meanGoneBeforeWatering()
                        .orElseThrow());
    }

    @Test
    void fromBelowNothingRunsOutAndMoreIsHeld() {
        final Season below =
                Season.of(plan(6, 0, Way.FROM_BELOW), subject(RICH, PotWall.CLAY, AllowableDepletion.HALF));
        final Season above =
                Season.of(plan(6, 0, Way.THOROUGHLY), subject(RICH, PotWall.CLAY, AllowableDepletion.HALF));

        assertThat(below.account().drained()).isZero();
        assertThat(above.account().drained()).isPositive();
        assertThat(below.account().start()).isGreaterThan(above.account().start());
    }

    @Test
    void lightOfTheSeasonChangesTheThirst() {
        final Subject subject = subject(RICH, PotWall.PLASTIC, AllowableDepletion.HALF);
        final Plan summer = new Plan(60, 6, 0, Way.THOROUGHLY, 0, 0, Optional.of(new Sun(52, 172)), 1);
        final Plan intoWinter = new Plan(60, 6, 0, Way.THOROUGHLY, 0, 0, Optional.of(new Sun(52, 265)), 1);

        assertThat(Season.of(intoWinter, subject).account().givenOff())
                .isLessThan(Season.of(summer, subject).account().givenOff());
    }

    @Test
    void rainStandsInForWateringAndASaucerHoldsSomeBack() {
        final Subject subject = subject(RICH, PotWall.CLAY, AllowableDepletion.HALF);
        final Plan wet = new Plan(100, 120, 0, Way.THOROUGHLY, 80, 0, Optional.empty(), 3);
        final Plan saucer = new Plan(100, 120, 0, Way.THOROUGHLY, 80, 0.5, Optional.empty(), 3);

        assertThat(Season.of(wet, subject).account().rain()).isPositive();
        assertThat(Season.of(wet, subject).daysIn(State.TOO_DRY))
                .isLessThan(Season.of(new Plan(100, 120, 0, Way.THOROUGHLY, 0, 0, Optional.empty(), 3), subject)
                                .daysIn(State.TOO_DRY)
                        / 2);
        assertThat(Season.of(saucer, subject).account().drained())
                .isLessThan(Season.of(wet, subject).account().drained());
    }

    static List<Long> seeds() {
        return new Random(5).longs(20).boxed().toList();
    }

    private static Plan plan(final double everyDays, final double scatter, final Way way) {
        return new Plan(120, everyDays, scatter, way, 0, 0, Optional.empty(), 42);
    }

    private static Subject subject(final Mix mix, final PotWall wall, final AllowableDepletion trigger) {
        final Pot pot = Pot.ordinary(14, wall);
        return new Subject(pot, Reservoir.of(mix, pot), WINDOW, new Foliage(0.05, 1), TopDressing.NONE, trigger);
    }
}
