package looseknit.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import looseknit.core.measure.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Passwords that those who guess try first are not taken, however long; a few words are. */
class PasswordsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "password123",
                "qwertyuiop12",
                "1234567890",
                "letmein12345",
                "iloveyou2020",
                "aaaaaaaaaaaa",
                "abcabcabcabc",
                "looseknit2026",
                "Orla-Orla-Orla",
                "orla1orla2",
                "P@ssw0rd123"
            })
    void whatIsTriedFirstIsNotTaken(final String password) {
        assertThatThrownBy(() -> Passwords.encoded("Orla", password))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("easily guessed");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "tide pool lantern",
                "fern under the third stair",
                "kelp-anchor-drizzle",
                "vX9#mel!Qa2t",
                "moos auf dem Dach"
            })
    void aFewWordsAre(final String password) {
        assertThat(Passwords.encoded("Orla", password)).doesNotContain(password);
    }

    @Test
    void isKeptAsWhatOnlyItselfMatches() {
        final String kept = Passwords.encoded("Orla", "tide pool lantern");

        assertThat(Passwords.encoder().matches("tide pool lantern", kept)).isTrue();
        assertThat(Passwords.encoder().matches("tide pool lanterns", kept)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(ints = {9, 73, 5000})
    void tooShortAndTooLongAreToldAsSuch(final int length) {
        assertThatThrownBy(() -> Passwords.encoded(
                        "Orla", "kelp anchor drizzle ".repeat(length / 20 + 1).substring(0, length)))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("10 to 72 characters");
    }
}
