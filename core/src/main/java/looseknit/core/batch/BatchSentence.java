package looseknit.core.batch;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of batches and doses. */
public enum BatchSentence implements Code {
    NO_POTS,
    LESS_THAN_THE_POT_HOLDS("volume"),
    AS_FAR_AS_IT_GOES("low", "high", "amendment", "weeks"),
    SPLIT_THE_DOSE,
    GUARD_DUST,
    GUARD_MOULD,
    GUARD_SPHAGNUM,
    GUARD_CAUSTIC,
    SWELL("material", "mass", "volume"),
    RINSE_SALTY("material", "limit"),
    PREPARE("material", "text"),
    BEFORE_FILLING;

    private final List<String> arguments;

    BatchSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
