package looseknit.core.message;

import java.util.List;

/** Texts that stand in tables of the core, and a few that are only a name. */
public enum TableSentence implements Code {
    TEXT("text"),
    NONE;

    private final List<String> arguments;

    TableSentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
