package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Code;

/** What is done about roots. */
public enum RootSentence implements Code {
    LEAVE,
    SHAKE,
    WASH,
    CUT,
    CUT_HARD,
    AIRIER,
    SMALLER,
    SMALLEST,
    CUTTINGS_TOO,
    LOOSEN,
    SCORE,
    SOAK,
    DARK_IS_USUAL("plant"),
    FELL_APART,
    SNUG,
    NOTED("state"),
    NOTED_APART("state");

    private final List<String> arguments;

    RootSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
