package looseknit.server.pot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import looseknit.core.planting.SetUpKind;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.need.BriefBody;
import looseknit.server.planting.RootsBody;
import looseknit.server.planting.SetUpBody;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pottings over HTTP. */
@RestController
@RequestMapping("/api/pottings")
class PottingsController implements OpenedSoon {

    static final int MOST_AT_ONCE = 200;

    private static final int ON_A_PAGE = 100;

    private final Pottings pottings;
    private final PottingBodies bodies;

    PottingsController(final Pottings pottings, final PottingBodies bodies) {
        this.pottings = pottings;
        this.bodies = bodies;
    }

    /**
     * A plant to pot up; the id is made by the caller, so that a repeated call stores nothing twice.
     *
     * @param setUpKind the kind of set-up; null for a plain pot
     * @param setUp what is in the pot besides its mix; null for nothing
     * @param roots what was seen at its roots; null if nobody looked
     * @param motherId the plant that it came from; null for none
     * @param origin how it came from it
     */
    record NewPottingBody(
            @NotNull UUID id,
            @NotNull String label,
            @NotNull @Valid BriefBody brief,
            @NotNull UUID batchId,
            @NotNull LocalDate pottedOn,
            @Nullable SetUpKind setUpKind,
            @Valid @Nullable SetUpBody setUp,
            @Valid @Nullable RootsBody roots,
            @Nullable UUID motherId,
            Potting.@Nullable Origin origin) {}

    /** So many plants to pot up alike; further ones have ids that follow from the first. */
    record NewPottingsBody(
            @Min(1) @Max(MOST_AT_ONCE) int count,
            @NotNull @Valid NewPottingBody each) {}

    /** A pot as it is to be; the revision is the one that was seen. */
    record ChangePottingBody(
            @NotNull Long revision,
            @NotNull String label,
            @NotNull @Valid BriefBody brief,
            @NotNull SetUpKind setUpKind,
            @Valid @Nullable SetUpBody setUp) {}

    /** A page of pots; how many stand in each place. */
    record PottingsBody(long total, List<PlaceCountBody> places, List<PottingBody> pottings) {}

    @Override
    public Object opened() {
        return page(0, ON_A_PAGE, false, null, null, null, false, null);
    }

    /** A page of the pots that are asked for, place by place. */
    @GetMapping
    PottingsBody page(
            @RequestParam(defaultValue = "0") @Min(0) final int page,
            @RequestParam(defaultValue = "" + ON_A_PAGE) @Min(1) @Max(200) final int size,
            @RequestParam(defaultValue = "false") final boolean gone,
            @RequestParam @Nullable final String place,
            @RequestParam @Nullable final SetUpKind kind,
            @RequestParam @Nullable final UUID blend,
            @RequestParam(defaultValue = "false") final boolean due,
            @RequestParam @Nullable final String words) {
        final Page<PottingOfBatch> found =
                pottings.page(new Pottings.Asked(gone, place, kind, blend, due, words), page, size);
        return new PottingsBody(found.getTotalElements(), pottings.countsByPlace(), bodies.of(found.getContent()));
    }

    /** A pot. */
    @GetMapping("/{id}")
    PottingBody get(@PathVariable final UUID id) {
        return bodies.of(pottings.get(id));
    }

    @PostMapping
    PottingBody potUp(@RequestBody @Valid final NewPottingBody body) {
        return bodies.of(pottings.potUp(toPot(body, body.id(), body.label())));
    }

    /** Pots up several alike, all or none. */
    @PostMapping("/several")
    @Transactional
    List<PottingBody> several(@RequestBody @Valid final NewPottingsBody body) {
        final NewPottingBody each = body.each();
        if (body.count() == 1) {
            return List.of(potUp(each));
        }
        return IntStream.rangeClosed(1, body.count())
                .mapToObj(n -> bodies.of(pottings.potUp(toPot(each, idOf(each.id(), n), each.label() + " " + n))))
                .toList();
    }

    private static UUID idOf(final UUID first, final int number) {
        return number == 1 ? first : UUID.nameUUIDFromBytes((first + " " + number).getBytes(StandardCharsets.UTF_8));
    }

    private static Pottings.ToPot toPot(final NewPottingBody body, final UUID id, final String label) {
        return new Pottings.ToPot(
                id,
                label,
                body.brief(),
                body.batchId(),
                body.pottedOn(),
                body.setUpKind() == null ? SetUpKind.PLAIN : body.setUpKind(),
                body.setUp(),
                body.roots(),
                body.motherId(),
                body.origin());
    }

    /** Changes name, set-up, place or hand of a pot. */
    @PutMapping("/{id}")
    PottingBody change(@PathVariable final UUID id, @RequestBody @Valid final ChangePottingBody body) {
        return bodies.of(pottings.change(
                id,
                body.revision(),
                body.label(),
                body.brief(),
                body.setUpKind(),
                body.setUp(),
                () -> bodies.of(pottings.get(id))));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable final UUID id) {
        pottings.delete(id);
    }

    @PostMapping("/{id}/restore")
    PottingBody restore(@PathVariable final UUID id) {
        return bodies.of(pottings.restore(id));
    }
}
