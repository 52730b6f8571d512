package looseknit.server.blend;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.bench.Evaluator;
import looseknit.core.bench.Glance;
import looseknit.core.blend.RecipeChanges;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.BriefChanges;
import looseknit.server.frame.Books;
import looseknit.server.frame.Workable;
import looseknit.server.reading.KnownSource;
import org.springframework.stereotype.Component;

/** Kept versions with what is new in each. */
@Component
class VersionList {

    private final Books books;
    private final Blends blends;
    private final KnownSource knownSource;

    VersionList(final Books books, final Blends blends, final KnownSource knownSource) {
        this.books = books;
        this.blends = blends;
        this.knownSource = knownSource;
    }

    /** All versions of a blend, the newest first. */
    List<VersionBody> of(final UUID id) {
        blends.get(id);
        final List<VersionBody> bodies = new ArrayList<>();
        final List<BlendVersion> versions = blends.versions(id);
        for (int i = 0; i < versions.size(); i++) {
            bodies.add(body(
                    versions.get(i), i + 1 < versions.size() ? Optional.of(versions.get(i + 1)) : Optional.empty()));
        }
        return bodies;
    }

    /** One version of a blend. */
    VersionBody of(final UUID id, final int number) {
        final Optional<BlendVersion> before = blends.versions(id).stream()
                .filter(each -> each.number() < number)
                .max(Comparator.comparingInt(BlendVersion::number));
        return body(blends.version(id, number), before);
    }

    private VersionBody body(final BlendVersion version, final Optional<BlendVersion> before) {
        final Optional<Glance> read = read(version);
        return new VersionBody(
                version.blendId(),
                version.number(),
                version.name(),
                version.note(),
                version.brief(),
                version.recipe(),
                version.keptAt(),
                before.map(each -> changes(each, version)).orElse(List.of()),
                read.map(Glance::shares).orElse(List.of()),
                read.map(Glance::headline).orElse(null),
                read.map(Glance::fits).orElse(false));
    }

    private List<Message> changes(final BlendVersion before, final BlendVersion after) {
        final List<Message> changes = new ArrayList<>();
        if (!before.name().equals(after.name())) {
            changes.add(TableText.said("named %s".formatted(after.name())));
        }
        changes.addAll(RecipeChanges.between(
                before.recipe().toCore(books), after.recipe().toCore(books)));
        changes.addAll(
                BriefChanges.between(before.brief().toCore(books), after.brief().toCore(books)));
        return changes;
    }

    private Optional<Glance> read(final BlendVersion version) {
        return Workable.found(() -> Evaluator.glance(
                version.recipe().toCore(books),
                version.brief().toCore(books),
                knownSource.known(version.blendId(), version.recipe())));
    }
}
