package looseknit.core.reading;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of readings. */
public enum ReadingSentence implements Code {
    NOTHING_WANTED,
    FITS,
    FITS_AT_THE_EDGE("edge"),
    UNTIL("dryness"),
    WHEN_DRY("mass"),
    TEN_YEARS,
    TOO_CLOSE,
    MEASURING("scoop"),
    CAUSE_WATER,
    CAUSE_LEAF,
    CAUSE_LIGHT,
    CAUSE_AIR,
    CAUSE_POT,
    CAUSE_DECAY,
    CAUSE_AIR_AT_START,
    CAUSE_DOSES,
    NAME_A_PLANT,
    EVERYTHING_FITS,
    MISSES("miss", "value", "band"),
    STAYS_WET("by"),
    WANTS_WATER("by"),
    A_LITTLE,
    WANTED("band"),
    PARTS_COMPANY("material", "how");

    private final List<String> arguments;

    ReadingSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
