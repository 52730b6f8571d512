package looseknit.server.blend;

import static looseknit.core.measure.Require.text;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.bench.Evaluator;
import looseknit.core.caution.Caution;
import looseknit.core.caution.Cautions;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.reading.Knowledge;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.Seen;
import looseknit.server.frame.StaleRevision;
import looseknit.server.frame.TakenAway;
import looseknit.server.frame.UnknownName;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Blends and their versions. */
@Service
@Transactional
public class Blends implements TakenAway {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 2000;

    private final Books books;
    private final BlendRepository blends;
    private final VersionRepository versions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Blends(
            final Books books,
            final BlendRepository blends,
            final VersionRepository versions,
            final ApplicationEventPublisher events,
            final Clock clock) {
        this.books = books;
        this.blends = blends;
        this.versions = versions;
        this.events = events;
        this.clock = clock;
    }

    /** All blends that are not deleted, the last changed first. */
    @Transactional(readOnly = true)
    public List<Blend> all() {
        return blends.findByDeletedAtIsNullOrderByChangedAtDesc();
    }

    /** Whether there is or was any blend. */
    @Transactional(readOnly = true)
    public boolean any() {
        return blends.count() > 0;
    }

    /** Whether there is or was a blend with this id. */
    @Transactional(readOnly = true)
    public boolean knows(final UUID id) {
        return blends.existsById(id);
    }

    /** The blend with this id, deleted or not. */
    @Transactional(readOnly = true)
    public Blend get(final UUID id) {
        return blends.findById(id).orElseThrow(() -> new NotThere("blend"));
    }

    /** Stores a new blend; a second call with the same id changes nothing. */
    public Blend create(final UUID id, final String name, final BriefBody brief, final RecipeBody recipe) {
        return create(id, name, brief, recipe, now());
    }

    /** Stores a new blend as of a moment. */
    public Blend create(
            final UUID id, final String name, final BriefBody brief, final RecipeBody recipe, final Instant at) {
        return blends.findById(id).orElseGet(() -> {
            check(brief, recipe);
            return changed(new Blend(id, text("name", name, LONGEST_NAME), brief, recipe, at));
        });
    }

    /**
     * Changes a blend.
     *
     * @param revision the revision that the change is based on
     * @throws StaleRevision if it has changed since
     */
    public Blend change(
            final UUID id, final long revision, final String name, final BriefBody brief, final RecipeBody recipe) {
        return change(id, revision, name, brief, recipe, now());
    }

    /** Changes a blend as of a moment. */
    public Blend change(
            final UUID id,
            final long revision,
            final String name,
            final BriefBody brief,
            final RecipeBody recipe,
            final Instant at) {
        final Blend blend = here(id);
        Seen.check("blend", revision, blend.revision(), () -> BlendBody.of(blend, latest(id)));
        check(brief, recipe);
        blend.become(text("name", name, LONGEST_NAME), brief, recipe, at);
        return changed(blend);
    }

    /**
     * Sets stops aside knowingly, or takes that back.
     *
     * @param revision the revision that was seen
     * @throws UnknownName if there is no such rule or it is no stop
     * @throws StaleRevision if the blend has changed since
     */
    Blend accept(final UUID id, final @Nullable Long revision, final List<String> ruleIds) {
        final Blend blend = here(id);
        for (final String ruleId : ruleIds) {
            if (Cautions.shipped().all().stream()
                    .noneMatch(rule -> rule.id().equals(ruleId) && rule.level() == Caution.Level.STOP)) {
                throw new UnknownName("accepted", "stop", ruleId, "Only a stop can be set aside.");
            }
        }
        if (!blend.accepts(ruleIds)) {
            Seen.check("blend", revision, blend.revision(), () -> BlendBody.of(blend, latest(id)));
            blend.accept(ruleIds);
        }
        return changed(blend);
    }

    /** The stops against a kept version that nobody has set aside. */
    @Transactional(readOnly = true)
    public List<Caution> stops(final UUID id, final int number) {
        final BlendVersion version = version(id, number);
        return Cautions.unaccepted(
                Evaluator.glance(version.recipe().toCore(books), version.brief().toCore(books), Knowledge.NOTHING)
                        .stops(),
                get(id).accepted());
    }

