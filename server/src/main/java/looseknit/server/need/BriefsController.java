package looseknit.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import looseknit.core.measure.Require;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
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
    private final Clock clock;

    BriefsController(final Books books, final SavedBriefs briefs, final Clock clock) {
        this.books = books;
        this.briefs = briefs;
        this.clock = clock;
    }

    /** A brief with its name. */
    record SavedBriefBody(UUID id, String name, BriefBody brief) {

        static SavedBriefBody of(final SavedBrief saved) {
            return new SavedBriefBody(saved.id(), saved.name(), saved.brief());
        }
    }

    /** A brief to keep. */
    record KeepBriefBody(
            @NotNull String name, @NotNull @Valid BriefBody brief) {}

    @GetMapping
    @Transactional(readOnly = true)
    List<SavedBriefBody> briefs() {
        return briefs.findAllByOrderByName().stream().map(SavedBriefBody::of).toList();
    }

    /** Keeps a brief; one of the same name is written over. */
    @PutMapping("/{id}")
    @Transactional
    SavedBriefBody keepBrief(@PathVariable final UUID id, @RequestBody @Valid final KeepBriefBody body) {
        final String name = Require.text("brief.name", body.name(), LONGEST_NAME);
        body.brief().toCore(books);
        final SavedBrief saved = briefs.findById(id)
                .or(() -> briefs.findByNameIgnoreCase(name))
                .orElseGet(() -> new SavedBrief(id, name, body.brief(), clock.instant()));
        saved.become(name, body.brief(), clock.instant());
        return SavedBriefBody.of(briefs.save(saved));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void forgetBrief(@PathVariable final UUID id) {
        briefs.delete(briefs.findById(id).orElseThrow(() -> new NotThere("brief")));
    }
}
