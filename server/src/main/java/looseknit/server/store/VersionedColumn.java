package looseknit.server.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.persistence.AttributeConverter;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Keeps something as JSON in one column, in a shape of its own, so that what travels over HTTP can change without touching what is stored.
 * Each row says in {@code v} which version of the shape it was written in; older ones are brought up to date step by step as they are read.
 *
 * @param <T> what the application works with
 * @param <S> the shape that is stored
 */
public abstract class VersionedColumn<T, S> implements AttributeConverter<@Nullable T, @Nullable String> {

    private static final String VERSION = "v";
    private static final JsonMapper JSON = JsonMapper.builder()
            .changeDefaultPropertyInclusion(any -> any.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    private final Class<S> shape;
    private final Function<T, S> store;
    private final Function<S, T> read;
    private final List<UnaryOperator<ObjectNode>> steps;

    /**
     * A kind of column.
     *
     * @param steps what each later version of the shape changed, from the first to the second on
     */
    protected VersionedColumn(
            final Class<S> shape,
            final Function<T, S> store,
            final Function<S, T> read,
            final List<UnaryOperator<ObjectNode>> steps) {
        this.shape = shape;
        this.store = store;
        this.read = read;
        this.steps = List.copyOf(steps);
    }

    /** A kind of column whose shape has never changed. */
    protected VersionedColumn(final Class<S> shape, final Function<T, S> store, final Function<S, T> read) {
        this(shape, store, read, List.of());
    }

    @Override
    public @Nullable String convertToDatabaseColumn(final @Nullable T value) {
        if (value == null) {
            return null;
        }
        final ObjectNode written = JSON.createObjectNode().put(VERSION, version());
        written.setAll((ObjectNode) JSON.valueToTree(store.apply(value)));
        return JSON.writeValueAsString(written);
    }

    @Override
    public @Nullable T convertToEntityAttribute(final @Nullable String column) {
        if (column == null) {
            return null;
        }
        ObjectNode written = (ObjectNode) JSON.readTree(column);
        final int from = written.path(VERSION).asInt(1);
        if (from > version()) {
            throw new IllegalStateException("%s was written by a newer version of Loose Knit: %d, known up to %d"
                    .formatted(shape.getSimpleName(), from, version()));
        }
        for (final UnaryOperator<ObjectNode> step : steps.subList(from - 1, steps.size())) {
            written = step.apply(written);
        }
        written.remove(VERSION);
        return read.apply(JSON.treeToValue(written, shape));
    }

    /** The version in which rows are written now. */
    public int version() {
        return steps.size() + 1;
    }

    /** A step in which a component got another name. */
    protected static UnaryOperator<ObjectNode> renamed(final String before, final String now) {
        return row -> {
            if (row.has(before)) {
                row.set(now, row.remove(before));
            }
            return row;
        };
    }
}
