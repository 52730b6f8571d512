package looseknit.server.blend;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Scoop;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
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

    @Embedded
    private BriefBody brief;

    @Enumerated(EnumType.STRING)
    private Recipe.Measure measure;

    @Enumerated(EnumType.STRING)
    private Scoop scoop;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "blend_part", joinColumns = @JoinColumn(name = "blend_id"))
    @OrderColumn(name = "position")
    private List<PartRow> parts = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "blend_dose", joinColumns = @JoinColumn(name = "blend_id"))
    @OrderColumn(name = "position")
    private List<DoseRow> doses = new ArrayList<>();

    /** Ids of stops that the person has knowingly set aside. */
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "blend_accepted", joinColumns = @JoinColumn(name = "blend_id"))
    @Column(name = "rule_id")
    private Set<String> accepted = new TreeSet<>();

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    @Column(name = "archived_at")
    private @Nullable Instant archivedAt;

    @Column(name = "branched_from")
    private @Nullable UUID branchedFrom;

    @Column(name = "branched_version")
    private @Nullable Integer branchedVersion;

    protected Blend() {}

    Blend(final UUID id, final String name, final BriefBody brief, final RecipeBody recipe, final Instant now) {
        this.id = id;
        this.createdAt = now;
        become(name, brief, recipe, now);
    }

    /** Ids of stops that the person has knowingly set aside. */
    public List<String> accepted() {
        return List.copyOf(accepted);
    }

    void accept(final Collection<String> ruleIds) {
        accepted.clear();
        accepted.addAll(ruleIds);
    }

    void become(final String newName, final BriefBody newBrief, final RecipeBody recipe, final Instant now) {
        this.name = newName;
        this.brief = newBrief;
        this.measure = recipe.measure();
        this.scoop = recipe.scoop();
        this.parts.clear();
        recipe.parts().forEach(part -> this.parts.add(PartRow.of(part)));
        this.doses.clear();
        recipe.doses().forEach(dose -> this.doses.add(DoseRow.of(dose)));
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
        return brief == null ? BriefBody.OPEN : brief;
    }

    public RecipeBody recipe() {
        return new RecipeBody(
                measure,
                parts.stream().map(PartRow::body).toList(),
                doses.stream().map(DoseRow::body).toList(),
                scoop);
    }

    public Instant changedAt() {
        return changedAt;
    }

    public boolean deleted() {
        return deletedAt != null;
    }
}
