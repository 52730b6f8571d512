package looseknit.bench;

import java.net.ServerSocket;
import java.nio.file.Files;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicReference;
import looseknit.server.LooseKnit;
import looseknit.server.house.HouseStart;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A year of a house with 300 pots in an hour or less: the day is moved on, two people work at once, and a phone goes the round. Told in the end: what
 * was refused or failed, how long each kind of request took in the first half and in the last, and how much memory was in use at the end of each month.
 *
 * <p>Runs the server in its own process, with the server's jar on the class path before this one.
 */
public final class Season {

    private static final int DAYS = 365;
    private static final int POTS = 300;
    private static final int WEEK = 7;
    private static final int MONTH = 30;
    private static final int CHANGES_A_SITTING = 12;
    private static final double BONE_DRY = 1.4;
    private static final double SOAKING = 0.5;
    private static final double MOST_OFF = 0.35;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Moved clock;
    private final TimedRequests http;

    /** How fast each pot dries against what is reckoned: what the looks of the year are to find out. */
    private final Map<String, Double> pace = new ConcurrentHashMap<>();

    private Season(final String address, final Moved clock) {
        this.clock = clock;
        this.http = new TimedRequests(address, () -> clock.day);
    }

    /** A clock that stands where it is put, and goes on from there. */
    private static final class Moved extends Clock {

        private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);
        private final LocalDate first;
        private int day;

        Moved(final LocalDate first) {
            this.first = first;
            put(0);
        }

        void put(final int to) {
            day = to;
            final Instant morning = first.plusDays(to).atTime(8, 0).toInstant(ZoneOffset.UTC);
            ahead.set(Duration.between(Instant.now(), morning));
        }

        LocalDate today() {
            return first.plusDays(day);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(final ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(ahead.get());
        }
    }

    /**
     * Plays it.
     *
     * @param args how many days, if others
     */
    public static void main(final String[] args) throws Exception {
        final int days = args.length > 0 ? Integer.parseInt(args[0]) : DAYS;
        final Moved clock = new Moved(LocalDate.now(ZoneOffset.UTC).minusDays(days));
        final int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        application.addListeners(new HouseStart());
        final ApplicationContextInitializer<GenericApplicationContext> byThisClock =
                context -> context.registerBean("moved", Clock.class, () -> clock, bean -> bean.setPrimary(true));
        application.addInitializers(byThisClock);
        final long begun = System.nanoTime();
        try (ConfigurableApplicationContext server = application.run(
                "--server.port=" + port,
                "--looseknit.data=" + Files.createTempDirectory("loose-knit-season"),
                "--spring.profiles.active=demo")) {
            System.out.printf("started: %.1f s%n", (System.nanoTime() - begun) / 1e9);
            final Season season = new Season("http://127.0.0.1:" + port, clock);
            season.settle();
            season.play(days);
            season.http.tell(days, (System.nanoTime() - begun) / 1e9);
            System.out.println(server.isActive() ? "the server still runs" : "the server is gone");
        }
    }

    /** Pots like those of the demo until there are enough. */
    private void settle() {
        final JsonNode pots = http.get("/api/pottings?size=100").path("pottings");
        int here = pots.size();
        for (int i = 0; here < POTS; i = (i + 1) % pots.size()) {
            here += potUp(pots.get(i), Math.min(10, POTS - here), here);
        }
        System.out.printf(
                "%d pots%n", http.get("/api/pottings?size=1").path("total").asInt());
    }

    private int potUp(final JsonNode like, final int count, final int number) {
        final ObjectNode each = JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("batchId", like.path("batchId").asString())
                .put("label", "%s, %d".formatted(like.path("plantName").asString(), number))
                .put("pottedOn", clock.today().toString());
        each.set("brief", like.path("brief"));
        if (like.has("setUp")) {
            each.set("setUp", like.path("setUp"));
        }
        each.put("setUpKind", like.path("setUpKind").asString());
        final ObjectNode several = JSON.createObjectNode().put("count", count);
        several.set("each", each);
        http.post("/api/pottings/several", several);
        return count;
    }

