package looseknit.core.assay;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of tests, and of what is uncertain. */
public enum AssaySentence implements Code {
    WATER_IN_AT_MOST("most"),
    MODEL,
    MATERIAL("material"),
    BUFFERING_OF("material"),
    LIME_THAT_REACTS,
    MAYBE_NOT_CLEANED,
    MAYBE_TOO_EARLY,
    MAYBE_DRY_SAMPLE,
    MAYBE_ANOTHER_LOT,
    MAYBE_NOT_RINSED,
    MAYBE_TAP_WATER,
    MAYBE_NOT_SETTLED,
    SAMPLE_TOO_DRY,
    SAMPLE_TOO_STONY,
    WORN_OUT("slope"),
    NOT_CALIBRATED,
    CALIBRATED("slope", "offset"),
    WAIT_FOR_IT,
    SETTLED("minutes"),
    ON_THE_WAY("value", "sd");

    private final List<String> arguments;

    AssaySentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
