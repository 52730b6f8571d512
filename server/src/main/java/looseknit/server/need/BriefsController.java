package looseknit.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.measure.Require;
import looseknit.server.frame.Books;
import looseknit.server.frame.Seen;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Briefs that are kept under a name. */
@RestController
@RequestMapping("/api/briefs")
class BriefsController {

    private static final int LONGEST_NAME = 120;

    private final Books books;
    private final SavedBriefs briefs;
    private final BriefsKept kept;
    private final Clock clock;

    BriefsController(final Books books, final SavedBriefs briefs, final BriefsKept kept, final Clock clock) {
        this.books = books;
        this.briefs = briefs;
        this.kept = kept;
        this.clock = clock;
    }

    /** A brief with its name, and how it stands. */
    record SavedBriefBody(UUID id, long revision, String name, BriefBody brief) {

        static SavedBriefBody of(final SavedBrief saved) {
            return new SavedBriefBody(saved.id(), saved.revision(), saved.name(), saved.brief());
        }
    }

    /**
     * A brief to keep.
     *
     * @param revision how the brief stood that is written over; null for a new one
     */
    record KeepBriefBody(
            @Nullable Long revision,
            @NotNull String name,
            @NotNull @Valid BriefBody brief) {}

    @GetMapping
    @Transactional(readOnly = true)
    List<SavedBriefBody> briefs() {
        return briefs.findByRemovedAtIsNullOrderByName().stream()
                .map(SavedBriefBody::of)
                .toList();
    }

    /** Keeps a brief; one of the same name is written over, if it is the one that was seen. */
    @PutMapping("/{id}")
    @Transactional
    SavedBriefBody keepBrief(@PathVariable final UUID id, @RequestBody @Valid final KeepBriefBody body) {
        final String name = Require.text("brief.name", body.name(), LONGEST_NAME);
        body.brief().toCore(books);
        final Optional<SavedBrief> stored =
                briefs.findById(id).or(() -> briefs.findFirstByNameIgnoreCaseAndRemovedAtIsNull(name));
        final SavedBrief saved = stored.orElseGet(() -> new SavedBrief(id, name, body.brief(), clock.instant()));
        if (stored.isPresent() && !saved.is(name, body.brief())) {
            Seen.check("brief", body.revision(), saved.revision(), () -> SavedBriefBody.of(saved));
        }
        saved.become(name, body.brief(), clock.instant());
        return SavedBriefBody.of(briefs.saveAndFlush(saved));
    }

    /** Takes a brief away so that it can be put back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgetBrief(@PathVariable final UUID id) {
        kept.remove(id);
    }
}
