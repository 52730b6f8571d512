package looseknit.core.measure;

import java.util.List;
import looseknit.core.message.Code;
import looseknit.core.message.Message;

/** What is said of a value that cannot be used. */
public enum Allowed implements Code {
    REFUSED("field", "value", "allowed"),
    SENTENCE("field", "value", "allowed"),
    RANGE("range", "limit"),
    NO_NUMBER,
    CHARACTERS_LONG("n"),
    CHARACTERS("n"),
    LOW_NOT_ABOVE_HIGH,
    FINITE_WITH_SPREAD,
    FROM_TO("low", "high"),
    WITH_SPREAD("value", "sd");

    private final List<String> arguments;

    Allowed(final String... arguments) {
        this.arguments = List.of(arguments);
    }

    @Override
    public List<String> arguments() {
        return arguments;
    }

    Message words() {
        return with();
    }
}
