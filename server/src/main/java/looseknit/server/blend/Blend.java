package looseknit.server.blend;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import looseknit.server.need.BriefBody;
import looseknit.server.need.BriefColumn;
import looseknit.server.reading.RecipeBody;
import looseknit.server.reading.RecipeColumn;
import org.jspecify.annotations.Nullable;

/** A blend as it stands on the bench, with what it is for. Kept versions are stored apart. */
@Entity
@Table(name = "blend")
public class Blend {

    @Id
    private UUID id;

    @Version
    private long revision;

    private String name;

    @Convert(converter = BriefColumn.class)
    private BriefBody brief;

    @Convert(converter = RecipeColumn.class)
    private RecipeBody recipe;

    /** Ids of stops that the person has knowingly set aside. */
    @Convert(converter = AcceptedColumn.class)
    private List<String> accepted = List.of();

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    @Column(name = "archived_at")
    private @Nullable Instant archivedAt;

    @Column(name = "branched_from")
    private @Nullable UUID branchedFrom;

    @Column(name = "branched_version")
    private @Nullable Integer branchedVersion;

    protected Blend() {}

    /** {@link #become} sets the rest. */
    @SuppressWarnings("NullAway.Init")
    Blend(final UUID id, final String name, final BriefBody brief, final RecipeBody recipe, final Instant now) {
        this.id = id;
        this.createdAt = now;
        become(name, brief, recipe, now);
    }

    /** Ids of stops that the person has knowingly set aside. */
    public List<String> accepted() {
        return accepted;
    }

    boolean accepts(final Collection<String> ruleIds) {
        return accepted.equals(ruleIds.stream().distinct().sorted().toList());
    }

    void accept(final Collection<String> ruleIds) {
        accepted = ruleIds.stream().distinct().sorted().toList();
    }

    void become(final String newName, final BriefBody newBrief, final RecipeBody newRecipe, final Instant now) {
        this.name = newName;
        this.brief = newBrief;
        this.recipe = newRecipe;
        this.changedAt = now;
    }

    void delete(final Instant now) {
        this.deletedAt = now;
    }

    void restore() {
        this.deletedAt = null;
    }

    void archive(final @Nullable Instant at) {
        this.archivedAt = at;
    }

    /** Whether it is laid away: kept, but out of the way. */
    public boolean archived() {
        return archivedAt != null;
    }

    void branch(final UUID from, final @Nullable Integer version) {
        this.branchedFrom = from;
        this.branchedVersion = version;
    }

    /** The blend that it was branched from, if any. */
    public @Nullable UUID branchedFrom() {
        return branchedFrom;
    }

    /** The version that it was branched from; null for the bench of that blend. */
    public @Nullable Integer branchedVersion() {
        return branchedVersion;
    }

    public UUID id() {
        return id;
    }

    public long revision() {
        return revision;
    }

    public String name() {
        return name;
    }

    public BriefBody brief() {
        return brief;
    }

    public RecipeBody recipe() {
        return recipe;
    }

    public Instant changedAt() {
        return changedAt;
    }

    @Nullable
    Instant deletedAt() {
        return deletedAt;
    }

    public boolean deleted() {
        return deletedAt != null;
    }
}
