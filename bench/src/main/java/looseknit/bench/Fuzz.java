package looseknit.bench;

import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Sends every operation of the server's document what nobody should send: values of the wrong kind, nothing where something is wanted, nulls in
 * lists, numbers without measure, texts without end. Counts what was answered; none may be a failure of the server, and each refusal is a sentence.
 */
public final class Fuzz {

    private static final int REQUESTS = 20_000;
    private static final int DEEPEST = 7;
    private static final int LONGEST_ANSWER_TO_WRONG = 4000;
    private static final List<String> MACHINE = List.of("-Xmx512m");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern PLACE = Pattern.compile("[{]([^}]+)[}]");

    private final JsonNode document;
    private final Random random;
    private final List<String> ids;

    private Fuzz(final JsonNode document, final Random random, final List<String> ids) {
        this.document = document;
        this.random = random;
        this.ids = ids;
    }

    /**
     * Runs it.
     *
     * @param args path of the packed server, path of the document; how many requests and the seed, if others
     */
    public static void main(final String[] args) throws IOException, InterruptedException {
        final int requests = args.length > 2 ? Integer.parseInt(args[2]) : REQUESTS;
        final long seed = args.length > 3 ? Long.parseLong(args[3]) : 1;
        final Path data = Files.createTempDirectory("loose-knit-fuzz");
        final JsonNode document = JSON.readTree(Files.readString(Path.of(args[1])));
        final Map<Integer, Integer> answers = new TreeMap<>();
        int failures = 0;
        int silent = 0;
        int loud = 0;
        try (RunningServer server =
                RunningServer.start(args[0], data, MACHINE, List.of("--spring.profiles.active=demo"))) {
            final Fuzz fuzz = new Fuzz(document, new Random(seed), ids(server));
            final List<Map.Entry<String, String>> operations = fuzz.operations();
            for (int i = 0; i < requests; i++) {
                final Map.Entry<String, String> operation = operations.get(i % operations.size());
                final String path = fuzz.path(operation.getValue(), operation.getKey());
                final String body = fuzz.body(operation.getValue(), operation.getKey());
                final HttpResponse<String> answer = server.send(operation.getKey(), path, body);
                answers.merge(answer.statusCode(), 1, Integer::sum);
                if (answer.statusCode() >= 500) {
                    failures++;
                    report(operation, path, body, answer);
                } else if (answer.statusCode() >= 400) {
                    if (!answer.body().contains("\"detail\":\"")
                            && !operation.getKey().equals("HEAD")) {
                        silent++;
                        report(operation, path, body, answer);
                    }
                    if (answer.body().length() > LONGEST_ANSWER_TO_WRONG && answer.statusCode() != 409) {
                        loud++;
                        report(operation, path, body, answer);
                    }
                }
            }
        }
        report("%d requests to the operations of the document, seed %d: %s%n", requests, seed, answers);
        report(
                "%d failures of the server, %d refusals without a sentence, %d longer than %d characters%n",
                failures, silent, loud, LONGEST_ANSWER_TO_WRONG);
    }

    private static void report(
            final Map.Entry<String, String> operation,
            final String path,
            final String body,
            final HttpResponse<String> answer) {
        report(
                "%d %s %s%n  sent %s%n  got  %s%n",
                answer.statusCode(), operation.getKey(), shortened(path), shortened(body), shortened(answer.body()));
    }

    @SuppressWarnings("SystemOut")
    private static void report(final String words, final Object... values) {
        System.out.printf(words, values);
    }

    private static String shortened(final String text) {
        return text.length() > 600 ? text.substring(0, 600) + "..." : text;
    }

    /** Ids of what the demo holds, so that requests also meet what is there. */
    private static List<String> ids(final RunningServer server) throws IOException, InterruptedException {
        final List<String> found = new ArrayList<>();
        for (final String list :
                List.of("/api/blends", "/api/batches", "/api/pottings", "/api/shelf/lots", "/api/own-materials")) {
            final Matcher ids = Pattern.compile("\"id\":\"([^\"]+)\"")
                    .matcher(server.get(list).body());
            for (int i = 0; i < 20 && ids.find(); i++) {
                found.add(ids.group(1));
            }
        }
        return found;
    }

