package looseknit.core.dry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClosedGlassTest {

    private static final ClosedGlass GLASS =
            new ClosedGlass(new DryDown(0.4, new Losses(1.1, 0, 0.012, 0.02, 1)), AllowableDepletion.HALF, 0.6);

    @ParameterizedTest
    @CsvSource({"0.05, 3, 200", "0.5, 2, 365", "0.02, 14, 730", "0, 5, 90"})
    void whatGoesInIsWhatGoesOutAndWhatIsGained(final double dose, final double every, final int days) {
        final ClosedGlass.Account account = GLASS.account(dose, every, days);

        assertThat(account.mixAtStartL() + account.pouredL() - account.lostL())
                .isCloseTo(account.mixAtEndL() + account.stonesAtEndL(), within(1e-9));
    }

    /** Watered as is told, it comes back to where it began, never drier than the plant wants, and nothing stands in the stones. */
    @Test
    void theDoseIsWhatThePlantDrinks() {
        final double every = GLASS.everyDays();
        final ClosedGlass.Account year = GLASS.account(GLASS.doseLitres(), every, 365);

        assertThat(year.stonesAtEndL()).isZero();
        assertThat(year.mostGone()).isBetween(0.5, 0.585);
        assertThat(year.lostL() / 365).isCloseTo(GLASS.doseLitres() / every, within(0.03 * GLASS.doseLitres() / every));
        assertThat(GLASS.doseLitres()).isLessThan(GLASS.mostAtOnceLitres());
    }

    @Test
    void tooMuchStandsInTheStones() {
        assertThat(GLASS.account(2 * GLASS.doseLitres(), GLASS.everyDays(), 120).stonesAtEndL())
                .isGreaterThan(0.2);
    }
}
