package looseknit.bench;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

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
        final Path data = Files.createTempDirectory("loose-knit-bench");
        try (RunningServer server =
                RunningServer.start(args[0], data, List.of("-Xmx256m", "-XX:TieredStopAtLevel=1"), List.of())) {
            System.out.printf("start-up: %.1f s%n", server.startedSeconds());
            measure(server);
            System.out.println(server.memory());
        }
    }

    private static void measure(final RunningServer server) throws IOException, InterruptedException {
        final double[] milliseconds = new double[CALLS];
        for (int call = -WARM_UP; call < CALLS; call++) {
            final long before = System.nanoTime();
            final HttpResponse<String> response = server.post("/api/evaluate", BODY);
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
}
