package looseknit.core.message;

import java.util.List;

/** An enum whose constants have names for people; some have further texts, each under its own facet. */
public interface Named extends Code {

    @Override
    default List<String> arguments() {
        return List.of();
    }

    /** Facets that every constant has a text for, beside its name. */
    default List<String> facets() {
        return List.of();
    }

    /** The name for people. */
    default Message words() {
        return new Message(this, List.of());
    }

    /**
     * Another text of the constant.
     *
     * @throws IllegalArgumentException if there is no such facet
     */
    default Message words(final String facet) {
        if (!facets().contains(facet)) {
            throw new IllegalArgumentException("%s has no facet '%s'; it has %s".formatted(key(), facet, facets()));
        }
        return new Message(new Facet(key() + "." + facet), List.of());
    }

    /**
     * A further text of a constant.
     *
     * @param key where it stands in the message file
     */
    record Facet(String key) implements Code {

        @Override
        public List<String> arguments() {
            return List.of();
        }
    }
}
