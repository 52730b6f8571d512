package looseknit.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import looseknit.core.material.Material;
import looseknit.core.material.SoilTexture;
import looseknit.core.measure.Allowed;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.sheet.MaterialSheet;
import looseknit.server.frame.Books;
import looseknit.server.frame.FieldWords;
import looseknit.server.material.ConstituentBody;
import looseknit.server.material.SheetLineBody;
import looseknit.server.message.Speech;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Own materials over HTTP. */
@RestController
@RequestMapping("/api/own-materials")
class OwnMaterialsController {

    private final OwnMaterials own;
    private final Books books;
    private final Speech speech;
    private final FieldWords fieldWords;

    OwnMaterialsController(
            final OwnMaterials own, final Books books, final Speech speech, final FieldWords fieldWords) {
        this.own = own;
        this.books = books;
        this.speech = speech;
        this.fieldWords = fieldWords;
    }

    /**
     * An own material as it is stored.
     *
     * @param problem what keeps it from being worked out; null where nothing does
     */
    record OwnMaterialBody(
            String id,
            long revision,
            OwnMaterialFacts facts,
            @Nullable Message problem) {}

    /** An own material to store or to look at; the id is made by the caller and begins with own_. */
    record NewOwnBody(@NotNull String id, @NotNull @Valid OwnMaterialFacts facts) {}

    /** A changed own material. */
    record ChangedOwnBody(long revision, @NotNull @Valid OwnMaterialFacts facts) {}

    /** What a jar has shown, in per cent. */
    record TextureBody(Message words, double sandPercent, double siltPercent, double clayPercent, boolean heavy) {}

    /** What the facts come to. */
    record PreviewBody(
            Message grade,
            Message does,
            List<SheetLineBody> figures,
            List<ConstituentBody> constituents,
            @Nullable TextureBody texture) {}

    @GetMapping
    List<OwnMaterialBody> all() {
        final Map<String, OutOfRangeException> problems = own.problems();
        return own.all().stream()
                .map(each -> body(each, Optional.ofNullable(problems.get(each.id()))))
                .toList();
    }

    @PostMapping
    void add(@RequestBody @Valid final NewOwnBody body) {
        own.add(body.id(), body.facts());
    }

    @PutMapping("/{id}")
    void change(@PathVariable final String id, @RequestBody @Valid final ChangedOwnBody body) {
        own.change(id, body.revision(), body.facts());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable final String id) {
        own.remove(id);
    }

    @PostMapping("/{id}/restore")
    void restore(@PathVariable final String id) {
        own.restore(id);
    }

    /** What the facts come to, without storing anything. */
    @PostMapping("/preview")
    PreviewBody preview(@RequestBody @Valid final NewOwnBody body) {
        final Material material = own.preview(body.id(), body.facts());
        return new PreviewBody(
                material.grade(),
                material.advice().does(),
                MaterialSheet.of(material).stream()
                        .map(line -> SheetLineBody.of(line, speech.system()))
                        .toList(),
                ConstituentBody.of(material, books.materials()),
                body.facts().soil() == null ? null : texture(body.facts().soil()));
    }

    private static TextureBody texture(final OwnMaterialFacts.SoilBody soil) {
        final SoilTexture texture = OwnMaterialBuilder.jar(soil).texture();
        return new TextureBody(
                texture.textureClass().words(),
                100 * texture.sand(),
                100 * texture.silt(),
                100 * texture.clay(),
                texture.heavy());
    }

    static OwnMaterialBody body(final StoredOwnMaterial stored) {
        return new OwnMaterialBody(stored.id(), stored.revision(), stored.facts(), null);
    }

    private OwnMaterialBody body(final StoredOwnMaterial stored, final Optional<OutOfRangeException> problem) {
        return new OwnMaterialBody(
                stored.id(),
                stored.revision(),
                stored.facts(),
                problem.map(wrong ->
                                Allowed.SENTENCE.with(fieldWords.of(wrong.field()), wrong.value(), wrong.allowed()))
                        .orElse(null));
    }
}
