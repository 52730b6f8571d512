package looseknit.server.exchange;

import static looseknit.server.ApiTest.Requests.ask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.ZipInputStream;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The published description of the format is what is written, and what is written follows it. */
@ApiTest
@ActiveProfiles("demo")
class FormatsTest {

    private static final Path FORMATS = Path.of("..", "docs", "formats");
    private static final JsonMapper PRETTY =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Autowired
    private Exchange exchange;

    @Autowired
    private MockMvc http;

    @Autowired
    private javax.sql.DataSource store;

    @Test
    void theSchemaIsPublishedAndTheDemoFollowsIt() throws Exception {
        final String schema = PRETTY.writeValueAsString(schema()) + "\n";
        committed("house.schema.json", schema);
        final String document = document();
        final Schema published = published(schema);
        final List<Error> errors = published.validate(document, InputFormat.JSON);
        assertThat(errors).isEmpty();
        assertThat(published.validate(document.replace("\"label\":", "\"labelled\":"), InputFormat.JSON))
                .isNotEmpty();
        assertThat(published.validate(document.replaceFirst("\"version\":\\d+", "\"version\":\"x\""), InputFormat.JSON))
                .isNotEmpty();
    }

    /** One row of each kind of the demo's, so that another programmer sees what it looks like. */
    @Test
    void theExampleIsMadeFromTheDemo() throws Exception {
        final ObjectNode whole = (ObjectNode) PRETTY.readTree(document());
        final ObjectNode example = PRETTY.createObjectNode();
        for (final var property : whole.properties()) {
            final JsonNode value = property.getValue();
            if (value instanceof ArrayNode list) {
                final ArrayNode first = example.putArray(property.getKey());
                if (!list.isEmpty()) {
                    first.add(list.get(0));
                }
            } else {
                example.set(property.getKey(), value);
            }
        }
        if (Boolean.getBoolean("looseknit.formats.write")) {
            Files.writeString(FORMATS.resolve("house-example.json"), PRETTY.writeValueAsString(example) + "\n");
        }
        final String committed = Files.readString(FORMATS.resolve("house-example.json"));
        assertThat(PRETTY.readTree(committed).propertyNames())
                .as("docs/formats/house-example.json is stale: run ./loose-knit formats")
                .isEqualTo(example.propertyNames());
        assertThat(published(Files.readString(FORMATS.resolve("house.schema.json")))
                        .validate(committed, InputFormat.JSON))
                .isEmpty();
    }

    /** A file of each other format as the demo gives it, shortened; what is committed has the same skeleton, its days and prices may be older. */
    @ParameterizedTest
    @CsvSource({
        "blend-example.blend.json, /api/shared-blends/{blend}",
        "blend-example.md, /api/shared-blends/{blend}/text.md",
        "blend-example.jsonld, /api/shared-blends/{blend}/how-to.jsonld",
        "shelf-example.csv, /api/exports/shelf",
        "materials-example.csv, /api/exports/materials",
        "plants-example.csv, /api/exports/plants",
        "pots-example.csv, /api/house/tables/pots",
        "looks-example.csv, /api/house/tables/looks",
        "batches-example.csv, /api/house/tables/batches",
        "tests-example.csv, /api/house/tables/tests",
        "calendar-example.ics, /api/calendar.ics?days=30"
    })
    void anExampleOfEachFormatIsMadeFromTheDemo(final String name, final String path) throws Exception {
        final String blend = JsonPath.<List<String>>read(
                        answered("/api/blends/names"), "$.names[?(@.name == 'Slipway rescue')].id")
                .get(0);
        final String fresh = shortened(name, answered(path.replace("{blend}", blend)));
        if (Boolean.getBoolean("looseknit.formats.write")) {
            Files.writeString(FORMATS.resolve(name), fresh);
        }
        final String committed = Files.readString(FORMATS.resolve(name));
        assertThat(skeleton(name, committed))
                .as("docs/formats/%s is stale: run ./loose-knit formats", name)
                .isNotEmpty()
                .isEqualTo(skeleton(name, fresh));
    }

