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
    SIEVE("material", "mesh", "lost", "volume"),
    LET_HOT_COMPOST_REST("material"),
    WHEELS("mass"),
    HOLES_OPEN,
    OVERFLOW_HOLE("height"),
    WATER_CHANNEL,
    WICK_IN,
    POLE_IN("plant"),
    MOST_FOR_A_POT("spoons", "mass"),
    NO_MORE_THAN_THERE_IS("volume"),
    DOSED_TODAY("amendment", "wait"),
    STILL_WORKING("amendment", "wait"),
    KEEPS_WEEKS("weeks"),
    KEEPS_FED("feed", "weeks"),
    KEEPS_OPENED,
    STORE_FLAT,
    STORE_DAMP,
    STORE_MOULD;

    private final List<String> arguments;

    BatchSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
