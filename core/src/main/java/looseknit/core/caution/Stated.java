package looseknit.core.caution;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a rule states under one of its conditions.
 *
 * @param rule id of the rule
 * @param word the condition
 * @param value what stands there
 */
record Stated(String rule, String word, Object value) {

    /** The other conditions of the same rule, for those that go together. */
    record Rule(String id, Map<String, Object> when) {

        double numberOr(final String word, final double otherwise) {
            return when.containsKey(word) ? new Stated(id, word, when.get(word)).number(0, 1e6) : otherwise;
        }
    }

    List<String> texts() {
        if (!(value instanceof List<?> list) || list.isEmpty()) {
            throw bad("a list");
        }
        return list.stream().map(Object::toString).toList();
    }

    <E extends Enum<E>> List<E> constants(final Class<E> type) {
        final List<E> found = new ArrayList<>();
        for (final String text : texts()) {
            try {
                found.add(Enum.valueOf(type, text.toUpperCase(Locale.ROOT)));
            } catch (final IllegalArgumentException e) {
                throw bad("some of " + List.of(type.getEnumConstants()));
            }
        }
        return found;
    }

    double number(final double low, final double high) {
        if (!(value instanceof Number number) || number.doubleValue() < low || number.doubleValue() > high) {
            throw bad("a number from %s to %s".formatted(low, high));
        }
        return number.doubleValue();
    }

    boolean yes() {
        if (!(value instanceof Boolean yes)) {
            throw bad("true or false");
        }
        return yes;
    }

    private IllegalArgumentException bad(final String allowed) {
        return new IllegalArgumentException(
                "caution '%s', condition %s: \"%s\"; allowed: %s".formatted(rule, word, value, allowed));
    }
}
