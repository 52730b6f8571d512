package looseknit.server.blend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import looseknit.server.frame.OpenedSoon;
import looseknit.server.need.BriefBody;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Blends over HTTP. */
@RestController
@RequestMapping("/api/blends")
class BlendsController implements OpenedSoon {

    private static final int ON_A_PAGE = 60;

    private final Blends blends;
    private final BlendCards cards;
    private final VersionList versionList;

    BlendsController(final Blends blends, final BlendCards cards, final VersionList versionList) {
        this.blends = blends;
        this.cards = cards;
        this.versionList = versionList;
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
    record AcceptedBody(
            @NotNull @Size(max = 40) List<@NotNull String> ruleIds,
            @Nullable Long revision) {}

    /** A note to keep a version with. */
    record KeepBody(@NotNull String note) {}

    /** A blend to branch off; from the bench if no version is named. */
    record BranchBody(
            @NotNull UUID id,
            @NotNull String name,
            @Nullable Integer version) {}

    @Override
    public Object opened() {
        return page(null, "", "", Set.of(), false, true, BlendCards.Order.CHANGED, 0, ON_A_PAGE);
    }

    /**
     * A page of the swatch book.
     *
     * @param plantId the plant to read them for instead of each its own
     * @param text in name, plant or materials
     * @param group a group of plants
     * @param materialId what must all be in it
     * @param fitting whether only those that fit are wanted
     * @param archived whether those laid away are wanted too
     * @param page number of the page, from 0 on
     * @param size cards on a page
     */
    @GetMapping
    BlendCards.BookPageBody page(
            @RequestParam(required = false) final @Nullable String plantId,
            @RequestParam(defaultValue = "") @Size(max = 200) final String text,
            @RequestParam(defaultValue = "") @Size(max = 120) final String group,
            @RequestParam(defaultValue = "") final Set<String> materialId,
            @RequestParam(defaultValue = "false") final boolean fitting,
            @RequestParam(defaultValue = "true") final boolean archived,
            @RequestParam(defaultValue = "CHANGED") final BlendCards.Order order,
            @RequestParam(defaultValue = "0") @Min(0) final int page,
            @RequestParam(defaultValue = "" + ON_A_PAGE) @Min(1) @Max(BlendCards.MOST) final int size) {
        return cards.page(new BlendCards.Sift(text, group, materialId, plantId, fitting, archived, order), page, size);
    }

    /**
     * Blends by name, to choose from: up to two hundred, those that were changed last first.
     *
     * @param text somewhere in the name
     */
    @GetMapping("/names")
    BlendCards.NamesBody names(@RequestParam(defaultValue = "") @Size(max = 200) final String text) {
        return cards.named(text);
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
        return body(blends.accept(id, body.revision(), body.ruleIds()));
    }

    /** Lays a blend away: kept, but out of the way. */
    @PostMapping("/{id}/archive")
    BlendBody archive(@PathVariable final UUID id) {
        return body(blends.archive(id, true));
    }

    /** Takes a blend out again. */
    @PostMapping("/{id}/unarchive")
    BlendBody unarchive(@PathVariable final UUID id) {
        return body(blends.archive(id, false));
    }

    /** A new blend that goes on from this one, or from a version of it. */
    @PostMapping("/{id}/branch")
    BlendBody branch(@PathVariable final UUID id, @RequestBody @Valid final BranchBody body) {
        return body(blends.branch(body.id(), body.name(), id, body.version()));
    }

    @GetMapping("/{id}/versions")
    List<VersionBody> versions(@PathVariable final UUID id) {
        return versionList.of(id);
    }

    @PostMapping("/{id}/versions")
    VersionBody keep(@PathVariable final UUID id, @RequestBody @Valid final KeepBody body) {
        return versionList.of(id, blends.keep(id, body.note()).number());
    }

    private BlendBody body(final Blend blend) {
        return BlendBody.of(blend, blends.latest(blend.id()));
    }
}
