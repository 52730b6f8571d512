package looseknit.server.frame;

/** A material, amendment or plant is named that the Book does not hold. */
public final class UnknownName extends IllegalArgumentException {

    private final String field;
    private final String allowed;

    /**
     * @param field the field that names it
     * @param kind what it should be, in words
     * @param name the unknown name
     * @param allowed what would be accepted
     */
    public UnknownName(final String field, final String kind, final String name, final String allowed) {
        super("The Book has no %s \"%s\". %s".formatted(kind, name, allowed));
        this.field = field;
        this.allowed = allowed;
    }

    String field() {
        return field;
    }

    String allowed() {
        return allowed;
    }
}
