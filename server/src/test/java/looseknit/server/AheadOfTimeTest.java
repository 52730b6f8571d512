package looseknit.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.mock.env.MockEnvironment;

/** Parts that only some houses have are not among those that the build works out ahead. */
class AheadOfTimeTest {

    private final MockEnvironment settings = new MockEnvironment();

    @Test
    void aHouseInAFileOfItsOwnIsTheUsualOneTheDemoIncluded() {
        assertThat(AheadOfTime.fits(settings)).isTrue();
        settings.setActiveProfiles("demo");
        settings.setProperty("looseknit.share", "false");
        assertThat(AheadOfTime.fits(settings)).isTrue();
    }

    @Test
    void oneThatIsSharedHasOtherParts() {
        settings.setProperty("looseknit.share", "true");
        assertThat(AheadOfTime.fits(settings)).isFalse();
    }

    @Test
    void soHasOneOnADatabaseServer() {
        settings.setProperty("looseknit.database", "jdbc:postgresql://127.0.0.1/house");
        assertThat(AheadOfTime.fits(settings)).isFalse();
    }
}
