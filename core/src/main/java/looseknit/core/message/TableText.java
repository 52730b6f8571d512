package looseknit.core.message;

/**
 * A sentence that stands in a table of the core. Figures in braces, like <code>{10 cm}</code>, are put into the reader's units.
 *
 * @param text the sentence
 */
public record TableText(String text) {

    /** No text. */
    public static final TableText NONE = new TableText("");

    public boolean isEmpty() {
        return text.isEmpty();
    }

    /** The sentence as a message. */
    public Message message() {
        return isEmpty() ? TableSentence.NONE.with() : TableSentence.TEXT.with(this);
    }

    /** A sentence of a table as a message. */
    public static Message said(final String text) {
        return new TableText(text).message();
    }
}
