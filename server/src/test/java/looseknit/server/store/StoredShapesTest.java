package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.AttributeConverter;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Constructor;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Rows that were stored by any earlier version can still be read: samples of every shape there has been. */
class StoredShapesTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** A sample, and the column that has to read it. */
    private record Sample(String column, String version, String row) {

        @Override
        public String toString() {
            return column + " " + version;
        }
    }

    static Stream<Sample> samples() throws IOException {
        try (InputStream file = Objects.requireNonNull(StoredShapesTest.class.getResourceAsStream("samples.json"))) {
            final JsonNode samples = JSON.readTree(new String(file.readAllBytes(), StandardCharsets.UTF_8));
            return samples.properties().stream()
                    .flatMap(column -> column.getValue().properties().stream()
                            .map(row -> new Sample(
                                    column.getKey(),
                                    row.getKey(),
                                    row.getValue().toString())));
        }
    }

    @SuppressWarnings("unchecked")
    private static AttributeConverter<Object, String> column(final String name) throws ReflectiveOperationException {
        final Constructor<?> made = Class.forName("looseknit.server." + name).getDeclaredConstructor();
        made.setAccessible(true);
        return (AttributeConverter<Object, String>) made.newInstance();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void anEarlierShapeIsReadAndWrittenInTheLatestWithoutLosingAnything(final Sample sample)
            throws ReflectiveOperationException {
        final AttributeConverter<Object, String> column = column(sample.column());

        final Object read = column.convertToEntityAttribute(sample.row());
        final String written = column.convertToDatabaseColumn(read);

        assertThat(column.convertToEntityAttribute(written)).isEqualTo(read);
        assertThat(JSON.readTree(written).path("v").asInt()).isEqualTo(((VersionedColumn<?, ?>) column).version());
        assertThat(leaves(JSON.readTree(written))).isEqualTo(leaves(JSON.readTree(sample.row())));
    }

    /** What a row says, whatever its components are called; what is left empty says nothing. */
    private static java.util.List<String> leaves(final JsonNode node) {
        return all(node).stream().filter(each -> !each.isEmpty()).toList();
    }

    private static java.util.List<String> all(final JsonNode node) {
        return node.isContainer()
                ? node.properties().isEmpty()
                        ? node.valueStream()
                                .flatMap(each -> all(each).stream())
                                .sorted()
                                .toList()
                        : node.properties().stream()
                                .filter(each -> !each.getKey().equals("v"))
                                .flatMap(each -> all(each.getValue()).stream())
                                .sorted()
                                .toList()
                : java.util.List.of(node.asString());
    }

    @Test
    void everyColumnHasASampleOfEachVersion() throws IOException, ReflectiveOperationException {
        for (final String name : samples().map(Sample::column).distinct().toList()) {
            final int version = ((VersionedColumn<?, ?>) column(name)).version();
            assertThat(samples().filter(each -> each.column().equals(name)).map(Sample::version))
                    .as(name)
                    .contains(Stream.iterate(1, each -> each + 1)
                            .limit(version)
                            .map(each -> "v" + each)
                            .toArray(String[]::new));
        }
    }

    @Test
    void aRowOfANewerVersionIsRefusedInsteadOfHalfRead() throws ReflectiveOperationException {
        final AttributeConverter<Object, String> column = column("need.BriefColumn");

        assertThatThrownBy(() -> column.convertToEntityAttribute("{\"v\":9,\"stage\":\"SEEDLING\"}"))
                .hasMessageContaining("newer version");
    }
}