    @Test
    void thePriceListOfTheStandInIsTheExample() throws Exception {
        try (InputStream shipped = getClass().getResourceAsStream("/stand-in/price-list.json")) {
            committed("price-list-example.json", new String(shipped.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private String answered(final String path) throws Exception {
        return http.perform(ask(path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private static String shortened(final String name, final String whole) {
        if (name.endsWith("json")) {
            return PRETTY.readTree(whole).toPrettyString() + "\n";
        }
        if (name.endsWith(".csv")) {
            return whole.lines().limit(4).collect(Collectors.joining("\n", "", "\n"));
        }
        final String end = "END:VEVENT";
        final int second = whole.indexOf(end, whole.indexOf(end) + 1);
        return name.endsWith(".ics")
                ? whole.substring(0, second + end.length()).replace("\r", "") + "\nEND:VCALENDAR\n"
                : whole;
    }

    /** What of a file does not change from day to day. */
    private static Set<String> skeleton(final String name, final String file) {
        if (name.endsWith("json") || name.endsWith("jsonld")) {
            final Set<String> names = new TreeSet<>();
            names(PRETTY.readTree(file), names);
            return names;
        }
        if (name.endsWith(".csv")) {
            return Set.of(file.lines().findFirst().orElse(""));
        }
        return file.lines()
                .filter(line -> name.endsWith(".ics") ? line.matches("[A-Z]+[:;].*") : line.startsWith("#"))
                .map(line -> name.endsWith(".ics") ? line.replaceAll("[:;].*", "") : line)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static void names(final JsonNode node, final Set<String> into) {
        node.propertyNames().forEach(into::add);
        node.forEach(each -> names(each, into));
    }

    private static Schema published(final String schema) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema, InputFormat.JSON);
    }

    private static void committed(final String name, final String fresh) throws Exception {
        if (Boolean.getBoolean("looseknit.formats.write")) {
            Files.createDirectories(FORMATS);
            Files.writeString(FORMATS.resolve(name), fresh);
        }
        assertThat(Files.readString(FORMATS.resolve(name)))
                .as("docs/formats/%s is stale: run ./loose-knit formats", name)
                .isEqualTo(fresh);
    }

    private String document() throws Exception {
        final ByteArrayOutputStream out = new ByteArrayOutputStream();
        exchange.write(out);
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            zip.getNextEntry();
            return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private JsonNode schema() throws Exception {
        final ObjectNode schema = PRETTY.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Everything that was written in a house of Loose Knit");
        schema.put("type", "object");
        final ObjectNode properties = schema.putObject("properties");
        properties.putObject("format").put("const", HouseWriter.FORMAT);
        properties.putObject("version").put("const", exchange.version());
        properties.putObject("writtenAt").put("type", "string").put("format", "date-time");
        final ArrayNode required =
                schema.putArray("required").add("format").add("version").add("writtenAt");
        try (Connection connection = store.getConnection()) {
            for (final Kind kind : Kind.values()) {
                required.add(kind.words());
                properties.set(kind.words(), list(connection, kind));
            }
        }
        return schema.put("additionalProperties", false);
    }

    private static ObjectNode list(final Connection connection, final Kind kind) throws Exception {
        final Columns columns = Columns.of(connection, kind);
        final ObjectNode list = PRETTY.createObjectNode().put("type", "array");
        final ObjectNode row = list.putObject("items").put("type", "object");
        final ObjectNode fields = row.putObject("properties");
        final ArrayNode wanted = row.putArray("required");
        for (int i = 0; i < columns.names().size(); i++) {
            final String name = columns.names().get(i);
            final ObjectNode field = fields.putObject(Kind.field(name));
            switch (columns.types().get(i)) {
                case ID -> field.put("type", "string").put("format", "uuid");
                case MOMENT -> field.put("type", "string").put("format", "date-time");
                case DAY -> field.put("type", "string").put("format", "date");
                case NUMBER -> field.put("type", "number");
                case WHOLE -> field.put("type", "integer");
                case YES_OR_NO -> field.put("type", "boolean");
                case PICTURE ->
                    field.put("type", "string").put("pattern", "^photos/[0-9a-f-]{36}/(picture|thumbnail)\\.jpg$");
                case TEXT -> field.putArray("type").add("string").add("object");
            }
            try (var there = connection
                    .getMetaData()
                    .getColumns(
                            null,
                            "PUBLIC",
                            kind.table().toUpperCase(java.util.Locale.ROOT),
                            name.toUpperCase(java.util.Locale.ROOT))) {
                if (there.next() && "NO".equals(there.getString("IS_NULLABLE"))) {
                    wanted.add(Kind.field(name));
                }
            }
        }
        row.put("additionalProperties", false);
        return list;
    }
}
