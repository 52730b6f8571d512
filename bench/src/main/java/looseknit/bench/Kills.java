package looseknit.bench;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;

/** Kills the server again and again while it is written to, and looks after each kill whether all that it had answered is there. */
public final class Kills {

    private static final int ROUNDS = 200;
    private static final int WRITERS = 4;
    private static final int LEAST_MS = 400;
    private static final int MOST_MS = 1600;
    private static final List<String> MACHINE = List.of("-Xmx512m", "-XX:TieredStopAtLevel=1");
    private static final String BLEND = """
            {"id":"%s","name":"Written %d","brief":{"stage":"ESTABLISHED"},
             "recipe":{"measure":"PARTS","parts":[{"materialId":"peat","amount":2},{"materialId":"perlite_coarse","amount":1}],"doses":[]}}""";

    private Kills() {}

    /**
     * Runs the measurement.
     *
     * @param args path of the packed server; how many kills, if others
     */
    public static void main(final String[] args) throws IOException, InterruptedException {
        final int rounds = args.length > 1 ? Integer.parseInt(args[1]) : ROUNDS;
        final Path data = Files.createTempDirectory("loose-knit-kills");
        final Random random = new Random(7);
        final List<UUID> all = new ArrayList<>();
        int lost = 0;
        int failed = 0;
        for (int round = 0; round < rounds; round++) {
            final Queue<UUID> acknowledged = new ConcurrentLinkedQueue<>();
            final AtomicInteger others = new AtomicInteger();
            try (RunningServer server = RunningServer.start(args[0], data, MACHINE, List.of())) {
                lost += missing(server, all.subList(Math.max(0, all.size() - 2000), all.size()));
                final List<Thread> writers = new ArrayList<>();
                for (int i = 0; i < WRITERS; i++) {
                    final Thread writer = new Thread(() -> write(server, acknowledged, others), "writer-" + i);
                    writer.setDaemon(true);
                    writer.start();
                    writers.add(writer);
                }
                Thread.sleep(LEAST_MS + random.nextInt(MOST_MS - LEAST_MS));
                server.kill();
                for (final Thread writer : writers) {
                    writer.join();
                }
            }
            failed += others.get();
            all.addAll(acknowledged);
            System.out.printf(
                    "%d kills, %d writes acknowledged, %d lost, %d refused%n", round + 1, all.size(), lost, failed);
        }
        try (RunningServer server = RunningServer.start(args[0], data, MACHINE, List.of())) {
            lost = missing(server, all);
        }
        System.out.printf("in the end: %d kills, %d writes acknowledged, %d lost%n", rounds, all.size(), lost);
    }

    private static void write(final RunningServer server, final Queue<UUID> acknowledged, final AtomicInteger others) {
        for (int i = 0; ; i++) {
            final UUID id = UUID.randomUUID();
            try {
                final HttpResponse<String> answer = server.post("/api/blends", BLEND.formatted(id, i));
                if (answer.statusCode() == 200) {
                    acknowledged.add(id);
                } else {
                    others.incrementAndGet();
                }
            } catch (final IOException killed) {
                return;
            } catch (final InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private static int missing(final RunningServer server, final List<UUID> ids)
            throws IOException, InterruptedException {
        int missing = 0;
        for (final UUID id : ids) {
            missing += server.get("/api/blends/" + id).statusCode() == 200 ? 0 : 1;
        }
        return missing;
    }
}
