package looseknit.core.care;

import java.util.List;
import looseknit.core.message.Code;

/** When to look at a pot, and why. */
public enum CareSentence implements Code {
    LONGER_THAN("days"),
    PREDICTED("dryness", "days", "low", "high"),
    PREDICTED_FOR_LONG("dryness", "days", "low", "high"),
    WARM_SPELL,
    COOL_SPELL,
    RAINED,
    STILL_MOIST,
    SOAKING,
    LIGHTLY,
    RESTING,
    SKIPPED,
    NOT_LEARNT_YET("looks"),
    AS_RECKONED("looks"),
    SOONER("by", "looks"),
    LATER("by", "looks"),
    OTHERS_AS_RECKONED("pots"),
    OTHERS_SOONER("by", "pots"),
    OTHERS_LATER("by", "pots");

    private final List<String> arguments;

    CareSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
