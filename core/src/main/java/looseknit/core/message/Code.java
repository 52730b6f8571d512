package looseknit.core.message;

import java.util.List;

/** What can be said. Implemented by enums; the text of each constant stands in the message file under {@link #key}. */
public interface Code {

    /** Names of the arguments, in the order in which {@link #with} takes them. */
    List<String> arguments();

    /** Where the text stands: the enum's name without its package, and the constant, like {@code PotWall.CLAY}. */
    default String key() {
        final Enum<?> constant = (Enum<?>) this;
        final String type = constant.getDeclaringClass().getName();
        return type.substring(type.lastIndexOf('.') + 1).replace('$', '.') + "." + constant.name();
    }

    /**
     * The message with these arguments.
     *
     * @param values as many as there are {@link #arguments}: quantities, counts, names, messages or listings
     * @throws IllegalArgumentException if one is missing, or of a kind that cannot be said
     */
    default Message with(final Object... values) {
        return new Message(this, List.of(values));
    }
}
