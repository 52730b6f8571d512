package looseknit.core.dry;

import static looseknit.core.Materials.recipe;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Mix;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DryDownTest {

    private static final Mix HOUSEPLANT = Mix.of(recipe("peat 3 perlite_med 1 bark_fine 1"));
    private static final Mix SUCCULENT = Mix.of(recipe("peat 1 pumice_med 2 coir_pith 1"));

    /** Intervals of common practice, no source; the constants were set to them: a calibration, not a validation. */
    @ParameterizedTest
    @CsvSource({
        "houseplant, 17, 15.5, PLASTIC, 29, 75, 7, 0.5, 1.2, 1, DRY, 12, 14",
        "houseplant, 17, 15.5, CLAY, 29, 75, 7, 0.5, 1.2, 1, DRY, 3, 4",
        "succulent, 8, 7.5, CLAY, 28, 50, 25, 1, 0.9, 0.25, NEARLY_ALL, 2, 3",
        "houseplant, 15, 14, PLASTIC, 21, 50, 2.5, 0.1, 1.7, 1, DRY, 10, 14"
    })
    void meetsTheIntervalsItWasSetTo(
            final String mix,
            final double topCm,
            final double heightCm,
            final PotWall wall,
            final double temperatureC,
            final double humidity,
            final double light,
            final double wind,
            final double spread,
            final double cropCoefficient,
            final AllowableDepletion trigger,
            final double fromDays,
            final double toDays) {
        final DryDown dryDown = DryDown.of(
                mix.equals("houseplant") ? HOUSEPLANT : SUCCULENT,
                pot(topCm, heightCm, wall),
                new Weather(temperatureC, humidity, light, wind),
                new Foliage(pot(topCm, heightCm, wall).surfaceM2() * spread * spread, cropCoefficient));

        assertThat(dryDown.daysTo(trigger)).isBetween(fromDays - 0.05, toDays + 0.05);
    }

    @Test
    void leavesWithoutLightAirOrDroughtDrawNothing() {
        final DryDown dryDown =
                DryDown.of(HOUSEPLANT, pot(15, 14, PotWall.GLAZED), new Weather(20, 100, 0, 0), new Foliage(0.2, 1));

        assertThat(dryDown.daysTo(AllowableDepletion.HALF)).isEqualTo(DryDown.HORIZON_DAYS);
    }

    @Test
    void depletionRisesDayByDayAndNeverPassesAll() {
        final List<Double> days = DryDown.of(
                        HOUSEPLANT, pot(15, 14, PotWall.CLAY), new Weather(30, 30, 20, 2), new Foliage(0.2, 1))
                .dailyDepletion(40);

        assertThat(days).hasSize(41).isSorted().allMatch(gone -> gone >= 0 && gone <= 1);
    }

    @Test
    void aClayPotDriesSoonerThanAGlazedOne() {
        final Weather weather = new Weather(20, 50, 5, 0.1);
        final Foliage foliage = new Foliage(0.03, 1);

        assertThat(DryDown.of(HOUSEPLANT, pot(12, 11, PotWall.CLAY), weather, foliage)
                        .daysTo(AllowableDepletion.HALF))
                .isLessThan(0.7
                        * DryDown.of(HOUSEPLANT, pot(12, 11, PotWall.GLAZED), weather, foliage)
                                .daysTo(AllowableDepletion.HALF));
    }

    private static Pot pot(final double topCm, final double heightCm, final PotWall wall) {
        return new Pot(PotShape.ROUND, topCm, topCm * 0.75, heightCm, wall, PotBase.ON_FEET, 0, Optional.empty());
    }
}
