package looseknit.core.care;

import java.util.List;
import looseknit.core.message.Code;

/** When to look at a pot, and why. */
public enum CareSentence implements Code {
    LONGER_THAN("days"),
    PREDICTED("dryness", "days", "low", "high"),
    STILL_MOIST,
    SOAKING,
    LIGHTLY,
    SKIPPED,
    NOT_LEARNT_YET("looks"),
    AS_RECKONED("looks"),
    SOONER("by", "looks"),
    LATER("by", "looks");

    private final List<String> arguments;

    CareSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
