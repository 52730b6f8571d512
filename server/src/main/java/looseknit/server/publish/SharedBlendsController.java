package looseknit.server.publish;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.message.Message;
import looseknit.server.frame.Refused;
import looseknit.server.message.Speech;
import looseknit.server.paper.Paper;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Blends that are passed on as small files, texts, codes and sheets of paper, and taken from the first three. */
@RestController
@RequestMapping("/api/shared-blends")
class SharedBlendsController {

    private static final int CODE_PIXELS = 900;
    private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown;charset=UTF-8");

    private final SharedBlends shared;
    private final BlendSheets sheets;
    private final BlendPaper paper;
    private final BlendReader reader;
    private final JsonMapper json;
    private final Speech speech;

    SharedBlendsController(
            final SharedBlends shared,
            final BlendSheets sheets,
            final BlendPaper paper,
            final BlendReader reader,
            final JsonMapper json,
            final Speech speech) {
        this.shared = shared;
        this.sheets = sheets;
        this.paper = paper;
        this.reader = reader;
        this.json = json;
        this.speech = speech;
    }

    /**
     * What taking a blend would do, or has done.
     *
     * @param fresh names of own materials that are new here
     * @param renamed names of own materials that are another here: theirs comes under an id of its own
     */
    record TakenBlendBody(String name, int tests, List<String> fresh, List<String> renamed) {

        static TakenBlendBody of(final SharedBlendBody body, final SharedBlends.Looked looked) {
            final Map<String, String> ids = looked.renamed();
            return new TakenBlendBody(
                    body.name(),
                    body.tests().size(),
                    body.materials().stream()
                            .filter(each -> looked.fresh().contains(ids.getOrDefault(each.id(), each.id())))
                            .map(each -> each.facts().name())
                            .toList(),
                    body.materials().stream()
                            .filter(each -> ids.containsKey(each.id()))
                            .map(each -> each.facts().name())
                            .toList());
        }
    }

    /** A blend that is taken; the id is made by the caller. */
    record TakeBlendBody(@NotNull UUID id, @NotNull @Valid SharedBlendBody blend) {}

    /** A blend as a file to pass on. */
    @GetMapping("/{id}")
    ResponseEntity<SharedBlendBody> share(@PathVariable final UUID id) {
        final SharedBlendBody body = shared.share(id);
        return named(body, ".blend.json").body(body);
    }

    /** The same as a text to publish, in Markdown; it is read again. */
    @GetMapping(value = "/{id}/text.md", produces = "text/markdown")
    ResponseEntity<String> text(@PathVariable final UUID id) {
        final SharedBlendBody body = shared.share(id);
        return named(body, ".md").contentType(MARKDOWN).body(BlendMarkdown.write(sheets.of(id, body)));
    }

    /** The same as a HowTo of schema.org, to lay into a page. */
    @GetMapping(value = "/{id}/how-to.jsonld", produces = "application/ld+json")
    ResponseEntity<byte[]> howTo(@PathVariable final UUID id) {
        final SharedBlendBody body = shared.share(id);
        return named(body, ".jsonld")
                .contentType(MediaType.parseMediaType("application/ld+json"))
                .body(json.writerWithDefaultPrettyPrinter()
                        .writeValueAsBytes(BlendHowTo.of(sheets.of(id, body), speech.wording())));
    }

    /** The same as a picture of a code, which another house takes in. */
    @GetMapping(value = "/{id}/code.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> code(@PathVariable final UUID id) {
        final SharedBlendBody body = shared.share(id);
        final String text = code(body);
        if (text.isEmpty()) {
            throw new Refused(
                    "Too much for a code",
                    "This blend with its own materials is more than a code holds. Pass it on as a file.");
        }
        return named(body, ".png").contentType(MediaType.IMAGE_PNG).body(Paper.qrPng(text, CODE_PIXELS));
    }

    /** The same on a sheet to hang up, with the code on it. */
    @GetMapping(value = "/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(@PathVariable final UUID id, @RequestParam(defaultValue = "A4") final String size) {
        final SharedBlendBody body = shared.share(id);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(file(body) + ".pdf")
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_PDF)
                .body(paper.of(sheets.of(id, body), Paper.Size.named(size), code(body)));
    }

    /** What the code says: without the tests where it would be too much with them; empty where it is too much all the same. */
    private String code(final SharedBlendBody body) {
        return Stream.of(body, body.withoutTests())
                .map(each -> BlendCode.text(json.writeValueAsBytes(each)))
                .filter(text -> text.length() <= BlendCode.MOST_LETTERS)
                .findFirst()
                .orElse("");
    }

    private static ResponseEntity.BodyBuilder named(final SharedBlendBody body, final String ending) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(file(body) + ending)
                                .build()
                                .toString());
    }

    private static String file(final SharedBlendBody body) {
        return body.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /**
     * A blend that was read from a text or a picture; nothing is stored.
     *
     * @param notes what was taken for granted
     */
    record ReadBlendBody(SharedBlendBody blend, TakenBlendBody taken, List<Message> notes) {}

    /** Reads a blend from a text in Markdown. */
    @PostMapping(value = "/read", consumes = "text/markdown")
    ReadBlendBody read(@RequestBody final byte[] text) {
        return looked(reader.text(new String(text, StandardCharsets.UTF_8)));
    }

    /** Reads a blend from a picture of its code. */
    @PostMapping(
            value = "/read",
            consumes = {MediaType.IMAGE_PNG_VALUE, MediaType.IMAGE_JPEG_VALUE})
    ReadBlendBody readPicture(@RequestBody final byte[] picture) {
        return looked(reader.picture(picture));
    }

    private ReadBlendBody looked(final BlendReader.Found found) {
        return new ReadBlendBody(
                found.blend(), TakenBlendBody.of(found.blend(), shared.look(found.blend())), found.notes());
    }

    /** What taking it would do; nothing is stored. */
    @PostMapping("/look")
    TakenBlendBody look(@RequestBody @Valid final SharedBlendBody body) {
        return TakenBlendBody.of(body, shared.look(body));
    }

    /** Takes it. */
    @PostMapping("/take")
    TakenBlendBody take(@RequestBody @Valid final TakeBlendBody body) {
        return TakenBlendBody.of(body.blend(), shared.take(body.id(), body.blend()));
    }
}
