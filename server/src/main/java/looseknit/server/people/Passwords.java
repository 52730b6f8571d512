package looseknit.server.people;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * What a password must be, and how it is kept: with bcrypt, which looks at the first 72 bytes. Length counts, not the kinds of characters
 * (NIST SP 800-63B, section 5.1.1; the numbers from memory).
 */
public final class Passwords {

    static final int SHORTEST = 10;
    static final int LONGEST_BYTES = 72;
    private static final int STRENGTH = 11;

    private static final PasswordEncoder ENCODER = new BCryptPasswordEncoder(STRENGTH);

    /** Whole passwords that everybody tries first. */
    private static final Set<String> TRIED_FIRST = Set.of(
            "password12",
            "password123",
            "passwordpassword",
            "1234567890",
            "0123456789",
            "qwertyuiop",
            "qwertzuiop",
            "letmeinletmein",
            "iloveyou123",
            "welcome123",
            "abcdefghij",
            "looseknit1",
            "houseplants",
            "houseplant1");

    private Passwords() {}

    static PasswordEncoder encoder() {
        return ENCODER;
    }

    /**
     * A password as it is kept.
     *
     * @param name whose it is
     * @throws OutOfRangeException if it is too short, too long or tried first by everybody
     */
    public static String encoded(final String name, final String password) {
        final String plain = password.toLowerCase(Locale.ROOT);
        final boolean guessed = TRIED_FIRST.contains(plain)
                || plain.chars().distinct().count() < 4
                || (name.length() > 3 && plain.contains(name.toLowerCase(Locale.ROOT)));
        if (password.length() < SHORTEST
                || password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES
                || guessed) {
            throw new OutOfRangeException(
                    "password",
                    guessed ? "easily guessed" : password.length() + " characters long",
                    TableText.said(
                            "%d to %d characters, such as three or four words; not your name, and none that everybody tries first"
                                    .formatted(SHORTEST, LONGEST_BYTES)));
        }
        return ENCODER.encode(password);
    }
}
