package looseknit.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.IntSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Requests to a server, how long each kind of them took on which day, and how many were refused or failed. */
final class TimedRequests {

    private static final int STALE = 409;
    private static final int REFUSED = 422;
    private static final double MEGABYTE = 1e6;
    private static final ObjectMapper JSON = new ObjectMapper();

    private final HttpClient http = HttpClient.newHttpClient();
    private final String address;
    private final IntSupplier day;
    private final Map<String, List<Took>> took = new ConcurrentHashMap<>();
    private final Map<String, Integer> failed = new ConcurrentHashMap<>();

    private record Took(int day, double milliseconds) {}

    TimedRequests(final String address, final IntSupplier day) {
        this.address = address;
        this.day = day;
    }

    /** What is answered to a question. */
    JsonNode get(final String path) {
        return get(path, path.replaceAll("\\?.*", ""));
    }

    /** The same, told among those of its kind. */
    JsonNode get(final String path, final String kind) {
        return JSON.readTree(ask("GET", path, kind, "", ""));
    }

    /** What is answered that is no JSON. */
    String text(final String path) {
        return ask("GET", path, path, "", "");
    }

    /** What is answered to something that is sent. */
    JsonNode post(final String path, final JsonNode body) {
        return post(path, path, body);
    }

    JsonNode post(final String path, final String kind, final JsonNode body) {
        final String said = ask("POST", path, kind + " POST", "application/json", body.toString());
        return said.isBlank() ? JSON.createObjectNode() : JSON.readTree(said);
    }

    String ask(final String method, final String path, final String kind, final String type, final String body) {
        final HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path));
        if (!type.isEmpty()) {
            request.header("Content-Type", type);
        }
        final HttpRequest.BodyPublisher sent =
                body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        final long begun = System.nanoTime();
        try {
            final HttpResponse<String> answer =
                    http.send(request.method(method, sent).build(), HttpResponse.BodyHandlers.ofString());
            took.computeIfAbsent(kind, any -> Collections.synchronizedList(new ArrayList<>()))
                    .add(new Took(day.getAsInt(), (System.nanoTime() - begun) / 1e6));
            if (answer.statusCode() >= 300) {
                failed.merge(answer.statusCode() + " " + kind, 1, Integer::sum);
                if (answer.statusCode() != STALE) {
                    System.out.printf("%d %s: %s%n", answer.statusCode(), path, answer.body());
                }
                return answer.statusCode() == STALE || answer.statusCode() == REFUSED ? "{}" : answer.body();
            }
            return answer.body();
        } catch (final IOException e) {
            throw new UncheckedIOException(path, e);
        } catch (final InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Prints how they fared. */
    void tell(final int days, final double seconds) {
        System.out.printf(
                "%d days in %.0f s, %d requests, %s%n",
                days, seconds, took.values().stream().mapToInt(List::size).sum(), memory());
        final Map<String, double[]> late = percentiles(each -> each.day() >= days / 2);
        final Map<String, double[]> early = percentiles(each -> each.day() < days / 2);
        late.forEach((kind, of) -> System.out.printf(
                "%-40s median %6.1f ms, 95th percentile %6.1f ms, longest %6.0f ms; in the first half %6.1f ms%n",
                kind, of[0], of[1], of[2], early.getOrDefault(kind, new double[2])[1]));
        System.out.println(failed.isEmpty() ? "nothing failed or was refused" : "refused or failed: " + failed);
    }

    private Map<String, double[]> percentiles(final Function<Took, Boolean> counts) {
        final Map<String, double[]> of = new LinkedHashMap<>();
        new TreeMap<>(took).forEach((kind, all) -> {
            final double[] sorted = all.stream()
                    .filter(counts::apply)
                    .mapToDouble(Took::milliseconds)
                    .sorted()
                    .toArray();
            if (sorted.length > 0) {
                of.put(kind, new double[] {
                    sorted[sorted.length / 2], sorted[sorted.length * 95 / 100], sorted[sorted.length - 1]
                });
            }
        });
        return of;
    }

    /** Heap in use after a collection. */
    static String memory() {
        System.gc();
        return "%.0f MB of heap in use"
                .formatted(
                        ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / MEGABYTE);
    }
}
