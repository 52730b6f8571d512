package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeFalse;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import looseknit.server.LooseKnit;
import looseknit.server.ServerStore;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** Two instances of the program on one database server: what one stores the other shows, and nothing is numbered or stored twice. Runs where a server is given. */
class NeighboursTest {

    private static final String SERVER = ServerStore.anyServer();
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final HttpClient client = HttpClient.newHttpClient();
    private final List<ConfigurableApplicationContext> running = new ArrayList<>();

    @TempDir
    private Path data;

    @BeforeEach
    void start() {
        assumeFalse(SERVER.isEmpty(), "no database server is given");
        final String database = ServerStore.newDatabase(SERVER);
        for (final String folder : List.of("one", "two")) {
            running.add(new SpringApplicationBuilder(LooseKnit.class)
                    .run(
                            "--looseknit.database=" + database,
                            "--looseknit.data=" + data.resolve(folder),
                            "--server.port=0"));
        }
    }

    @AfterEach
    void stop() {
        running.forEach(ConfigurableApplicationContext::close);
    }

    private HttpResponse<String> at(final int which, final String method, final String path, final String body)
            throws Exception {
        final int port = ((ServletWebServerApplicationContext) running.get(which))
                .getWebServer()
                .getPort();
        return client.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:%d%s".formatted(port, path)))
                        .header("Content-Type", "application/json")
                        .header("Sec-Fetch-Site", "same-origin")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private void shows(final int which, final String path, final String words) throws Exception {
        final Instant until = Instant.now().plus(PATIENCE);
        String there = "";
        while (!there.contains(words) && Instant.now().isBefore(until)) {
            there = at(which, "GET", path, "").body();
            Thread.sleep(50);
        }
        assertThat(there).contains(words);
    }

    @Test
    void whatOneStoresTheOtherKnows() throws Exception {
        // both have the Book and the shelf in mind already
        for (int which = 0; which < 2; which++) {
            assertThat(at(which, "GET", "/api/materials", "").body()).doesNotContain("Tide sand");
            assertThat(at(which, "GET", "/api/shelf/lots", "").statusCode()).isEqualTo(200);
        }
        assertThat(at(0, "POST", "/api/own-materials", """
                {"id":"own_tide_sand","facts":{"name":"Tide sand","plain":{"matter":"DENSE_STONE","fromMm":1,"toMm":3}}}""").statusCode()).isEqualTo(200);
        shows(1, "/api/materials", "Tide sand");
        final String blend = """
                {"id":"%s","name":"Of both","brief":{"stage":"ESTABLISHED"},"recipe":{"measure":"PARTS","parts":[{"materialId":"own_tide_sand","amount":1}],"doses":[]}}""".formatted(UUID.randomUUID());
        assertThat(at(1, "POST", "/api/blends", blend).statusCode()).isEqualTo(200);
        shows(0, "/api/blends?size=10", "Of both");
    }

    @Test
    void batchesThatAreBegunAtOnceGetNumbersOfTheirOwn() throws Exception {
        final UUID blend = UUID.randomUUID();
        at(0, "POST", "/api/blends", """
                {"id":"%s","name":"Of both","brief":{"stage":"ESTABLISHED"},"recipe":{"measure":"PARTS","parts":[{"materialId":"peat","amount":1}],"doses":[]}}""".formatted(blend));
        at(1, "POST", "/api/blends/%s/versions".formatted(blend), "{\"note\":\"\"}");
        final ExecutorService both = Executors.newFixedThreadPool(4);
        try {
            final List<Callable<String>> begin = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                final int which = i % 2;
                begin.add(() -> at(which, "POST", "/api/batches", """
                                {"id":"%s","blendId":"%s","versionNumber":1,"fills":[],"reserve":0.05,"scoopLitres":0.5,"tubLitres":20,"countedLitres":8}""".formatted(UUID.randomUUID(), blend))
                        .body());
            }
            final Set<String> lots = Collections.synchronizedSet(new TreeSet<>());
            for (final Future<String> each : both.invokeAll(begin)) {
                lots.add(each.get().replaceAll("(?s).*\"lot\":\"([^\"]+)\".*", "$1"));
            }
            assertThat(lots).hasSize(12).allMatch(lot -> lot.matches("\\d{4}-\\d\\d-\\d\\d-\\d+"));
        } finally {
            both.shutdown();
        }
    }
}