    private List<Map.Entry<String, String>> operations() {
        final List<Map.Entry<String, String>> found = new ArrayList<>();
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(method -> {
                    // putting a backup back ends the server, which is what it is for; streams stay open for minutes
                    if (!path.getKey().endsWith("/backups/{name}/restore")
                            && !path.getKey().endsWith("/backups")
                            && !path.getKey().endsWith("/events")) {
                        found.add(Map.entry(method.getKey().toUpperCase(Locale.ROOT), path.getKey()));
                    }
                }));
        return found;
    }

    private JsonNode operation(final String path, final String method) {
        return document.get("paths").get(path).get(method.toLowerCase(Locale.ROOT));
    }

    private String path(final String path, final String method) {
        final StringBuilder made = new StringBuilder(PLACE.matcher(path)
                .replaceAll(place ->
                        Matcher.quoteReplacement(URLEncoder.encode(id().replace("/", ""), StandardCharsets.UTF_8))));
        char next = '?';
        for (final JsonNode parameter : operation(path, method).path("parameters")) {
            if ("query".equals(parameter.path("in").asString()) && random.nextInt(4) > 0) {
                final JsonNode value = value(parameter.path("schema"), 0);
                made.append(next)
                        .append(parameter.get("name").asString())
                        .append('=')
                        .append(URLEncoder.encode(
                                value.isString() ? value.asString() : value.toString(), StandardCharsets.UTF_8));
                next = '&';
            }
        }
        return made.toString();
    }

    private String id() {
        return switch (random.nextInt(5)) {
            case 0 -> UUID.randomUUID().toString();
            case 1 -> hostileText();
            default -> ids.get(random.nextInt(ids.size()));
        };
    }

    private String body(final String path, final String method) {
        final JsonNode content = operation(path, method).path("requestBody").path("content");
        final JsonNode schema = content.path("application/json").path("schema");
        return schema.isMissingNode() ? "" : value(schema, 0).toString();
    }

    /** A value as the schema has it, or now and then one as it has not. */
    private JsonNode value(final JsonNode schema, final int depth) {
        if (random.nextInt(14) == 0) {
            return hostile(depth);
        }
        final JsonNode reference = schema.get("$ref");
        if (reference != null) {
            final String name = reference.asString();
            return value(
                    document.get("components").get("schemas").get(name.substring(name.lastIndexOf('/') + 1)), depth);
        }
        if (schema.has("enum")) {
            final JsonNode names = schema.get("enum");
            return names.get(random.nextInt(names.size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "object" -> object(schema, depth);
            case "array" -> array(schema, depth);
            case "integer" -> JSON.getNodeFactory().numberNode(random.nextInt(12));
            case "number" -> JSON.getNodeFactory().numberNode(Math.round(random.nextDouble() * 4000) / 100.0);
            case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            default -> text(schema);
        };
    }

    private JsonNode text(final JsonNode schema) {
        return JSON.getNodeFactory()
                .stringNode(
                        switch (schema.path("format").asString("")) {
                            case "uuid" ->
                                random.nextBoolean()
                                        ? UUID.randomUUID().toString()
                                        : ids.get(random.nextInt(ids.size()));
                            case "date" -> "2026-0%d-1%d".formatted(1 + random.nextInt(9), random.nextInt(9));
                            default ->
                                List.of("peat", "perlite_coarse", "dolomite", "peace_lily", "landing", "a note")
                                        .get(random.nextInt(6));
                        });
    }

    private ObjectNode object(final JsonNode schema, final int depth) {
        final ObjectNode made = JSON.createObjectNode();
        if (depth < DEEPEST) {
            schema.path("properties").properties().forEach(property -> {
                if (random.nextInt(6) > 0) {
                    made.set(property.getKey(), value(property.getValue(), depth + 1));
                }
            });
        }
        return made;
    }

    private ArrayNode array(final JsonNode schema, final int depth) {
        final ArrayNode made = JSON.createArrayNode();
        final int length = random.nextInt(40) == 0 ? 200 : random.nextInt(4);
        for (int i = 0; i < length && depth < DEEPEST; i++) {
            made.add(value(schema.path("items"), depth + 1));
        }
        return made;
    }

    private JsonNode hostile(final int depth) {
        final var nodes = JSON.getNodeFactory();
        return switch (random.nextInt(11)) {
            case 0 -> nodes.nullNode();
            case 1 -> nodes.numberNode(-1);
            case 2 -> nodes.numberNode(1e308);
            case 3 -> nodes.numberNode(Long.MAX_VALUE);
            case 4 -> nodes.numberNode(-0.0000001);
            case 5 -> nodes.booleanNode(true);
            case 6 -> JSON.createArrayNode().add(nodes.nullNode());
            case 7 -> JSON.createObjectNode().put("x", depth);
            case 8 -> nodes.stringNode("9".repeat(400));
            default -> nodes.stringNode(hostileText());
        };
    }

    private String hostileText() {
        return switch (random.nextInt(8)) {
            case 0 -> "";
            case 1 -> "x".repeat(5000);
            case 2 -> "../../etc/passwd";
            case 3 -> "<script>alert(1)</script>";
            case 4 -> "\u0000\u0007\u202e";
            case 5 -> "=1+1";
            case 6 -> "' OR 1=1 --";
            default -> "\ud83e\udeb4 %s %n ${x} #{x}";
        };
    }
}
