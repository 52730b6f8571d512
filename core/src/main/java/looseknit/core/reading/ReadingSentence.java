package looseknit.core.reading;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of readings. */
public enum ReadingSentence implements Code {
    NOTHING_WANTED,
    FITS,
    UNTIL("dryness"),
    WHEN_DRY("mass"),
    TEN_YEARS,
    MEASURING("scoop"),
    CAUSE_WATER,
    CAUSE_LEAF,
    CAUSE_LIGHT,
    CAUSE_AIR,
    CAUSE_POT,
    CAUSE_DECAY,
    CAUSE_AIR_AT_START,
    CAUSE_DOSES,
    CAUSE_UNKNOWN_MAKE_UP,
    CAUSE_GRADING,
    CAUSE_HOW_IT_SHEDS,
    AS_USUAL("much", "component", "plants"),
    TOO_MUCH_OF("what", "share", "limit"),
    TOO_LITTLE_OF("what", "share", "limit"),
    UNKNOWN_MAKE_UP("much"),
    MOSTLY("sizes"),
    SAID_OF_GRAIN("verdict", "sizes"),
    NAME_A_PLANT,
    EVERYTHING_FITS,
    MISSES("miss", "value", "band"),
    NEARLY_FITS("miss", "value", "band"),
    UNUSUAL("says"),
    NEARLY_USUAL_MIX("says"),
    STAYS_WET("by"),
    WANTS_WATER("by"),
    A_LITTLE,
    WANTED("band"),
    USUAL,
    NEARLY_USUAL("share"),
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
