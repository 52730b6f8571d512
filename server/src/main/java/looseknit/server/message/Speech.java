package looseknit.server.message;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Wording;
import org.jspecify.annotations.Nullable;
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

    private static final Map<MeasureSystem, Wording> ENGLISH = Map.of(
            MeasureSystem.METRIC, Wording.english(MeasureSystem.METRIC),
            MeasureSystem.US, Wording.english(MeasureSystem.US));

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
