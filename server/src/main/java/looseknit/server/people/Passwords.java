package looseknit.server.people;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import me.gosimple.nbvcxz.Nbvcxz;
import me.gosimple.nbvcxz.resources.Configuration;
import me.gosimple.nbvcxz.resources.ConfigurationBuilder;
import me.gosimple.nbvcxz.resources.DictionaryBuilder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * What a password must be, and how it is kept: with bcrypt, which looks at the first 72 bytes. Length counts, not the kinds of characters
 * (NIST SP 800-63B, section 5.1.1; the numbers from memory), and whether it is among those that are tried first.
 */
public final class Passwords {

    static final int SHORTEST = 10;
    static final int LONGEST_BYTES = 72;
    private static final int STRENGTH = 11;
    private static final int SHORT_NAME = 3;

    private static final PasswordEncoder ENCODER = new BCryptPasswordEncoder(STRENGTH);

    /** Fewer guesses than this do for whoever tries the passwords of published lists, words and names first, and what is made of them. */
    private static final BigDecimal FEWEST_GUESSES = new BigDecimal("1e8");

    private static final List<String> OF_THE_HOUSE = List.of("loose", "knit", "looseknit", "houseplant", "garden");

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
        final boolean guessed = isGuessed(name, password);
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

    /** Whether those who guess by lists of stolen passwords come to it soon. The lists are read for it and let go: passwords are chosen seldom. */
    private static boolean isGuessed(final String name, final String password) {
        if (password.length() > LONGEST_BYTES) {
            return false;
        }
        final DictionaryBuilder own =
                new DictionaryBuilder().setDictionaryName("own").setExclusion(true);
        OF_THE_HOUSE.forEach(word -> own.addWord(word, 0));
        own.addWord(name, 0);
        final Configuration lists = new ConfigurationBuilder()
                .setDictionaries(Stream.concat(
                                ConfigurationBuilder.getDefaultDictionaries().stream(),
                                Stream.of(own.createDictionary()))
                        .toList())
                .createConfiguration();
        return new Nbvcxz(lists).estimate(password).getGuesses().compareTo(FEWEST_GUESSES) < 0
                || (name.length() > SHORT_NAME
                        && password.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT)));
    }
}