    private void play(final int days) throws Exception {
        final ExecutorService people = Executors.newFixedThreadPool(3);
        try {
            for (int day = 0; day < days; day++) {
                clock.put(day);
                final int today = day;
                final List<Future<?>> done = List.of(
                        people.submit(() -> phone(today)),
                        people.submit(() -> grower(today)),
                        people.submit(() -> mixer(today)));
                for (final Future<?> each : done) {
                    each.get();
                }
                if (day % MONTH == MONTH - 1) {
                    System.out.printf("day %3d: %s%n", day + 1, TimedRequests.memory());
                }
            }
        } finally {
            people.shutdown();
        }
    }

    /** Goes the round and tells what it finds, some of it twice since the network went away. */
    private void phone(final int day) {
        final Random random = new Random(day);
        for (final JsonNode place : http.get("/api/round").path("places")) {
            final ArrayNode looks = JSON.createArrayNode();
            for (final JsonNode pot : place.path("pots")) {
                looks.add(look(pot.path("potting")));
            }
            if (looks.isEmpty()) {
                continue;
            }
            final ObjectNode body = JSON.createObjectNode();
            body.set("looks", looks);
            http.post("/api/looks/several", body);
            if (random.nextInt(WEEK) == 0) {
                http.post("/api/looks/several", body);
            }
        }
    }

    private ObjectNode look(final JsonNode potting) {
        final String id = potting.path("id").asString();
        final double since = LocalDate.parse(potting.path("lastWateredOn").asString())
                .until(clock.today())
                .getDays();
        final double ratio = since
                / (potting.path("predictedDays").asDouble()
                        * pace.computeIfAbsent(
                                id,
                                any -> Math.exp(
                                        MOST_OFF * ThreadLocalRandom.current().nextDouble(-1, 1))));
        final String answer =
                ratio > BONE_DRY ? "BONE_DRY" : ratio >= 1 ? "WATERED" : ratio < SOAKING ? "SOAKING" : "STILL_MOIST";
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("pottingId", id)
                .put("answer", answer);
    }

    /** Reads the pages of every day, looks after single pots, sends some away and takes others in. */
    private void grower(final int day) {
        final Random random = new Random(1000L + day);
        http.get("/api/today");
        http.get("/api/calendar/count");
        final JsonNode page = http.get("/api/pottings?page=" + random.nextInt(3));
        final JsonNode pots = page.path("pottings");
        for (int i = 0; i < 3 && !pots.isEmpty(); i++) {
            final String id = pots.get(random.nextInt(pots.size())).path("id").asString();
            http.get("/api/pottings/" + id + "/portrait", "/api/pottings/{id}/portrait");
            http.get("/api/pottings/" + id + "/looks", "/api/pottings/{id}/looks");
        }
        if (day % 3 == 0 && !pots.isEmpty()) {
            final ObjectNode fed = JSON.createObjectNode();
            fed.set(
                    "event",
                    JSON.createObjectNode()
                            .put("id", UUID.randomUUID().toString())
                            .put("kind", "FED")
                            .put("words", ""));
            final ArrayNode of = fed.putArray("pottingIds");
            pots.forEach(each -> of.add(each.path("id").asString()));
            http.post("/api/pot-events/together", fed);
        }
        if (day % WEEK == 2) {
            http.get("/api/calendar");
            http.get("/api/outcomes");
            http.get("/api/outcomes/blends");
            http.get("/api/hand");
            http.get("/api/leave?days=12");
            final JsonNode gone = pots.get(random.nextInt(pots.size()));
            http.post(
                    "/api/pottings/" + gone.path("id").asString() + "/events",
                    "/api/pottings/{id}/events",
                    JSON.createObjectNode()
                            .put("id", UUID.randomUUID().toString())
                            .put("kind", random.nextBoolean() ? "GIVEN_AWAY" : "LOST")
                            .put("words", "nobody knows"));
            potUp(gone, 1, POTS + day);
        }
        if (day % MONTH == 5) {
            http.get("/api/year");
            http.get("/api/climate/places");
            http.get("/api/house");
        }
    }

