package looseknit.server.house;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import looseknit.server.LooseKnit;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * A house of each schema that was released, as it lay on the disk, with what its server answered then: it is opened by the server of today, which
 * answers the same of what people wrote.
 */
class UpgradeTest {

    private final HttpClient http = HttpClient.newHttpClient();
    private String address = "";

    private String ask(final String path) throws IOException, InterruptedException {
        final HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        return answer.body();
    }

    @ParameterizedTest
    @ValueSource(ints = {13, 15, 16})
    void aHouseOfAnEarlierSchemaReadsWhole(final int schema, @TempDir final Path data) throws Exception {
        final Map<String, String> then = open("/houses/schema-%d.zip".formatted(schema), data);
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        final HouseStart held = new HouseStart();
        application.addListeners(held);
        try (ConfigurableApplicationContext house = application.run("--looseknit.data=" + data, "--server.port=0")) {
            address = "http://127.0.0.1:" + house.getEnvironment().getProperty("local.server.port");
            for (final String[] same : new String[][] {
                {"blends", "/api/blends", "$.cards[*].blend.id"},
                {"blends", "/api/blends", "$.cards[*].blend.name"},
                {"blends", "/api/blends", "$.cards[*].blend.recipe"},
                {"blends", "/api/blends", "$.cards[*].blend.brief"},
                {"blends", "/api/blends", "$.cards[*].blend.changedAt"},
                {"blends", "/api/blends", "$.cards[*].blend.latestVersion"},
                {"batches", "/api/batches", "$.batches[*].lot"},
                {"batches", "/api/batches", "$.batches[*].pots"},
                {"batches", "/api/batches", "$.batches[*].mixedOn"},
                {"batches", "/api/batches", "$.batches[*].leftLitres"},
                {"pottings", "/api/pottings", "$.pottings[*].id"},
                {"pottings", "/api/pottings", "$.pottings[*].label"},
                {"pottings", "/api/pottings", "$.pottings[*].brief"},
                {"pottings", "/api/pottings", "$.pottings[*].pottedOn"},
                {"pottings", "/api/pottings", "$.pottings[*].lastWateredOn"},
                {"lots", "/api/shelf/lots", "$[*].facts"},
                {"offers", "/api/shelf/offers", "$[*].facts"},
                {"own-materials", "/api/own-materials", "$[*].facts"},
                {"places", "/api/places", "$[*].place"}
            }) {
                final List<Object> before = JsonPath.read(Objects.requireNonNull(then.get(same[0] + ".json")), same[2]);
                assertThat(before).as(same[2]).isNotEmpty();
                assertThat(JsonPath.<List<Object>>read(ask(same[1]), same[2]))
                        .as(same[2])
                        .isEqualTo(before);
            }
            for (final String table : List.of("shelf", "materials", "plants")) {
                assertThat(ask("/api/exports/" + table)).isEqualTo(then.get(table + ".csv"));
            }
            for (final String page : List.of(
                    "/api/today",
                    "/api/calendar",
                    "/api/outcomes",
                    "/api/year",
                    "/api/house",
                    "/api/briefs",
                    "/api/house/taken-away")) {
                ask(page);
            }
            for (final Object pot : JsonPath.<List<Object>>read(ask("/api/pottings"), "$.pottings[*].id")) {
                ask("/api/pottings/%s".formatted(pot));
                ask("/api/pottings/%s/portrait".formatted(pot));
            }
            for (final Object batch : JsonPath.<List<Object>>read(ask("/api/batches"), "$.batches[*].id")) {
                ask("/api/batches/%s".formatted(batch));
            }
            try (var backups = Files.list(data.resolve("backups"))) {
                assertThat(backups)
                        .as("made before the upgrade")
                        .anyMatch(each -> each.toString().contains("upgrade"));
            }
        } finally {
            Objects.requireNonNull(held.held()).release();
        }
    }

    /** Lays the house's store into a folder; the rest is what was answered. */
    private static Map<String, String> open(final String house, final Path data) throws IOException {
        final Map<String, String> answered = new HashMap<>();
        try (InputStream file = Objects.requireNonNull(UpgradeTest.class.getResourceAsStream(house));
                ZipInputStream zip = new ZipInputStream(file)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(DataFolder.DATABASE)) {
                    Files.copy(zip, data.resolve(DataFolder.DATABASE));
                } else {
                    answered.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
                }
            }
        }
        return answered;
    }
}
