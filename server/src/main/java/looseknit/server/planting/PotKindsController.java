package looseknit.server.planting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import looseknit.core.planting.PotForm;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;
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

/** Kinds of pots that somebody has, to choose again. */
@RestController
@RequestMapping("/api/pot-kinds")
class PotKindsController {

    private final PotKinds kinds;
    private final OwnPots pots;
    private final Books books;

    PotKindsController(final PotKinds kinds, final OwnPots pots, final Books books) {
        this.kinds = kinds;
        this.pots = pots;
        this.books = books;
    }

    /** A kind of pot and how many there are. */
    record PotKindBody(UUID id, long revision, String name, PotForm form, PotBody pot, int owned, double litresToRim) {}

    /** A kind of pot to keep; the revision is the one that was seen, null for a new one. */
    record KeepPotKindBody(
            @NotNull String name,
            @NotNull PotForm form,
            @NotNull @Valid PotBody pot,
            @Min(0) @Max(100_000) int owned,
            @Nullable Long revision) {}

    @GetMapping
    @Transactional(readOnly = true)
    List<PotKindBody> all() {
        return kinds.findByRemovedAtIsNullOrderByName().stream().map(this::body).toList();
    }

    /** Keeps a kind of pot, new or changed. */
    @PutMapping("/{id}")
    @Transactional
    PotKindBody keep(@PathVariable final UUID id, @RequestBody @Valid final KeepPotKindBody asked) {
        final PotKind kind = pots.keep(
                id,
                asked.name(),
                new VesselFacts(asked.form(), asked.pot()),
                asked.owned(),
                asked.revision(),
                this::body);
        return body(kind);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void delete(@PathVariable final UUID id) {
        pots.remove(id);
    }

    private PotKindBody body(final PotKind kind) {
        return new PotKindBody(
                kind.getId(),
                kind.revision(),
                kind.name(),
                kind.vessel().form(),
                kind.vessel().pot(),
                kind.owned(),
                kind.vessel().pot().toCore(books).litresToRim());
    }
}
