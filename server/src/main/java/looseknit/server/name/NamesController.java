package looseknit.server.name;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.name.NameIndex;
import looseknit.server.name.NamedThing.Kind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One search for names, for all that has one. */
@RestController
@RequestMapping("/api/named")
class NamesController {

    private static final int USUALLY = 12;

    private final NamedThings things;

    NamesController(final NamedThings things) {
        this.things = things;
    }

    /**
     * What is looked for.
     *
     * @param kinds what may be found; null for anything
     * @param also what the page itself offers, by names of its own: places to go, things to do
     * @param most most that are answered
     */
    record NameBody(
            @NotNull @Size(max = 200) String typed,
            @Nullable Set<@NotNull Kind> kinds,
            @Size(max = 100) @Nullable List<@NotNull @Valid AlsoBody> also,
            @Nullable Integer most) {}

    /** Something that the page offers. */
    record AlsoBody(
            @NotNull @Size(min = 1, max = 80) String id,
            @NotNull @Size(min = 1, max = 80) String name) {}

    /**
     * What was found.
     *
     * @param hits best first
     * @param aside typed words that no name has, as those of garden varieties
     * @param sure whether the first is what was typed; else these are only like it, or may be meant
     */
    record NamedBody(List<HitBody> hits, List<String> aside, boolean sure) {}

    /**
     * A thing that was found.
     *
     * @param matched the name by which it was found
     */
    record HitBody(
            NamedThing.Kind kind,
            String id,
            String name,
            @Nullable String about,
            @Nullable String materialId,
            String matched,
            NameIndex.How how) {}

    /** What a typed name fits, best first: whole names, starts of words, genera, other and former names, then with typing errors. */
    @PostMapping
    NamedBody find(@RequestBody @Valid final NameBody body) {
        final int most = body.most() == null ? USUALLY : Require.within("most", body.most(), 1, 50, Limit.PLANTS);
        final Set<NamedThing.Kind> kinds = body.kinds() == null || body.kinds().isEmpty()
                ? EnumSet.allOf(NamedThing.Kind.class)
                : EnumSet.copyOf(body.kinds());
        final List<NamedThing> also = body.also() == null
                ? List.of()
                : body.also().stream()
                        .map(each -> new NamedThing(NamedThing.Kind.ALSO, each.id(), each.name(), null, null))
                        .toList();
        final NameIndex.Found<NamedThing> found = things.find(body.typed(), kinds, also, most);
        return new NamedBody(found.hits().stream().map(NamesController::body).toList(), found.aside(), found.sure());
    }

    private static HitBody body(final NameIndex.Hit<NamedThing> hit) {
        final NamedThing thing = hit.thing();
        return new HitBody(
                thing.kind(), thing.id(), thing.name(), thing.about(), thing.materialId(), hit.matched(), hit.how());
    }
}
