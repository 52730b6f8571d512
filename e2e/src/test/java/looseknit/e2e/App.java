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
import looseknit.server.LooseKnit;

/**
 * The application on a free port, with a data directory. Most journeys share this process with it, which is warm after the first of them; the packed one
 * is a process of its own, as people start it.
 */
final class App implements AutoCloseable {

    /** How it runs. */
    private enum How {
        HERE,
        PACKED,
        MEASURED
    }

    private static final Duration LONGEST_START = Duration.ofSeconds(240);
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    /** Where the demo's data lie ready to be copied. */
    private static Path demoData;

    private final Path data;
    private final boolean demo;
    private How how;
    private final int port;
    private AutoCloseable running = () -> {};

    private App(final Path data, final boolean demo, final How how) throws IOException {
        this.data = data;
        this.demo = demo;
        this.how = how;
        try (ServerSocket socket = new ServerSocket(0)) {
            this.port = socket.getLocalPort();
        }
    }

    /** Starts with a store of its own. */
    static App start(final Path data) throws IOException, InterruptedException {
        return new App(data, false, How.HERE).launch();
    }

    /** Starts with the demo's data. */
    static App startDemo(final Path data) throws IOException, InterruptedException {
        copyDemo(data);
        return new App(data, true, How.HERE).launch();
    }

    /** Starts the packed application with a store of its own. */
    static App startPacked(final Path data) throws IOException, InterruptedException {
        return new App(data, false, How.PACKED).launch();
    }

    /** Starts the packed application with the demo's data, compiled as in daily use: slower to start, quicker once it runs. */
    static App startMeasured(final Path data) throws IOException, InterruptedException {
        return new App(data, true, How.MEASURED).launch();
    }

    /** The demo's data are put in once, and copied for each that starts with them: that takes a second instead of half a minute. */
    private static void copyDemo(final Path data) throws IOException, InterruptedException {
        synchronized (HTTP) {
            if (demoData == null) {
                final Path made = Files.createTempDirectory("loose-knit-demo");
                new App(made, true, How.HERE).launch().close();
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

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Ends it and starts it again on the same data; the packed one as one of this process, which is warm. */
    void restart() throws IOException, InterruptedException {
        close();
        how = How.HERE;
        launch();
    }

    @Override
    public void close() {
        try {
            running.close();
        } catch (final Exception e) {
            throw new IllegalStateException("it cannot be ended", e);
        }
    }

    private App launch() throws IOException, InterruptedException {
        final List<String> settings = new ArrayList<>(List.of("--server.port=" + port, "--looseknit.data=" + data));
        if (demo) {
            settings.add("--spring.profiles.active=demo");
        }
        if (how == How.HERE) {
            // a journey opens the pages itself, and others begin beside it
            settings.add("--looseknit.opened-ahead=false");
            running = LooseKnit.start(settings.toArray(String[]::new));
        } else {
            final Process process = process(settings);
            running = () -> end(process);
        }
        return this;
    }

    private Process process(final List<String> settings) throws IOException, InterruptedException {
        final List<String> command = new ArrayList<>(List.of(
                ProcessHandle.current().info().command().orElse("java"),
                "-Xmx256m",
                how == How.MEASURED ? "-XX:+TieredCompilation" : "-XX:TieredStopAtLevel=1",
                "-jar",
                jar()));
        command.addAll(settings);
        final Path log = data.resolve("server.log");
        Files.createDirectories(data);
        final Process process = new ProcessBuilder(command)
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
        return process;
    }

    private static void end(final Process process) {
        process.destroy();
        try {
            process.onExit().get(20, TimeUnit.SECONDS);
        } catch (final TimeoutException | ExecutionException | InterruptedException e) {
            process.destroyForcibly();
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
