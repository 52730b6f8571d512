package looseknit.core.care;

import java.util.List;
import looseknit.core.message.Code;

/** What helps a pot that is left alone. */
enum LeaveSentence implements Code {
    WATER,
    SHADE,
    MOSS,
    WICK,
    NEIGHBOUR;

    @Override
    public List<String> arguments() {
        return List.of();
    }
}