    /** Works at a blend, mixes it, tests it; once a month searches, reads the shelf in again, and takes everything out. */
    private void mixer(final int day) {
        final Random random = new Random(2000L + day);
        final JsonNode book = http.get("/api/blends").path("blends");
        http.get("/api/shelf");
        if (day % 2 == 0 && !book.isEmpty()) {
            work(book.get(random.nextInt(book.size())).path("id").asString(), random);
        }
        if (day % WEEK == 4) {
            mix(random);
        }
        if (day % MONTH == 12) {
            search(random);
            final String shelf = http.text("/api/exports/shelf");
            final UUID id = UUID.randomUUID();
            http.ask("POST", "/api/imports/" + id + "?kind=shelf", "/api/imports/{id}", "text/csv", shelf);
            if (settled("/api/imports/" + id, "/api/imports/{id}")
                    .path("state")
                    .asString()
                    .equals("READY")) {
                http.post("/api/imports/" + id + "/apply", "/api/imports/{id}/apply", JSON.createObjectNode());
                settled("/api/imports/" + id, "/api/imports/{id}");
            }
            http.text("/api/house/everything");
        }
    }

    private void work(final String id, final Random random) {
        final JsonNode blend = http.get("/api/blends/" + id, "/api/blends/{id}");
        final ObjectNode recipe = ((ObjectNode) blend.path("recipe")).deepCopy();
        final JsonNode parts = recipe.path("parts");
        for (int i = 0; i < CHANGES_A_SITTING && !parts.isEmpty(); i++) {
            final ObjectNode part = (ObjectNode) parts.get(random.nextInt(parts.size()));
            part.put("amount", Math.max(1, part.path("amount").asInt() + random.nextInt(3) - 1));
            final ObjectNode asked = JSON.createObjectNode();
            asked.set("recipe", recipe);
            asked.set("brief", blend.path("brief"));
            http.post("/api/evaluate", asked);
        }
        final ObjectNode changed = JSON.createObjectNode()
                .put("name", blend.path("name").asString())
                .put("revision", blend.path("revision").asLong());
        changed.set("brief", blend.path("brief"));
        changed.set("recipe", recipe);
        http.ask("PUT", "/api/blends/" + id, "/api/blends/{id} PUT", "application/json", changed.toString());
    }

    private void mix(final Random random) {
        final JsonNode batches = http.get("/api/batches").path("batches");
        if (batches.isEmpty()) {
            return;
        }
        final JsonNode like = http.get(
                "/api/batches/"
                        + batches.get(random.nextInt(batches.size())).path("id").asString(),
                "/api/batches/{id}");
        final String id = UUID.randomUUID().toString();
        final ObjectNode anew = JSON.createObjectNode()
                .put("id", id)
                .put("blendId", like.path("blendId").asString())
                .put("versionNumber", like.path("versionNumber").asInt())
                .put("scoopLitres", like.path("scoopLitres").asDouble());
        anew.set("fills", like.path("fills"));
        if (like.path("fills").isEmpty()) {
            anew.set("countedLitres", like.path("storeLitres"));
        }
        final JsonNode made = http.post("/api/batches", anew);
        http.ask(
                "PUT",
                "/api/batches/" + id + "/mixed",
                "/api/batches/{id}/mixed",
                "application/json",
                JSON.createObjectNode()
                        .put("mixedOn", clock.today().toString())
                        .put("revision", made.path("revision").asLong())
                        .toString());
        final ObjectNode test = JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("madeOn", clock.today().toString());
        test.set(
                "test",
                JSON.createObjectNode()
                        .put("kind", "PH")
                        .put("reading", 5.5 + random.nextDouble())
                        .put("method", "SLURRY")
                        .put("weeks", 0));
        http.post("/api/batches/" + id + "/tests", "/api/batches/{id}/tests", test);
    }

    private void search(final Random random) {
        final JsonNode pots = http.get("/api/pottings?size=100").path("pottings");
        final ObjectNode asked = JSON.createObjectNode()
                .put("form", "FIND")
                .put("among", "SHELF")
                .put("mostMaterials", 3)
                .put("mostParts", 6);
        asked.putArray("briefs").add(pots.get(random.nextInt(pots.size())).path("brief"));
        final String path = "/api/finds/" + UUID.randomUUID();
        http.post(path, "/api/finds/{id}", asked);
        settled(path, "/api/finds/{id}");
    }

    private JsonNode settled(final String path, final String kind) {
        while (true) {
            final JsonNode now = http.get(path, kind);
            final String state = now.path("state").asString();
            if (!List.of("RUNNING", "WAITING", "READING", "STORING", "QUEUED").contains(state)) {
                return now;
            }
            try {
                Thread.sleep(100);
            } catch (final InterruptedException e) {
                Thread.currentThread().interrupt();
                return now;
            }
        }
    }
}
