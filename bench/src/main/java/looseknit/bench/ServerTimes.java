package looseknit.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** Starts the packed server and prints its start-up time, its memory and the times of 1,000 evaluations. */
public final class ServerTimes {

    private static final int WARM_UP = 500;
    private static final int CALLS = 1000;
    private static final String BODY = """
            {"recipe":{"measure":"PARTS","doses":[{"amendmentId":"dolomite","gPerL":1.5}],"parts":[
              {"materialId":"orch_med","amount":4},{"materialId":"coir_pith","amount":2},{"materialId":"perlite_coarse","amount":2},
              {"materialId":"charcoal_coarse","amount":1},{"materialId":"castings","amount":1}]},
             "brief":{"plantId":"velvet_anthurium","stage":"ESTABLISHED",
              "pot":{"shape":"ROUND","topCm":14,"bottomCm":10.5,"heightCm":13,"wall":"PLASTIC","base":"ON_FEET","baseCm":0,"layerCm":0},
              "place":{"name":"cellar","temperatureC":18,"humidityPercent":75,"light":"DIM","draught":"STILL"},
              "habit":{"everyDays":9,"amount":"THOROUGHLY","hand":"STEADY","water":"RAIN"}}}""";

    private ServerTimes() {}

    /**
     * Runs the measurement.
     *
     * @param args path of the packed server
     */
    public static void main(final String[] args) throws IOException, InterruptedException {
        final int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        final Path data = Files.createTempDirectory("loose-knit-bench");
        final long started = System.nanoTime();
        final Process server = new ProcessBuilder(
                        "java",
                        "-Xmx256m",
                        "-XX:TieredStopAtLevel=1",
                        "-jar",
                        args[0],
                        "--server.port=" + port,
                        "--looseknit.data=" + data)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("server.log").toFile())
                .start();
        try {
            final HttpClient http = HttpClient.newHttpClient();
            final String address = "http://127.0.0.1:" + port;
            while (!healthy(http, address)) {
                Thread.sleep(50);
            }
            System.out.printf("start-up: %.1f s%n", (System.nanoTime() - started) / 1e9);
            measure(http, address);
            System.out.printf("resident memory: %s%n", residentMemory(server.pid()));
        } finally {
            server.destroy();
            server.waitFor();
        }
    }

    private static void measure(final HttpClient http, final String address) throws IOException, InterruptedException {
        final double[] milliseconds = new double[CALLS];
        for (int call = -WARM_UP; call < CALLS; call++) {
            final long before = System.nanoTime();
            final HttpResponse<String> response = http.send(
                    HttpRequest.newBuilder(URI.create(address + "/api/evaluate"))
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(BODY))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(response.body());
            }
            if (call >= 0) {
                milliseconds[call] = (System.nanoTime() - before) / 1e6;
            }
        }
        Arrays.sort(milliseconds);
        System.out.printf(
                "/api/evaluate, five materials, %d calls after %d to warm up: median %.2f ms, 95th percentile %.2f ms%n",
                CALLS, WARM_UP, milliseconds[CALLS / 2], milliseconds[CALLS * 95 / 100]);
    }

    private static boolean healthy(final HttpClient http, final String address) throws InterruptedException {
        try {
            return http.send(
                                    HttpRequest.newBuilder(URI.create(address + "/actuator/health"))
                                            .build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (final IOException notYet) {
            return false;
        }
    }

    private static String residentMemory(final long pid) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS"))
                .map(line -> line.replaceAll("\\D+", ""))
                .map(kilobytes -> Long.parseLong(kilobytes) / 1024 + " MiB")
                .findFirst()
                .orElse("unknown");
    }
}
