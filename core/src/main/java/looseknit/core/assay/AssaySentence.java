package looseknit.core.assay;

import java.util.List;
import looseknit.core.message.Code;

/** What is said of tests, and of what is uncertain. */
public enum AssaySentence implements Code {
    WATER_IN_AT_MOST("most"),
    MODEL,
    MATERIAL("material"),
    BUFFERING_OF("material"),
    LIME_THAT_REACTS;

    private final List<String> arguments;

    AssaySentence(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }
}
