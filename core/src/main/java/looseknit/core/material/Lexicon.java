package looseknit.core.material;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.measure.CsvTable;
import looseknit.core.message.TableText;
import looseknit.core.name.NameWords;
import looseknit.core.name.TypingErrors;

/**
 * What materials and amendments are called where people garden in English: other names, forms and trades' words, and which of them mean several
 * things. Common names, no source; no trade names.
 */
public final class Lexicon {

    private static final Lexicon SHIPPED = new Lexicon();

    private final Map<String, Entry> byForm = new HashMap<>();
    private final Map<String, List<String>> formsById = new HashMap<>();
    private final List<Form> forms;

    /**
     * What a form means.
     *
     * @param means ids, the likeliest first
     * @param question what has to be asked before it is clear which; nothing if it is clear
     * @param region where people say so: "all", or one way of English
     */
    public record Entry(List<String> means, TableText question, String region) {

        public Entry {
            means = List.copyOf(means);
        }

        /** Whether it has to be asked which is meant. */
        public boolean ask() {
            return !question.isEmpty();
        }
    }

    private record Form(List<String> words, Entry entry) {}

    private record Row(List<String> forms, Entry entry) {}

    private Lexicon() {
        final List<Row> rows = CsvTable.resource(
                Lexicon.class,
                "lexicon.csv",
                row -> new Row(
                        row.list("forms"),
                        new Entry(row.list("means"), new TableText(row.text("question")), row.filled("region"))));
        rows.forEach(row -> formsById.merge(
                row.entry().means().get(0),
                row.forms(),
                (some, more) -> Stream.concat(some.stream(), more.stream()).toList()));
        rows.forEach(row -> row.forms().forEach(form -> {
            final String key = key(NameWords.of(form));
            final Entry other = byForm.putIfAbsent(key, row.entry());
            if (other != null && !other.equals(row.entry())) {
                throw new IllegalStateException("“%s” means two things".formatted(form));
            }
        }));
        this.forms = byForm.entrySet().stream()
                .map(each -> new Form(List.of(each.getKey().split(" ")), each.getValue()))
                .toList();
    }

    /** The lexicon that ships. */
    public static Lexicon shipped() {
        return SHIPPED;
    }

    private static String key(final List<String> words) {
        return String.join(" ", words);
    }

    /** Number of forms. */
    public int size() {
        return byForm.size();
    }

    /** Ids of all that is meant by any form. */
    public List<String> meant() {
        return byForm.values().stream()
                .flatMap(each -> each.means().stream())
                .distinct()
                .toList();
    }

    /** What is called the thing with this id: all forms whose likeliest meaning it is. */
    public List<String> formsOf(final String id) {
        return formsById.getOrDefault(id, List.of());
    }

    /** What these very words mean. */
    public Optional<Entry> find(final List<String> words) {
        return Optional.ofNullable(byForm.get(key(words)));
    }

    /** What they mean if they are mistyped: each word within an edit or two of the form's, by its length. */
    public Optional<Entry> nearly(final List<String> words) {
        Entry best = null;
        int least = Integer.MAX_VALUE;
        for (final Form form : forms) {
            final int edits = form.words().size() == words.size() ? edits(words, form.words()) : -1;
            if (edits >= 0 && edits < least) {
                least = edits;
                best = form.entry();
            }
        }
        return Optional.ofNullable(best);
    }

    /** Edits between words, or -1 if one of them is too far off. */
    private static int edits(final List<String> typed, final List<String> form) {
        int sum = 0;
        for (int i = 0; i < typed.size(); i++) {
            final int edits = TypingErrors.between(typed.get(i), form.get(i));
            if (edits < 0) {
                return -1;
            }
            sum += edits;
        }
        return sum;
    }
}
