package looseknit.core.planting;

import java.util.List;
import looseknit.core.message.Code;

/** Whether a plant may be repotted yet. */
public enum NewcomerSentence implements Code {
    NOT_AHEAD,
    SETTLE("days"),
    SETTLE_LONG("days"),
    BOG_RESTS,
    BOG_GROWS,
    RESTS("rest"),
    RELUCTANT,
    NEVER,
    FLOWERS,
    GO_ON;

    private final List<String> arguments;

    NewcomerSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
