package looseknit.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The packed server, started on a free port with its data in some folder. */
final class RunningServer implements AutoCloseable {

    private static final int WAIT_MS = 50;

    private final Process process;
    private final HttpClient http = HttpClient.newHttpClient();
    private final String address;
    private final double startedSeconds;

    private RunningServer(final Process process, final String address) throws IOException, InterruptedException {
        this.process = process;
        this.address = address;
        final long started = System.nanoTime();
        while (!healthy()) {
            if (!process.isAlive()) {
                throw new IllegalStateException("the server did not start");
            }
            Thread.sleep(WAIT_MS);
        }
        this.startedSeconds = (System.nanoTime() - started) / 1e9;
    }

    /**
     * Starts it, and waits until it answers.
     *
     * @param options options of the virtual machine
     * @param arguments further arguments
     */
    static RunningServer start(
            final String jar, final Path data, final List<String> options, final List<String> arguments)
            throws IOException, InterruptedException {
        final int port;
        try (ServerSocket socket = new ServerSocket(0)) {
            port = socket.getLocalPort();
        }
        final List<String> command = new ArrayList<>(List.of("java"));
        command.addAll(options);
        command.addAll(List.of("-jar", jar, "--server.port=" + port, "--looseknit.data=" + data));
        command.addAll(arguments);
        return new RunningServer(
                new ProcessBuilder(command)
                        .redirectErrorStream(true)
                        .redirectOutput(data.resolve("server.log").toFile())
                        .start(),
                "http://127.0.0.1:" + port);
    }

    /** How long it took to start [s]. */
    double startedSeconds() {
        return startedSeconds;
    }

    /** What it answers to a question. */
    HttpResponse<String> get(final String path) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** What it answers to something that is sent. */
    HttpResponse<String> post(final String path, final String json) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** What it answers to any request; without a body where that is empty. */
    HttpResponse<String> send(final String method, final String path, final String json)
            throws IOException, InterruptedException {
        final HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path));
        if (!json.isEmpty()) {
            request.header("Content-Type", "application/json");
        }
        return http.send(
                request.method(
                                method,
                                json.isEmpty()
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Keeps what it answers in a file. */
    void download(final String path, final Path file) throws IOException, InterruptedException {
        http.send(HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofFile(file));
    }

    /** Sends it a file of a kind. */
    HttpResponse<String> upload(final String path, final String kind, final Path file)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", kind)
                        .POST(HttpRequest.BodyPublishers.ofFile(file))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private boolean healthy() throws InterruptedException {
        try {
            return get("/actuator/health").statusCode() == 200;
        } catch (final IOException notYet) {
            return false;
        }
    }

    /** Memory that it holds, and the most that it held [MiB]. */
    String memory() throws IOException {
        return "resident %s MiB, at most %s MiB".formatted(status("VmRSS"), status("VmHWM"));
    }

    private String status(final String key) throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(line -> line.startsWith(key))
                .map(line -> line.replaceAll("\\D+", ""))
                .map(kilobytes -> String.valueOf(Long.parseLong(kilobytes) / 1024))
                .findFirst()
                .orElse("?");
    }

    /** Ends it as a failing machine would. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
