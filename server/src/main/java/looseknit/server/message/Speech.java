package looseknit.server.message;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.EncodedResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The words and units of the page that asks: the parameter {@code units} says which units, {@code Accept-Language} which language. English is
 * the language that ships; whoever prefers another gets it too.
 */
@Component
public class Speech {

    /** The parameter that says which units are wanted. */
    public static final String UNITS = "units";

    private static final Map<String, String> TEXTS = texts();
    private static final Map<MeasureSystem, Wording> ENGLISH = Map.of(
            MeasureSystem.METRIC, Wording.of(TEXTS, Locale.UK, MeasureSystem.METRIC),
            MeasureSystem.US, Wording.of(TEXTS, Locale.UK, MeasureSystem.US));

    /** Every text that ships, of the core and of what only the server says, by its key. */
    static Map<String, String> texts() {
        final Map<String, String> texts = new HashMap<>(Wording.shipped());
        try {
            final Properties ofPaper = PropertiesLoaderUtils.loadProperties(
                    new EncodedResource(new ClassPathResource("paper-words_en.properties"), StandardCharsets.UTF_8));
            ofPaper.stringPropertyNames().forEach(key -> texts.put(key, ofPaper.getProperty(key)));
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
        return Map.copyOf(texts);
    }

    /** The words and units of the request that is being answered; metric outside of one. */
    public Wording wording() {
        return in(system());
    }

    /** The units of the request that is being answered; metric outside of one. */
    public MeasureSystem system() {
        final @Nullable String asked =
                RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                        ? units(attributes.getRequest())
                        : null;
        return asked == null ? MeasureSystem.METRIC : MeasureSystem.valueOf(asked.toUpperCase(Locale.ROOT));
    }

    private static @Nullable String units(final HttpServletRequest request) {
        final @Nullable String asked = request.getParameter(UNITS);
        return asked != null && known(asked) ? asked : null;
    }

    /** Whether these are units that are known. */
    static boolean known(final String units) {
        return units.equalsIgnoreCase(MeasureSystem.METRIC.name()) || units.equalsIgnoreCase(MeasureSystem.US.name());
    }

    /** English in some units. */
    static Wording in(final MeasureSystem system) {
        return system == MeasureSystem.US
                ? Objects.requireNonNull(ENGLISH.get(MeasureSystem.US))
                : Objects.requireNonNull(ENGLISH.get(MeasureSystem.METRIC));
    }
}
