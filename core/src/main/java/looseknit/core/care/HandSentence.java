package looseknit.core.care;

import java.util.List;
import looseknit.core.message.Code;

/** How often somebody waters, and what does not fit it. */
public enum HandSentence implements Code {
    AS_SAID("days", "waterings"),
    NOT_AS_SAID("said", "done", "low", "high", "waterings"),
    FITS("wants", "gets"),
    TOO_SELDOM("wants", "gets"),
    TOO_OFTEN("wants", "gets"),
    OTHER_WALL("wall", "days"),
    OTHER_PLACE("place", "days"),
    OTHER_MIX,
    WITH_THESE("pots", "days");

    private final List<String> arguments;

    HandSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
