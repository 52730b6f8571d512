package looseknit.server.blend;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/**
 * A blend as it travels.
 *
 * @param latestVersion number of the newest kept version; null if none was kept
 * @param accepted ids of stops that were knowingly set aside
 * @param archived whether it is laid away
 * @param branchedFrom the blend that it was branched from
 * @param branchedVersion the version that it was branched from; null for the bench of that blend
 * @param changedSinceKept whether the bench differs from it
 */
public record BlendBody(
        UUID id,
        long revision,
        String name,
        BriefBody brief,
        RecipeBody recipe,
        Instant changedAt,
        @Nullable Integer latestVersion,
        @Nullable Instant latestKeptAt,
        boolean changedSinceKept,
        List<String> accepted,
        boolean archived,
        @Nullable UUID branchedFrom,
        @Nullable Integer branchedVersion,
        boolean deleted) {

    /** A blend with what its card keeps of its versions. */
    static BlendBody of(final Blend blend, final BlendCard card) {
        return new BlendBody(
                blend.id(),
                blend.revision(),
                blend.name(),
                blend.brief(),
                blend.recipe(),
                blend.changedAt(),
                card.latestVersion(),
                card.latestKeptAt(),
                card.changedSinceKept(),
                blend.accepted(),
                blend.archived(),
                blend.branchedFrom(),
                blend.branchedVersion(),
                blend.deleted());
    }

    static BlendBody of(final Blend blend, final Optional<BlendVersion> latest) {
        return new BlendBody(
                blend.id(),
                blend.revision(),
                blend.name(),
                blend.brief(),
                blend.recipe(),
                blend.changedAt(),
                latest.map(BlendVersion::number).orElse(null),
                latest.map(BlendVersion::keptAt).orElse(null),
                latest.map(version -> !version.sameAs(blend)).orElse(true),
                blend.accepted(),
                blend.archived(),
                blend.branchedFrom(),
                blend.branchedVersion(),
                blend.deleted());
    }
}
