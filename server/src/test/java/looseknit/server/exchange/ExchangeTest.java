package looseknit.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.TreeSet;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import looseknit.server.LooseKnit;
import looseknit.server.house.HouseStart;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Everything in one file: out of one house and into another, without loss; and what is hostile or damaged changes nothing. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ExchangeTest {

    @TempDir
    private static Path first;

    @TempDir
    private static Path second;

    @TempDir
    private static Path last;

    private final HttpClient http = HttpClient.newHttpClient();
    private final List<HouseStart> held = new ArrayList<>();
    private ConfigurableApplicationContext full;
    private ConfigurableApplicationContext other;
    private ConfigurableApplicationContext third;
    private byte[] everything = {};
    private Map<String, TreeSet<String>> atFirst = Map.of();

    /** A house of the demo as it lay on the disk once. */
    private static void lay(final Path data) throws IOException {
        try (InputStream file =
                        Objects.requireNonNull(ExchangeTest.class.getResourceAsStream("/houses/schema-13.zip"));
                ZipInputStream zip = new ZipInputStream(file)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().endsWith(".mv.db")) {
                    Files.copy(zip, data.resolve(entry.getName()));
                }
            }
        }
    }

    private ConfigurableApplicationContext start(final Path data) {
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        final HouseStart folder = new HouseStart();
        held.add(folder);
        application.addListeners(folder);
        return application.run("--looseknit.data=" + data, "--server.port=0");
    }

    @BeforeAll
    void threeHouses() throws Exception {
        lay(first);
        full = start(first);
        other = start(second);
        third = start(last);
        picture();
        atFirst = rows(full);
        everything = http.send(
                        HttpRequest.newBuilder(uri(full, "/api/house/everything"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    @AfterAll
    void end() {
        full.close();
        other.close();
        third.close();
        held.forEach(each -> Objects.requireNonNull(each.held()).release());
    }

    private static URI uri(final ConfigurableApplicationContext house, final String path) {
        return URI.create(
                "http://127.0.0.1:%s%s".formatted(house.getEnvironment().getProperty("local.server.port"), path));
    }

    private String ask(final ConfigurableApplicationContext house, final String path) throws Exception {
        final HttpResponse<String> answer =
                http.send(HttpRequest.newBuilder(uri(house, path)).build(), HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(path).isEqualTo(200);
        return answer.body();
    }

    private HttpResponse<String> tell(final ConfigurableApplicationContext house, final String path, final String json)
            throws Exception {
        return http.send(
                HttpRequest.newBuilder(uri(house, path))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** A photo of a pot, so that there is one to carry over. */
    private void picture() throws Exception {
        final String pot = JsonPath.read(ask(full, "/api/pottings"), "$.pottings[0].id");
        final var image = new java.awt.image.BufferedImage(60, 40, java.awt.image.BufferedImage.TYPE_INT_RGB);
        final ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        javax.imageio.ImageIO.write(image, "jpg", jpeg);
        final HttpResponse<String> kept = http.send(
                HttpRequest.newBuilder(
                                uri(full, "/api/photos/%s?potting=%s&on=2026-03-01".formatted(UUID.randomUUID(), pot)))
                        .header("Content-Type", "image/jpeg")
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(jpeg.toByteArray()))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(kept.statusCode()).as(kept.body()).isEqualTo(200);
    }

    /** Sends a file and waits until it was looked through. */
    private String send(final ConfigurableApplicationContext house, final UUID id, final byte[] file) throws Exception {
        final HttpResponse<String> sent = http.send(
                HttpRequest.newBuilder(uri(house, "/api/house/incoming/" + id))
                        .header("Content-Type", "application/zip")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(sent.statusCode()).isEqualTo(200);
        return settled(house, id);
    }

    private String settled(final ConfigurableApplicationContext house, final UUID id) throws Exception {
        while (true) {
            final String state = ask(house, "/api/house/incoming/" + id);
            if (!List.of("READING", "STORING").contains(JsonPath.<String>read(state, "$.state"))) {
                return state;
            }
            Thread.sleep(50);
        }
    }

    private String take(final ConfigurableApplicationContext house, final UUID id, final String wins) throws Exception {
        assertThat(tell(house, "/api/house/incoming/%s/take?wins=%s".formatted(id, wins), "")
                        .statusCode())
                .isEqualTo(200);
        return settled(house, id);
    }

    /** Every row of every kind, but for what a store counts up by itself. */
    private static Map<String, TreeSet<String>> rows(final ConfigurableApplicationContext house) throws Exception {
        final Map<String, TreeSet<String>> all = new LinkedHashMap<>();
        try (Connection store = house.getBean(DataSource.class).getConnection()) {
            for (final Kind kind : Kind.values()) {
                final Columns columns = Columns.of(store, kind);
                final TreeSet<String> rows = new TreeSet<>();
                try (var query = store.createStatement();
                        ResultSet row = query.executeQuery("SELECT * FROM " + kind.table())) {
                    while (row.next()) {
                        final StringBuilder words = new StringBuilder();
                        for (int i = 0; i < columns.names().size(); i++) {
                            if (!columns.counted().contains(columns.names().get(i))) {
                                final Object value = Columns.value(
                                        row, i + 1, columns.types().get(i));
                                words.append(columns.names().get(i))
                                        .append('=')
                                        .append(
                                                value instanceof byte[] bytes
                                                        ? java.util.Arrays.hashCode(bytes)
                                                        : value)
                                        .append(' ');
                            }
                        }
                        rows.add(words.toString());
                    }
                }
                all.put(kind.words(), rows);
            }
        }
        return all;
    }

    @Test
    void aHouseGoesIntoAnEmptyOneWithoutLossAndAgainAsTheSame() throws Exception {
        final UUID id = UUID.randomUUID();
        final String looked = send(other, id, everything);
        assertThat(JsonPath.<String>read(looked, "$.state")).isEqualTo("READY");
        assertThat(JsonPath.<List<Integer>>read(looked, "$.kinds[?(@.kind == 'looks')].fresh")
                        .get(0))
                .isGreaterThan(500);
        assertThat(JsonPath.<List<Object>>read(ask(other, "/api/blends/names"), "$.names"))
                .isEmpty();

        final String taken = take(other, id, "HERE");

        assertThat(JsonPath.<String>read(taken, "$.state")).as(taken).isEqualTo("DONE");
        assertThat(rows(other)).isEqualTo(atFirst);
        assertThat(atFirst.get("photos")).isNotEmpty();
        final List<String> pots = JsonPath.read(ask(full, "/api/pottings"), "$.pottings[*].id");
        assertThat(pots).hasSizeGreaterThan(5);
        for (final String pot : pots) {
            // a pot's looks are in the order in which they were told, whatever was told of others between them
            assertThat(ask(other, "/api/pottings/%s/looks".formatted(pot)))
                    .isEqualTo(ask(full, "/api/pottings/%s/looks".formatted(pot)));
        }
        for (final String page :
                List.of("/api/blends", "/api/batches", "/api/today", "/api/shelf/lots", "/api/outcomes")) {
            ask(other, page);
        }
        assertThat(JsonPath.<Integer>read(ask(other, "/api/blends"), "$.total")).isGreaterThan(10);

        final String again = send(other, UUID.randomUUID(), everything);
        assertThat(JsonPath.<List<Integer>>read(again, "$.kinds[*].fresh")).containsOnly(0);
        assertThat(JsonPath.<List<Integer>>read(again, "$.kinds[*].differing")).containsOnly(0);
    }

    /** Random stations: words in many scripts, odd figures, things that hang on others, told in either units. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whateverAStationHoldsArrivesAsItIs(final long seed) throws Exception {
        final Random random = new Random(seed);
        for (int i = 0; i < 4; i++) {
            station(random, seed % 2 == 0 ? "?units=us" : "");
        }
        final byte[] file = http.send(
                        HttpRequest.newBuilder(uri(full, "/api/house/everything"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        final UUID id = UUID.randomUUID();
        send(third, id, file);
        final String taken = take(third, id, "FILE");
        assertThat(JsonPath.<String>read(taken, "$.state")).as(taken).isEqualTo("DONE");
        final Map<String, TreeSet<String>> there = rows(third);
        rows(full).forEach((kind, rows) -> assertThat(there.get(kind)).as(kind).containsAll(rows));
    }

    private void station(final Random random, final String units) throws Exception {
        final String own = "own_" + Long.toString(random.nextLong() >>> 1, 36);
        stored("/api/own-materials" + units, """
                {"id":"%s","facts":{"name":"%s","plain":{"matter":"DENSE_STONE","fromMm":%s,"toMm":%s}}}""", own, words(random), 0.5 + random.nextDouble(), 2 + random.nextInt(5));
        stored(
                "/api/shelf/lots" + units,
                """
                {"id":"%s","facts":{"materialId":"%s","sold":"LOOSE_LITRES","amount":%s,"swell":0,"leftLitres":%s,"supplier":"%s","fed":%s,"rinsed":false,"quarantined":false}}""",
                UUID.randomUUID(),
                own,
                1 + random.nextDouble() * 40,
                random.nextDouble(),
                words(random),
                random.nextBoolean());
        final UUID blend = UUID.randomUUID();
        stored(
                "/api/blends" + units,
                """
                {"id":"%s","name":"%s","brief":{"plantId":"pothos","stage":"ESTABLISHED"},"recipe":{"measure":"PARTS","parts":[{"materialId":"%s","amount":%s},{"materialId":"peat","amount":1e-3}],"doses":[{"amendmentId":"dolomite","gPerL":%s}]}}""",
                blend,
                words(random),
                own,
                1 + random.nextDouble() * 9000,
                random.nextDouble() * 3);
        stored("/api/blends/" + blend + "/versions" + units, "{\"note\":\"%s\"}", words(random));
        final UUID batch = UUID.randomUUID();
        stored("/api/batches" + units, """
                {"id":"%s","blendId":"%s","versionNumber":1,"fills":[],"reserve":0.05,"scoopLitres":0.5,"tubLitres":20,"countedLitres":%s}""", batch, blend, 5 + random.nextDouble() * 20);
    }

    /** Words as people write them, with what files and pages trip over. */
    private static String words(final Random random) {
        final List<String> pieces = List.of(
                "Grün",
                "é",
                "苔",
                "Мох",
                "moss",
                "'",
                "\\\"",
                "=1+1",
                "{\\\"v\\\":1}",
                "a,b",
                "\\n",
                "🌿",
                "null",
                " ",
                "%s",
                "\\\\");
        final StringBuilder words = new StringBuilder("x");
        for (int i = 0; i < 6; i++) {
            words.append(pieces.get(random.nextInt(pieces.size())));
        }
        return words.toString();
    }

    private void stored(final String path, final String body, final Object... values) throws Exception {
        final HttpResponse<String> answer = tell(full, path, body.formatted(values));
        assertThat(answer.statusCode()).as("%s: %s", path, answer.body()).isEqualTo(200);
    }

    @Test
    void whatDiffersStaysOrGivesWayAsSomebodyWants() throws Exception {
        final String changed = document().replace("\"Slipway rescue\"", "\"Slipway rescue of the file\"");
        final byte[] file = zip(Map.of("house.json", changed), true);
        final UUID kept = UUID.randomUUID();
        final String looked = send(full, kept, file);
        assertThat(JsonPath.<List<Integer>>read(looked, "$.kinds[?(@.kind == 'blends')].differing"))
                .containsExactly(1);
        take(full, kept, "HERE");
        assertThat(ask(full, "/api/blends/names"))
                .contains("\"Slipway rescue\"")
                .doesNotContain("of the file");

        final UUID over = UUID.randomUUID();
        send(full, over, file);
        final String taken = take(full, over, "FILE");
        assertThat(JsonPath.<String>read(taken, "$.state")).as(taken).isEqualTo("DONE");
        assertThat(ask(full, "/api/blends/names")).contains("Slipway rescue of the file");

        final UUID back = UUID.randomUUID();
        send(full, back, everything);
        take(full, back, "FILE");
        assertThat(ask(full, "/api/blends/names")).doesNotContain("of the file");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"format\":\"loose-knit house\",\"version\":9999} | written by a newer Loose Knit (format 9999",
                "{\"format\":\"bread\",\"version\":15} | The format of the file is “bread”",
                "{\"format\":\"loose-knit house\",\"version\":15,\"blends\":{}} | blends is no list",
                "{\"format\":\"loose-knit house\",\"version\":15,\"blends\":[7]} | blends[0] is no object",
                "{\"format\":\"loose-knit house\",\"version\":15,\"lots\":[{\"id\":\"x\"}]} | lots[0].id is \"x\". Allowed: an id",
                "{\"format\":\"loose-knit house\",\"version\":15,\"packs\":[{\"materialId\":\"peat\",\"litres\":\"many\",\"revision\":0}]} | packs[0].litres is \"many\". Allowed: a number",
                "{\"format\":\"loose-knit house\",\"version\":15,\"packs\":[{\"materialId\":\"peat\",\"litres\":1,\"revision\":0,\"drop\":1}]} | has a field “drop”",
                "{\"format\":\"loose-knit house\",\"version\":15,\"packs\":[{\"materialId\":\"peat\",\"revision\":0}]} | something that has to be said is missing",
                "{\"format\":\"loose-knit house\",\"version\":15,\"places\":[{\"id\":\"123e4567-e89b-42d3-a456-426614174000\",\"name\":\"attic\",\"place\":{\"v\":1,\"name\":7},\"revision\":0}]} | cannot be read",
                "{\"format\":\"loose-knit house\",\"version\":15,\"looks\":[{\"id\":\"123e4567-e89b-42d3-a456-426614174000\",\"pottingId\":\"123e4567-e89b-42d3-a456-426614174001\",\"lookedOn\":\"2026-01-01\",\"answer\":\"WATERED\",\"beforeWateredOn\":\"2025-12-27\",\"beforeLookOn\":\"2026-01-01\",\"beforeReason\":\"PREDICTED\",\"beforeLightly\":false,\"predictedDays\":7.5}]} | Among the looks of the file is one that cannot be: it names something that is not in the file",
                "{\"format\":\"loose-knit house\",\"version\":15,\"packs\":[{\"materialId\":\"peat\",\"litres\":1,\"revision\":0},{\"materialId\":\"peat\",\"litres\":2,\"revision\":0}]} | Among the packs of the file is one that cannot be: it is there twice",
                "{\"blends\":[]} | does not say first what it is",
                "{\"format\":\"loose-knit house\",\"version\":15,\"looks\":[ | is not readable JSON",
                "[] | is no object"
            })
    void whatCannotBeTakenIsSaidAndChangesNothing(final String document, final String why) throws Exception {
        final Map<String, TreeSet<String>> before = rows(full);
        final String refused = send(full, UUID.randomUUID(), zip(Map.of("house.json", document), false));
        assertThat(JsonPath.<String>read(refused, "$.state")).as(refused).isEqualTo("FAILED");
        assertThat(JsonPath.<String>read(refused, "$.says"))
                .startsWith("Nothing was changed.")
                .contains(why);
        assertThat(rows(full)).isEqualTo(before);
    }

    @Test
    void hostileFilesAreTurnedAway() throws Exception {
        final String empty = "{\"format\":\"loose-knit house\",\"version\":15}";
        for (final Map.Entry<String, byte[]> each : Map.of(
                        "This is no file of everything", "no zip at all".getBytes(StandardCharsets.UTF_8),
                        "does not belong into it", zip(Map.of("house.json", empty, "../../etc/passwd", "x"), false),
                        "“inner.zip”", zip(Map.of("house.json", empty, "inner.zip", "PK"), false),
                        "is no picture",
                                zip(
                                        Map.of(
                                                "house.json",
                                                empty,
                                                "photos/%s/picture.jpg".formatted(new UUID(1, 2)),
                                                "<svg/>"),
                                        false),
                        "is not readable JSON", zip(Map.of("house.json", "{\"format\":" + "[".repeat(5000)), false))
                .entrySet()) {
            final String refused = send(full, UUID.randomUUID(), each.getValue());
            assertThat(JsonPath.<String>read(refused, "$.says")).contains(each.getKey());
        }
        final String cut = send(full, UUID.randomUUID(), java.util.Arrays.copyOf(everything, everything.length / 2));
        assertThat(JsonPath.<String>read(cut, "$.says")).contains("The file is damaged");
    }

    /** Whoever saw what was here before is told that it has changed. */
    @Test
    void whatTheFileWroteOverHasAnotherRevision() throws Exception {
        final String blend = JsonPath.<List<String>>read(
                        ask(full, "/api/blends/names"), "$.names[?(@.name == 'Yard rose')].id")
                .get(0);
        final int before = JsonPath.read(ask(full, "/api/blends/" + blend), "$.revision");
        final UUID over = UUID.randomUUID();
        send(full, over, zip(Map.of("house.json", document().replace("\"Yard rose\"", "\"Yard rose two\"")), true));
        take(full, over, "FILE");
        assertThat(JsonPath.<Integer>read(ask(full, "/api/blends/" + blend), "$.revision"))
                .isEqualTo(before + 1);
        final UUID back = UUID.randomUUID();
        send(full, back, everything);
        take(full, back, "FILE");
        assertThat(JsonPath.<Integer>read(ask(full, "/api/blends/" + blend), "$.revision"))
                .isEqualTo(before + 2);
    }

    /** Batches name a version by its number: they must not get another recipe without a word. */
    @Test
    void versionsThatAreOthersUnderTheSameNumberAreNotMixedUp() throws Exception {
        final String version =
                JsonPath.<List<String>>read(document(), "$.versions[*].id").get(0);
        final UUID id = UUID.randomUUID();
        final String looked = send(
                full,
                id,
                zip(
                        Map.of(
                                "house.json",
                                document().replace(version, UUID.randomUUID().toString())),
                        true));
        assertThat(JsonPath.<Boolean>read(looked, "$.possible")).isFalse();
        assertThat(JsonPath.<String>read(looked, "$.clashes[0]")).contains("is one here and another in the file");
        final Map<String, TreeSet<String>> before = rows(full);
        assertThat(JsonPath.<String>read(take(full, id, "HERE"), "$.says")).contains("a house of its own");
        assertThat(rows(full)).isEqualTo(before);
    }

    /** A text that only looks like a document is neither read as one nor keeps the rest from being written. */
    @Test
    void aNameThatLooksLikeADocumentStaysAName() throws Exception {
        for (final String name : List.of("{\\\"v\\\": torn", "{\\\"v\\\":1,  \\\"x\\\":2}", "{\\\"v\\\":1}")) {
            assertThat(tell(full, "/api/blends", """
                    {"id":"%s","name":"%s","brief":{"stage":"ESTABLISHED"},"recipe":{"measure":"PARTS","parts":[],"doses":[]}}""".formatted(UUID.randomUUID(), name))
                            .statusCode())
                    .isEqualTo(200);
        }
        final byte[] file = http.send(
                        HttpRequest.newBuilder(uri(full, "/api/house/everything"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        final String looked = send(full, UUID.randomUUID(), file);
        assertThat(JsonPath.<String>read(looked, "$.state")).as(looked).isEqualTo("READY");
        assertThat(JsonPath.<List<Integer>>read(looked, "$.kinds[?(@.kind == 'blends')].same")
                        .get(0))
                .isGreaterThan(3);
        assertThat(JsonPath.<List<Integer>>read(looked, "$.kinds[*].differing")).containsOnly(0);
    }

    @Test
    void aBatchWhoseNumberIsAnothersGetsANewOne() throws Exception {
        final String number = JsonPath.read(ask(full, "/api/batches"), "$.batches[0].lot");
        final String id = JsonPath.read(ask(full, "/api/batches"), "$.batches[0].id");
        final String stranger = UUID.randomUUID().toString();
        final byte[] file = zip(Map.of("house.json", document().replace(id, stranger)), true);
        final String looked = send(full, UUID.randomUUID(), file);
        assertThat(JsonPath.<List<String>>read(looked, "$.numbers[*].before")).contains(number);
        assertThat(JsonPath.<List<String>>read(looked, "$.numbers[*].now")).doesNotContain(number);
    }

    /** Every table is carried over, or stays for a reason. */
    @Test
    void everyTableIsThoughtOf() throws Exception {
        try (Connection store = full.getBean(DataSource.class).getConnection();
                ResultSet tables =
                        store.getMetaData().getTables(null, "PUBLIC", null, new String[] {"TABLE", "BASE TABLE"})) {
            final List<String> known = new ArrayList<>(Kind.STAYS);
            known.add("flyway_schema_history");
            for (final Kind kind : Kind.values()) {
                known.add(kind.table());
            }
            final List<String> found = new ArrayList<>();
            while (tables.next()) {
                found.add(tables.getString("TABLE_NAME").toLowerCase(Locale.ROOT));
            }
            assertThat(found).isNotEmpty().allSatisfy(each -> assertThat(known).contains(each));
        }
    }

    private String document() throws IOException {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(everything))) {
            zip.getNextEntry();
            return new String(zip.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A file of these, the document first; with the pictures of the real one if wanted. */
    private byte[] zip(final Map<String, String> files, final boolean pictures) throws IOException {
        final ByteArrayOutputStream made = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(made)) {
            final List<String> names = new ArrayList<>(files.keySet());
            names.sort((a, b) -> Boolean.compare(!a.equals("house.json"), !b.equals("house.json")));
            for (final String name : names) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(files.get(name).getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
            if (pictures) {
                try (ZipInputStream real = new ZipInputStream((InputStream) new ByteArrayInputStream(everything))) {
                    real.getNextEntry();
                    for (ZipEntry entry = real.getNextEntry(); entry != null; entry = real.getNextEntry()) {
                        zip.putNextEntry(new ZipEntry(entry.getName()));
                        real.transferTo(zip);
                        zip.closeEntry();
                    }
                }
            }
        }
        return made.toByteArray();
    }
}
