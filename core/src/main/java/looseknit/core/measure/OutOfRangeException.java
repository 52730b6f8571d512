package looseknit.core.measure;

import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Wording;

/** A value lies outside what a calculation accepts. It tells the field, the value and what would be accepted. */
public final class OutOfRangeException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private final String field;
    private final transient Object value;
    private final transient Message allowed;

    /**
     * @param field the field in the caller's words, for instance {@code pot.topCm}
     * @param value the offending value: whatever can be an argument of a message
     * @param allowed what would be accepted
     */
    public OutOfRangeException(final String field, final Object value, final Message allowed) {
        super(Wording.english(MeasureSystem.METRIC).of(Allowed.REFUSED.with(field, value, allowed)));
        this.field = field;
        this.value = value;
        this.allowed = allowed;
    }

    /** The field that holds the value. */
    public String field() {
        return field;
    }

    /** The offending value, as an argument of a message. */
    public Object value() {
        return value;
    }

    /** What would be accepted. */
    public Message allowed() {
        return allowed;
    }
}
