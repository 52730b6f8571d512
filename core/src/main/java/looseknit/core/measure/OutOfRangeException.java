package looseknit.core.measure;

/** A value lies outside what a calculation accepts. The message names the field, the value and the allowed range. */
public final class OutOfRangeException extends IllegalArgumentException {

    private final String field;
    private final String allowed;

    /**
     * @param field the field in the caller's words, for instance {@code pot.topCm}
     * @param value the offending value
     * @param allowed what would be accepted, for instance {@code 2 to 200 cm}
     */
    public OutOfRangeException(final String field, final Object value, final String allowed) {
        super("%s is %s; allowed: %s".formatted(field, value, allowed));
        this.field = field;
        this.allowed = allowed;
    }

    /** The field that holds the value. */
    public String field() {
        return field;
    }

    /** What would be accepted. */
    public String allowed() {
        return allowed;
    }
}
