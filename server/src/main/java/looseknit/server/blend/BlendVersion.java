package looseknit.server.blend;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import looseknit.server.need.BriefBody;
import looseknit.server.need.BriefColumn;
import looseknit.server.reading.RecipeBody;
import looseknit.server.reading.RecipeColumn;

/** A kept version of a blend. Never changes. */
@Entity
@Table(name = "blend_version")
public final class BlendVersion {

    @Id
    private UUID id;

    @Column(name = "blend_id")
    private UUID blendId;

    private int number;

    private String name;

    private String note;

    @Convert(converter = BriefColumn.class)
    private BriefBody brief;

    @Convert(converter = RecipeColumn.class)
    private RecipeBody recipe;

    @Column(name = "kept_at")
    private Instant keptAt;

    BlendVersion() {}

    BlendVersion(final Blend blend, final int number, final String note, final Instant now) {
        this.id = UUID.randomUUID();
        this.blendId = blend.id();
        this.number = number;
        this.name = blend.name();
        this.note = note;
        this.brief = blend.brief();
        this.recipe = blend.recipe();
        this.keptAt = now;
    }

    public UUID id() {
        return id;
    }

    public UUID blendId() {
        return blendId;
    }

    public int number() {
        return number;
    }

    public String name() {
        return name;
    }

    public String note() {
        return note;
    }

    public BriefBody brief() {
        return brief;
    }

    public RecipeBody recipe() {
        return recipe;
    }

    public Instant keptAt() {
        return keptAt;
    }

    /** Whether the blend on the bench is still as it was kept. */
    boolean sameAs(final Blend blend) {
        return recipe().equals(blend.recipe()) && brief().equals(blend.brief()) && name.equals(blend.name());
    }
}
