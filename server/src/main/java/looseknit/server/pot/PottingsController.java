package looseknit.server.pot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.server.need.BriefBody;
import org.springframework.data.domain.Page;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pottings over HTTP. */
@RestController
@RequestMapping("/api/pottings")
class PottingsController {

    private final Pottings pottings;
    private final PottingBodies bodies;

    PottingsController(final Pottings pottings, final PottingBodies bodies) {
        this.pottings = pottings;
        this.bodies = bodies;
    }

    /** A plant to pot up; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewPottingBody(
            @NotNull UUID id,
            @NotNull String label,
            @NotNull @Valid BriefBody brief,
            @NotNull UUID batchId,
            @NotNull LocalDate pottedOn) {}

    /** A page of pots. */
    record PottingsBody(long total, long places, List<PottingBody> pottings) {}

    /** A page of all pots, place by place. */
    @GetMapping
    PottingsBody page(
            @RequestParam(defaultValue = "0") @Min(0) final int page,
            @RequestParam(defaultValue = "100") @Min(1) @Max(200) final int size) {
        final Page<PottingOfBatch> found = pottings.page(page, size);
        return new PottingsBody(found.getTotalElements(), pottings.places(), bodies.of(found.getContent()));
    }

    @PostMapping
    PottingBody potUp(@RequestBody @Valid final NewPottingBody body) {
        return bodies.of(pottings.potUp(body.id(), body.label(), body.brief(), body.batchId(), body.pottedOn()));
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
