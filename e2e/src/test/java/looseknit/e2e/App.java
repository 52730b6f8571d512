package looseknit.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;

/** The packed application as a process of its own, on a free port, with a data directory. */
final class App implements AutoCloseable {

    private static final Duration LONGEST_START = Duration.ofSeconds(240);
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    /** Where the demo's data lie ready to be copied. */
    private static Path demoData;

    private final Path data;
    private final boolean demo;
    private final boolean measured;
    private final int port;
    private Process process;

    private App(final Path data, final boolean demo, final boolean measured) throws IOException {
        this.data = data;
        this.demo = demo;
        this.measured = measured;
        try (ServerSocket socket = new ServerSocket(0)) {
            this.port = socket.getLocalPort();
        }
    }

    /** Starts with a store of its own. */
    static App start(final Path data) throws IOException, InterruptedException {
        final App app = new App(data, false, false);
        app.launch();
        return app;
    }

    /** Starts with the demo's data. */
    static App startDemo(final Path data) throws IOException, InterruptedException {
        copyDemo(data);
        final App app = new App(data, true, false);
        app.launch();
        return app;
    }

    /** The demo's data are put in once, and copied for each that starts with them: that takes a second instead of half a minute. */
    private static void copyDemo(final Path data) throws IOException, InterruptedException {
        synchronized (HTTP) {
            if (demoData == null) {
                final Path made = Files.createTempDirectory("loose-knit-demo");
                final App first = new App(made, true, false);
                first.launch();
                first.close();
                demoData = made;
            }
        }
        Files.createDirectories(data);
        try (Stream<Path> files = Files.walk(demoData)) {
            for (final Path file : files.filter(Files::isRegularFile).toList()) {
                final Path copy = data.resolve(demoData.relativize(file).toString());
                Files.createDirectories(copy.getParent());
                Files.copy(file, copy);
            }
        }
    }

    /** Starts with the demo's data and compiles as in daily use: slower to start, quicker once it runs. */
    static App startMeasured(final Path data) throws IOException, InterruptedException {
        final App app = new App(data, true, true);
        app.launch();
        return app;
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Ends the process and starts it again on the same data. */
    void restart() throws IOException, InterruptedException {
        close();
        launch();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.onExit().get(20, TimeUnit.SECONDS);
        } catch (final TimeoutException | ExecutionException | InterruptedException e) {
            process.destroyForcibly();
        }
    }

    private void launch() throws IOException, InterruptedException {
        final List<String> command = new ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElse("java"),
                "-Xmx256m",
                measured ? "-XX:+TieredCompilation" : "-XX:TieredStopAtLevel=1",
                "-XX:SharedArchiveFile=" + Path.of(jar()).resolveSibling("app.jsa"),
                "-Xshare:auto",
                "-Xlog:cds=off",
                "-Xlog:class+path=off",
                "-jar",
                jar(),
                "--server.port=" + port,
                "--looseknit.data=" + data));
        if (demo) {
            command.add("--spring.profiles.active=demo");
        }
        final Path log = data.resolve("server.log");
        Files.createDirectories(data);
        process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                .start();
        final long until = System.nanoTime() + LONGEST_START.toNanos();
        while (!ready()) {
            if (!process.isAlive() || System.nanoTime() > until) {
                throw new IllegalStateException("the server did not start:\n" + Files.readString(log));
            }
            Thread.sleep(250);
        }
    }

    private static String jar() {
        return System.getProperty("looseknit.jar");
    }

    private boolean ready() throws InterruptedException {
        try {
            return HTTP.send(
                                    HttpRequest.newBuilder(URI.create(address() + "/actuator/health"))
                                            .build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (final IOException notYet) {
            return false;
        }
    }
}
