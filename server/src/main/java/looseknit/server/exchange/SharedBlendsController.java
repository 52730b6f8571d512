package looseknit.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Blends that are passed on as small files, and taken from them. */
@RestController
@RequestMapping("/api/shared-blends")
class SharedBlendsController {

    private final SharedBlends shared;

    SharedBlendsController(final SharedBlends shared) {
        this.shared = shared;
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
        final String name = body.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".blend.json")
                                .build()
                                .toString())
                .body(body);
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
