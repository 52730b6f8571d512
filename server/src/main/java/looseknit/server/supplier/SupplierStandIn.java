package looseknit.server.supplier;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.device.SimulatedPrices;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** A simulated supplier: a small web server of its own on this machine that serves a price list. Invented data. */
@Component
class SupplierStandIn {

    private static final String PATH = "/price-list.json";

    private final Clock clock;
    private final JsonMapper json;
    private @Nullable HttpServer server;

    SupplierStandIn(final Clock clock, final JsonMapper json) {
        this.clock = clock;
        this.json = json;
    }

    /** Where it serves; it begins to when it is asked for the first time. */
    synchronized URI address() {
        HttpServer serving = server;
        if (serving == null) {
            try {
                serving = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
            } catch (final IOException e) {
                throw new UncheckedIOException(e);
            }
            serving.createContext(PATH, this::answer);
            serving.start();
            server = serving;
        }
        return URI.create("http://127.0.0.1:%d%s".formatted(serving.getAddress().getPort(), PATH));
    }

    @PreDestroy
    synchronized void stop() {
        final HttpServer serving = server;
        if (serving != null) {
            serving.stop(0);
            server = null;
        }
    }

    private void answer(final HttpExchange exchange) throws IOException {
        try (exchange) {
            final byte[] body = json.writeValueAsBytes(list(LocalDate.now(clock)));
            exchange.getResponseHeaders().set("Content-Type", "application/json");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
        }
    }

    /** The list of a day. */
    Map<String, Object> list(final LocalDate day) throws IOException {
        final Map<String, Object> list;
        try (InputStream shipped = new ClassPathResource("stand-in/price-list.json").getInputStream()) {
            list = new LinkedHashMap<>(json.readValue(shipped, new TypeReference<Map<String, Object>>() {}));
        }
        list.put("asOf", day.toString());
        if (list.get("articles") instanceof List<?> articles) {
            list.put("articles", articles.stream().map(each -> of(day, each)).toList());
        }
        return list;
    }

    private static Object of(final LocalDate day, final Object shipped) {
        if (!(shipped instanceof Map<?, ?> article) || !(article.get("price") instanceof Number price)) {
            return shipped;
        }
        final String number = String.valueOf(article.get("article"));
        final Map<String, Object> today = new LinkedHashMap<>();
        article.forEach((key, value) -> today.put(String.valueOf(key), value));
        today.put("price", SimulatedPrices.price(number, price.doubleValue(), day));
        today.put("inStock", SimulatedPrices.inStock(number, day));
        return today;
    }
}
