package looseknit.core.outcome;

import java.util.List;
import looseknit.core.message.Code;

/** What two groups of plants tell, and what they do not. */
enum OutcomeSentence implements Code {
    RECORD("pots", "lost"),
    RECORD_OF_YEAR("pots", "alive"),
    DRIES_AS_RECKONED,
    DRIES_SOONER("by"),
    DRIES_LATER("by"),
    TOO_FEW("first", "second", "least"),
    NOT_LONG_ENOUGH("days"),
    FIRST_BETTER("by"),
    SECOND_BETTER("by"),
    NO_WINNER("low", "high"),
    BY_PLACE_ONLY,
    OTHER_PLACES,
    WITHIN_PLACES("places", "pots", "by", "low", "high");

    private final List<String> arguments;

    OutcomeSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
