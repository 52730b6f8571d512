package looseknit.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Draught;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import org.junit.jupiter.api.Test;

class SpellTest {

    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
    private static final Place YARD =
            new Place("yard", 15, 70, Light.SUN, Draught.SHELTERED, OptionalDouble.empty(), 15);
    private static final Place ROOM = new Place("room", 15, 70, Light.SUN, Draught.SHELTERED);
    private static final LoggedDay USUAL = day(15, 70, 0);

    private static LoggedDay day(final double celsius, final double percent, final double rain) {
        return new LoggedDay(MAY, celsius, percent, rain, OptionalDouble.empty());
    }

    private static Spell sixDays(final Place place, final UnaryOperator<LoggedDay> weather) {
        final Map<LocalDate, LoggedDay> logged = IntStream.range(0, 6)
                .mapToObj(MAY::plusDays)
                .collect(Collectors.toMap(each -> each, each -> weather.apply(USUAL)));
        return Spell.of(MAY, MAY.plusDays(6), new Spell.Standing(place, 0.02, 0.8, 8), logged);
    }

    @Test
    void usualDaysCountAsThemselvesLoggedOrNot() {
        final Spell unlogged = Spell.of(MAY, MAY.plusDays(6), new Spell.Standing(YARD, 0.02, 0.8, 8), Map.of());

        assertThat(unlogged.days()).isEqualTo(6);
        assertThat(sixDays(YARD, usual -> usual).days()).isCloseTo(6, within(1e-9));
        assertThat(sixDays(YARD, usual -> usual).reason()).isEqualTo(NextLook.Reason.PREDICTED);
    }

    /** Days count as the reference crop evaporates: twice as much on them, twice the days. */
    @Test
    void warmDryDaysCountForMoreAndCoolDampOnesForLess() {
        final double times = day(26, 45, 0).against(ROOM);

        assertThat(times).isBetween(1.3, 3.0);
        assertThat(sixDays(ROOM, usual -> day(26, 45, 0)).days()).isCloseTo(6 * times, within(1e-9));
        assertThat(sixDays(ROOM, usual -> day(26, 45, 0)).reason()).isEqualTo(NextLook.Reason.WARM_SPELL);
        assertThat(sixDays(ROOM, usual -> day(6, 92, 0)).reason()).isEqualTo(NextLook.Reason.COOL_SPELL);
    }

    /** 5 mm on 0.02 m² are 0.1 L of the 0.8 L that last 8 days: a day's worth. */
    @Test
    void rainPutsWaterBackWhereItReachesThePot() {
        final Spell aLittle = sixDays(YARD, usual -> day(15, 70, 5));
        final Spell poured = sixDays(YARD, usual -> day(15, 70, 60));

        assertThat(aLittle.days()).isCloseTo(0, within(1e-9));
        assertThat(sixDays(YARD, usual -> day(15, 70, 2.5)).days()).isCloseTo(3, within(1e-9));
        assertThat(poured.rained()).isTrue();
        assertThat(poured.reason()).isEqualTo(NextLook.Reason.RAINED);
        assertThat(sixDays(ROOM, usual -> day(15, 70, 60)).days()).isCloseTo(6, within(1e-9));
    }

    @Test
    void theNextLookFollowsTheWeather() {
        final Estimate days = new Estimate(12, 3);
        final int usual = NextLook.after(new Spell(6, 6, false), days, AllowableDepletion.HALF)
                .inDays();

        assertThat(usual).isEqualTo(3);
        assertThat(NextLook.after(new Spell(4, 6, false), days, AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(usual + 2);
        assertThat(NextLook.after(new Spell(20, 6, false), days, AllowableDepletion.HALF)
                        .inDays())
                .isEqualTo(1);
    }
}
