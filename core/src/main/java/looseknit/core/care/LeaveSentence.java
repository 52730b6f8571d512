package looseknit.core.care;

import java.util.List;
import looseknit.core.message.Code;

/** What helps a pot that is left alone. */
enum LeaveSentence implements Code {
    WATER,
    SHADE,
    MOSS,
    WICK,
    NEIGHBOUR("days");

    private final List<String> arguments;

    LeaveSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