    /** Deletes a blend so that it can be restored. */
    public void delete(final UUID id) {
        final Blend blend = get(id);
        blend.delete(now());
        changed(blend);
    }

    /** Takes a deletion back. */
    public Blend restore(final UUID id) {
        final Blend blend = get(id);
        blend.restore();
        return changed(blend);
    }

    /** Lays a blend away, or takes it out again. */
    public Blend archive(final UUID id, final boolean away) {
        final Blend blend = get(id);
        blend.archive(away ? now() : null);
        return changed(blend);
    }

    /**
     * Stores a new blend that goes on from another one, or from a version of it.
     *
     * @throws NotThere if there is no such blend or version
     */
    public Blend branch(final UUID id, final String name, final UUID from, final @Nullable Integer number) {
        final Blend other = get(from);
        final Optional<BlendVersion> version = Optional.ofNullable(number).map(each -> version(from, each));
        final Blend blend = create(
                id,
                name,
                version.map(BlendVersion::brief).orElseGet(other::brief),
                version.map(BlendVersion::recipe).orElseGet(other::recipe));
        blend.branch(from, number);
        return changed(blend);
    }

    /** Keeps the blend as a version; if nothing changed since the last one, that one is returned. */
    public BlendVersion keep(final UUID id, final String note) {
        return keep(id, note, now());
    }

    /** Keeps the blend as a version as of a moment. */
    public BlendVersion keep(final UUID id, final String note, final Instant at) {
        final Blend blend = here(id);
        if (note.length() > LONGEST_NOTE) {
            throw new OutOfRangeException(
                    "note",
                    note.length() + " characters long",
                    TableText.said("up to %d characters".formatted(LONGEST_NOTE)));
        }
        blend.recipe().toCore(books);
        blend.brief().toCore(books);
        final Optional<BlendVersion> latest = latest(id);
        if (latest.isPresent() && latest.get().sameAs(blend)) {
            return latest.get();
        }
        final int number = latest.map(BlendVersion::number).orElse(0) + 1;
        final BlendVersion version = versions.saveAndFlush(new BlendVersion(blend, number, note.strip(), at));
        events.publishEvent(new BlendChanged(id));
        return version;
    }

    /** Versions of a blend, the newest first. */
    @Transactional(readOnly = true)
    public List<BlendVersion> versions(final UUID id) {
        return versions.findByBlendIdOrderByNumberDesc(id);
    }

    /** Blends came in from elsewhere: what lists show of them is worked out. */
    public void cameIn(final Collection<UUID> ids) {
        ids.forEach(id -> events.publishEvent(new BlendChanged(id)));
    }

    /** The newest version of a blend. */
    @Transactional(readOnly = true)
    public Optional<BlendVersion> latest(final UUID id) {
        return versions.findFirstByBlendIdOrderByNumberDesc(id);
    }

    /** A version by its number. */
    @Transactional(readOnly = true)
    public BlendVersion version(final UUID id, final int number) {
        return versions.findByBlendIdAndNumber(id, number).orElseThrow(() -> new NotThere("version"));
    }

    /** The blend, held against a second request, if nobody has taken it away. */
    private Blend here(final UUID id) {
        final Blend blend = blends.lock(id).orElseThrow(() -> new NotThere("blend"));
        if (blend.deleted()) {
            throw new Refused(
                    "This blend was taken away",
                    "“%s” was taken away meanwhile. Put it back on the page of the house to go on with it."
                            .formatted(blend.name()));
        }
        return blend;
    }

    @Override
    public String kind() {
        return "blends";
    }

    @Override
    @Transactional(readOnly = true)
    public List<Gone> since(final Instant moment) {
        return blends.findByDeletedAtAfterOrderByDeletedAtDesc(moment).stream()
                .map(each -> Gone.of(each.id(), each.name(), each.deletedAt()))
                .toList();
    }

    @Override
    public void putBack(final String id) {
        restore(UUID.fromString(id));
    }

    private Blend changed(final Blend blend) {
        final Blend stored = blends.saveAndFlush(blend);
        events.publishEvent(new BlendChanged(stored.id()));
        return stored;
    }

    private void check(final BriefBody brief, final RecipeBody recipe) {
        brief.toCore(books);
        recipe.checkDraft(books);
    }

    private Instant now() {
        return clock.instant();
    }
}
