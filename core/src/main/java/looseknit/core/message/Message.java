package looseknit.core.message;

import java.util.List;

/**
 * Something to be said: what, and with which arguments. Two messages that say the same are equal.
 *
 * @param code what is said
 * @param arguments its arguments, in the order of {@link Code#arguments}
 */
public record Message(Code code, List<Object> arguments) {

    public Message {
        arguments = List.copyOf(arguments);
        if (arguments.size() != code.arguments().size()) {
            throw new IllegalArgumentException(
                    "%s takes %s, not %s".formatted(code.key(), code.arguments(), arguments));
        }
        for (final Object argument : arguments) {
            if (!sayable(argument)) {
                throw new IllegalArgumentException("%s cannot say a %s".formatted(code.key(), argument.getClass()));
            }
        }
    }

    private static boolean sayable(final Object argument) {
        return argument instanceof Quantity
                || argument instanceof Range
                || argument instanceof Integer
                || argument instanceof Long
                || argument instanceof String
                || argument instanceof Titled
                || argument instanceof Message
                || argument instanceof Named
                || argument instanceof TableText
                || argument instanceof Listing;
    }

    /** For logs: key and arguments. */
    @Override
    public String toString() {
        return arguments.isEmpty() ? code.key() : code.key() + arguments;
    }
}
