package looseknit.core.outlook;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of a blend in its pot. */
public enum OutlookSentence implements Code {
    NOT_NAMED,
    A_PLANT,
    A_POT,
    A_PLACE,
    GONE_OVER("years", "range"),
    NEVER_OVER,
    TOP_UP("litres");

    private final List<String> arguments;

    OutlookSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
