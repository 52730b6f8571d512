package looseknit.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.jayway.jsonpath.JsonPath;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.UUID;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.X509ExtendedTrustManager;
import looseknit.server.ApiTest;
import looseknit.server.LooseKnit;
import looseknit.server.house.CannotStart;
import looseknit.server.house.HouseStart;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.support.PropertiesLoaderUtils;
import org.springframework.http.server.PathContainer;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPatternParser;

/** A house that is shared: over TLS, signed in, each by their role; as somebody at another machine meets it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SharedHouseTest {

    private static final String PASSWORD = "kelp rope lantern";

    @TempDir
    private static Path data;

    private ConfigurableApplicationContext house;
    private int port;

    @BeforeAll
    void start() {
        house = application()
                .run(
                        "--spring.profiles.active=shared",
                        "--looseknit.bind=127.0.0.1",
                        "--looseknit.data=" + data,
                        "--server.port=0",
                        "--looseknit.first.name=Orla",
                        "--looseknit.first.password=" + PASSWORD);
        port = Integer.parseInt(house.getEnvironment().getProperty("local.server.port", "0"));
        final People people = house.getBean(People.class);
        people.add("Finn", Role.HELPER, PASSWORD);
        people.add("Guest of the day", Role.GUEST, PASSWORD);
    }

    private final HouseStart folder = new HouseStart();

    private SpringApplication application() {
        final SpringApplication application = new SpringApplication(LooseKnit.class);
        application.addListeners(folder);
        return application;
    }

    @AfterAll
    void stop() {
        house.close();
        folder.held().release();
    }

    /** Somebody at a browser. */
    private final class Visitor {

        private final CookieManager cookies = new CookieManager();
        private final HttpClient browser;

        Visitor() throws Exception {
            final SSLContext trusting = SSLContext.getInstance("TLS");
            trusting.init(null, new X509ExtendedTrustManager[] {new Trusting()}, new SecureRandom());
            browser = HttpClient.newBuilder()
                    .cookieHandler(cookies)
                    .sslContext(trusting)
                    .build();
            ask("/api/people/me");
        }

        HttpResponse<String> ask(final String path) throws Exception {
            return send(HttpRequest.newBuilder(uri(path)).GET());
        }

        HttpResponse<String> tell(final String method, final String path, final String body) throws Exception {
            final HttpRequest.Builder request = HttpRequest.newBuilder(uri(path))
                    .method(
                            method,
                            body.isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body));
            if (!body.isEmpty()) {
                request.header("Content-Type", "application/json");
            }
            cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .forEach(token -> request.header("X-XSRF-TOKEN", token));
            return send(request);
        }

        private HttpResponse<String> send(final HttpRequest.Builder request) throws Exception {
            return browser.send(request.build(), HttpResponse.BodyHandlers.ofString());
        }

        Visitor signedIn(final String name) throws Exception {
            assertThat(signIn(name, PASSWORD).statusCode()).isEqualTo(200);
            ask("/api/people/me");
            return this;
        }

        HttpResponse<String> signIn(final String name, final String password) throws Exception {
            return tell(
                    "POST", "/api/people/sign-in", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
        }
    }

    private URI uri(final String path) {
        return URI.create("https://localhost:" + port + path);
    }

    /** The certificate was made by the house itself: nobody else vouches for it. */
    private static final class Trusting extends X509ExtendedTrustManager {
        @Override
        public void checkClientTrusted(final X509Certificate[] chain, final String type, final Socket socket) {}

        @Override
        public void checkServerTrusted(final X509Certificate[] chain, final String type, final Socket socket) {}

        @Override
        public void checkClientTrusted(final X509Certificate[] chain, final String type, final SSLEngine engine) {}

        @Override
        public void checkServerTrusted(final X509Certificate[] chain, final String type, final SSLEngine engine) {}

        @Override
        public void checkClientTrusted(final X509Certificate[] chain, final String type) {}

        @Override
        public void checkServerTrusted(final X509Certificate[] chain, final String type) {}

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }

    private static String blend(final String name) {
        return "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                .formatted(UUID.randomUUID(), name, ApiTest.Requests.brief(), ApiTest.Requests.recipe("peat", 3));
    }

    @Test
    void whoIsNotSignedInGetsThePagesAndNoData() throws Exception {
        final Visitor stranger = new Visitor();
        final HttpResponse<String> page = stranger.ask("/");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.headers().firstValue("Strict-Transport-Security")).isPresent();
        assertThat(page.headers().firstValue("Content-Security-Policy")).isPresent();
        for (final String path : List.of(
                "/api/blends",
                "/api/today",
                "/api/pottings",
                "/api/house",
                "/api/people",
                "/api/exports/shelf",
                "/api/house/share",
                "/api/people/deeds",
                "/actuator/env")) {
            final HttpResponse<String> refused = stranger.ask(path);
            assertThat(refused.statusCode()).as(path).isEqualTo(401);
            assertThat(refused.body()).contains("sign in first");
        }
        assertThat(stranger.tell("POST", "/api/blends", blend("Strange")).statusCode())
                .isEqualTo(401);
        assertThat(JsonPath.<Boolean>read(stranger.ask("/api/people/me").body(), "$.shared"))
                .isTrue();
    }

    @Test
    void eachDoesWhatTheirRoleAllows() throws Exception {
        final Visitor keeper = new Visitor().signedIn("orla");
        final Visitor helper = new Visitor().signedIn("Finn");
        final Visitor guest = new Visitor().signedIn("Guest of the day");
        for (final Visitor each : List.of(keeper, helper, guest)) {
            assertThat(each.ask("/api/blends").statusCode()).isEqualTo(200);
            assertThat(each.tell(
                                    "POST",
                                    "/api/evaluate",
                                    "{\"recipe\":%s}".formatted(ApiTest.Requests.recipe("peat", 3)))
                            .statusCode())
                    .isEqualTo(200);
        }
        assertThat(keeper.tell("POST", "/api/blends", blend("Orla's")).statusCode())
                .isEqualTo(200);
        assertThat(helper.tell("POST", "/api/blends", blend("Finn's")).statusCode())
                .isEqualTo(403);
        assertThat(guest.tell("POST", "/api/blends", blend("Guest's")).body()).contains("Your role in this house");
        final String count = "{\"lots\":[]}";
        assertThat(helper.tell("PUT", "/api/shelf/count", count).statusCode()).isEqualTo(200);
        assertThat(guest.tell("PUT", "/api/shelf/count", count).statusCode()).isEqualTo(403);
        assertThat(helper.ask("/api/house").statusCode()).isEqualTo(403);
        assertThat(helper.ask("/api/people").statusCode()).isEqualTo(403);
        final String deeds = keeper.ask("/api/people/deeds").body();
        assertThat(JsonPath.<List<String>>read(deeds, "$[?(@.who == 'Finn')].what"))
                .contains("counted the shelf");
        assertThat(JsonPath.<List<String>>read(deeds, "$[?(@.who == 'Orla')].what"))
                .contains("began a blend");
        assertThat(deeds).doesNotContain("evaluate");
    }

    @Test
    void aRequestWithoutTheTokenOfThePageChangesNothing() throws Exception {
        final Visitor keeper = new Visitor().signedIn("Orla");
        keeper.cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .toList()
                .forEach(cookie -> keeper.cookies.getCookieStore().remove(null, cookie));
        assertThat(keeper.tell("POST", "/api/blends", blend("From elsewhere")).statusCode())
                .isEqualTo(403);
    }

    @Test
    void whoGuessesWaits() throws Exception {
        final Visitor guesser = new Visitor();
        for (int i = 0; i < SignIns.FREE; i++) {
            assertThat(guesser.signIn("Nobody", "wrong " + i).body()).contains("do not go together");
        }
        assertThat(guesser.signIn("nobody", PASSWORD).body()).contains("Too many wrong passwords: wait");
    }

    @Test
    void signingOutEverywhereEndsAllSessions() throws Exception {
        house.getBean(People.class).add("Moth", Role.HELPER, PASSWORD);
        final Visitor phone = new Visitor().signedIn("Moth");
        final Visitor desk = new Visitor().signedIn("Moth");
        assertThat(phone.ask("/api/blends").statusCode()).isEqualTo(200);
        assertThat(desk.tell("POST", "/api/people/sign-out?everywhere=true", "").statusCode())
                .isEqualTo(204);
        assertThat(desk.ask("/api/blends").statusCode()).isEqualTo(401);
        assertThat(phone.ask("/api/blends").statusCode()).isEqualTo(401);

        final Visitor again = new Visitor().signedIn("Moth");
        assertThat(again.tell(
                                "PUT",
                                "/api/people/own-password",
                                "{\"before\":\"wrong\",\"password\":\"a long enough one\"}")
                        .statusCode())
                .isEqualTo(422);
        assertThat(again.tell(
                                "PUT",
                                "/api/people/own-password",
                                "{\"before\":\"%s\",\"password\":\"a long enough one\"}".formatted(PASSWORD))
                        .statusCode())
                .isEqualTo(204);
        assertThat(again.ask("/api/blends").statusCode()).isEqualTo(401);
        assertThat(again.signIn("Moth", "a long enough one").statusCode()).isEqualTo(200);
    }

    /** Another instance of the program writes into the same store and knows nothing of the sessions here. */
    @Test
    void whatIsDoneElsewhereEndsSessionsHereToo() throws Exception {
        final JdbcTemplate elsewhere = house.getBean(JdbcTemplate.class);
        final People people = house.getBean(People.class);
        for (final String change : List.of(
                "UPDATE account SET role = 'GUEST', revision = revision + 1 WHERE name = 'Gull'",
                "UPDATE account SET revision = revision + 1 WHERE name = 'Gull'",
                "DELETE FROM account WHERE name = 'Gull'")) {
            if (people.find("Gull").isEmpty()) {
                people.add("Gull", Role.HELPER, PASSWORD);
            }
            final Visitor gull = new Visitor().signedIn("Gull");
            assertThat(gull.ask("/api/blends").statusCode()).isEqualTo(200);
            elsewhere.execute(change);
            assertThat(gull.ask("/api/blends").body()).contains("You were signed out");
            assertThat(gull.ask("/api/people/me").body()).doesNotContain("Gull");
        }
        people.add("Gull", Role.HELPER, PASSWORD);
        final Visitor before = new Visitor().signedIn("Gull");
        elsewhere.execute("DELETE FROM account WHERE name = 'Gull'");
        people.add("Gull", Role.KEEPER, PASSWORD);
        assertThat(before.ask("/api/blends").statusCode()).isEqualTo(401);
        people.remove("Gull");
    }

    @Test
    void aHouseKeepsAKeeperAndWeakPasswordsAreRefused() throws Exception {
        final Visitor keeper = new Visitor().signedIn("Orla");
        final HttpResponse<String> last = keeper.tell("DELETE", "/api/people/Orla", "");
        assertThat(last.statusCode()).isEqualTo(422);
        assertThat(last.body()).contains("A house needs a keeper");
        for (final String weak : List.of("short", "password123", "aaaaaaaaaaaa", "Tern the second")) {
            assertThat(keeper.tell(
                                    "POST",
                                    "/api/people",
                                    "{\"name\":\"Tern\",\"role\":\"HELPER\",\"password\":\"%s\"}".formatted(weak))
                            .body())
                    .contains("10 to 72 characters");
        }
        assertThat(keeper.tell(
                                "POST",
                                "/api/people",
                                "{\"name\":\"finn\",\"role\":\"GUEST\",\"password\":\"%s\"}".formatted(PASSWORD))
                        .body())
                .contains("nobody in this house has yet");
    }

    @Test
    void theAddressAndTheCertificateCanBeTold() throws Exception {
        final Visitor keeper = new Visitor().signedIn("Orla");
        final String share = keeper.ask("/api/house/share").body();
        assertThat(JsonPath.<String>read(share, "$.fingerprint")).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(Files.getPosixFilePermissions(data.resolve("house.p12")))
                .isEqualTo(PosixFilePermissions.fromString("rw-------"));
    }

    /** A request that is new and that nobody thought of here would be noted in letters that tell nobody anything. */
    @Test
    void everyChangeHasWordsForTheHistory() throws Exception {
        final Properties words = PropertiesLoaderUtils.loadProperties(new ClassPathResource("deed-words.properties"));
        final List<String> changes = house
                .getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .flatMap(each -> each.getMethodsCondition().getMethods().stream()
                        .filter(method -> method != RequestMethod.GET)
                        .flatMap(method -> each.getPatternValues().stream().map(path -> method + " " + path)))
                .filter(each -> Stream.concat(Arrays.stream(SharedHouse.TRIED_OUT), Stream.of("/api/people/sign-*"))
                        .map(new PathPatternParser()::parse)
                        .noneMatch(tried -> tried.matches(
                                PathContainer.parsePath(each.split(" ")[1].replaceAll("[{][^}]*[}]", "x")))))
                .toList();
        assertThat(changes).isNotEmpty().allSatisfy(each -> assertThat(words).containsKey(each));
        assertThat(words.stringPropertyNames())
                .allSatisfy(each -> assertThat(changes).contains(each));
    }

    @Test
    void aSharedHouseWithoutAKeeperDoesNotStart(@TempDir final Path other) {
        final SpringApplication fresh = new SpringApplication(LooseKnit.class);
        final HouseStart held = new HouseStart();
        fresh.addListeners(held);
        try {
            assertThatThrownBy(() -> fresh.run(
                            "--spring.profiles.active=shared",
                            "--looseknit.bind=127.0.0.1",
                            "--looseknit.data=" + other,
                            "--server.port=0"))
                    .isInstanceOf(CannotStart.class)
                    .hasMessageContaining("has no keeper yet");
        } finally {
            held.held().release();
        }
    }
}
