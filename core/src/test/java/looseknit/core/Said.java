package looseknit.core;

import java.util.List;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Wording;

/** Messages in English and metric units, for tests that read them as a person does. */
public final class Said {

    private static final Wording WORDING = Wording.english(MeasureSystem.METRIC);

    private Said() {}

    public static String said(final Message message) {
        return WORDING.of(message);
    }

    public static List<String> said(final List<Message> messages) {
        return messages.stream().map(WORDING::of).toList();
    }
}
