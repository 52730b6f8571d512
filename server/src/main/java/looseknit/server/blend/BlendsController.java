package looseknit.server.blend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.caution.Caution;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Plant;
import looseknit.core.reading.Evaluation;
import looseknit.core.reading.Evaluator;
import looseknit.server.frame.Books;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.EvaluationBody;
import looseknit.server.reading.EvaluationBody.ReadingBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
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

/** Blends over HTTP. */
@RestController
@RequestMapping("/api/blends")
class BlendsController {

    private final Books books;
    private final Blends blends;
    private final KnownSource knownSource;

    BlendsController(final Books books, final Blends blends, final KnownSource knownSource) {
        this.books = books;
        this.blends = blends;
        this.knownSource = knownSource;
    }

    /** A blend to store; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewBlendBody(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull @Valid BriefBody brief,
            @NotNull @Valid RecipeBody recipe) {}

    /** A changed blend. */
    record ChangedBlendBody(
            long revision,
            @NotNull String name,
            @NotNull @Valid BriefBody brief,
            @NotNull @Valid RecipeBody recipe) {}

    /** Ids of all stops that are set aside. */
    record AcceptedBody(@NotNull @Size(max = 40) List<@NotNull String> ruleIds) {}

    /** A note to keep a version with. */
    record KeepBody(@NotNull String note) {}

    /** A kept version. */
    record VersionBody(
            UUID blendId, int number, String name, String note, BriefBody brief, RecipeBody recipe, Instant keptAt) {

        static VersionBody of(final BlendVersion version) {
            return new VersionBody(
                    version.blendId(),
                    version.number(),
                    version.name(),
                    version.note(),
                    version.brief(),
                    version.recipe(),
                    version.keptAt());
        }
    }

    /** A blend in the swatch book, with what it would read; readings are empty while nothing can be read. */
    record BlendCardBody(
            BlendBody blend,
            @Nullable String plantName,
            List<Double> shares,
            @Nullable String headline,
            boolean fits,
            List<ReadingBody> readings,
            List<StopBody> stops) {}

    /** A stop against a blend, and whether it was knowingly set aside. */
    record StopBody(String id, String why, boolean accepted) {}

    @GetMapping
    List<BlendCardBody> all() {
        return blends.all().stream().map(this::card).toList();
    }

    @PostMapping
    BlendBody create(@RequestBody @Valid final NewBlendBody body) {
        return body(blends.create(body.id(), body.name(), body.brief(), body.recipe()));
    }

    @GetMapping("/{id}")
    BlendBody get(@PathVariable final UUID id) {
        return body(blends.get(id));
    }

    @PutMapping("/{id}")
    BlendBody change(@PathVariable final UUID id, @RequestBody @Valid final ChangedBlendBody body) {
        return body(blends.change(id, body.revision(), body.name(), body.brief(), body.recipe()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable final UUID id) {
        blends.delete(id);
    }

    @PostMapping("/{id}/restore")
    BlendBody restore(@PathVariable final UUID id) {
        return body(blends.restore(id));
    }

    /** Stops to set aside knowingly; the whole list, so that leaving one out takes it back. */
    @PutMapping("/{id}/accepted")
    BlendBody accept(@PathVariable final UUID id, @RequestBody @Valid final AcceptedBody body) {
        return body(blends.accept(id, body.ruleIds()));
    }

    @GetMapping("/{id}/versions")
    List<VersionBody> versions(@PathVariable final UUID id) {
        return blends.versions(id).stream().map(VersionBody::of).toList();
    }

    @PostMapping("/{id}/versions")
    VersionBody keep(@PathVariable final UUID id, @RequestBody @Valid final KeepBody body) {
        return VersionBody.of(blends.keep(id, body.note()));
    }

    private BlendBody body(final Blend blend) {
        return BlendBody.of(blend, blends.latest(blend.id()));
    }

    private static List<StopBody> stops(final Blend blend, final Evaluation evaluation) {
        return evaluation.cautions().stream()
                .filter(each -> each.level() == Caution.Level.STOP)
                .map(each ->
                        new StopBody(each.id(), each.why(), blend.accepted().contains(each.id())))
                .toList();
    }

    private BlendCardBody card(final Blend blend) {
        final @Nullable String plantName = Optional.ofNullable(blend.brief().plantId())
                .flatMap(books.plants()::plant)
                .map(Plant::name)
                .orElse(null);
        try {
            final Evaluation evaluation = Evaluator.evaluate(
                    blend.recipe().toCore(books),
                    blend.brief().toCore(books),
                    knownSource.known(blend.id(), blend.recipe()));
            final EvaluationBody read = EvaluationBody.of(evaluation);
            return new BlendCardBody(
                    body(blend),
                    plantName,
                    read.shares(),
                    read.headline(),
                    read.fits(),
                    read.readings(),
                    stops(blend, evaluation));
        } catch (final OutOfRangeException nothingToRead) {
            return new BlendCardBody(body(blend), plantName, List.of(), null, false, List.of(), List.of());
        }
    }
}
