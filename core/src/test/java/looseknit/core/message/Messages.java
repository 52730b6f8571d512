package looseknit.core.message;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds every message in whatever the core returns. */
public final class Messages {

    private Messages() {}

    /** The messages in a value: in records, collections, maps and optionals, however deep. */
    public static List<Message> in(final Object value) {
        final List<Message> found = new ArrayList<>();
        collect(value, found);
        return found;
    }

    private static void collect(final Object value, final List<Message> found) {
        if (value instanceof Message message) {
            found.add(message);
        } else if (value instanceof Named named) {
            found.add(named.words());
        } else if (value instanceof Collection<?> all) {
            all.forEach(each -> collect(each, found));
        } else if (value instanceof Map<?, ?> map) {
            map.values().forEach(each -> collect(each, found));
        } else if (value instanceof Optional<?> optional) {
            optional.ifPresent(each -> collect(each, found));
        } else if (value instanceof Record record && !(value instanceof Titled)) {
            for (final RecordComponent component : record.getClass().getRecordComponents()) {
                try {
                    component.getAccessor().setAccessible(true);
                    collect(component.getAccessor().invoke(record), found);
                } catch (final ReflectiveOperationException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
    }
}
