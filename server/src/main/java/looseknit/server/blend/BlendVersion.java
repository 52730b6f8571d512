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
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.Scoop;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;

/** A kept version of a blend. Never changes. */
@Entity
@Table(name = "blend_version")
public class BlendVersion {

    @Id
    private UUID id;

    @Column(name = "blend_id")
    private UUID blendId;

    private int number;

    private String name;

    private String note;

    @Embedded
    private BriefBody brief;

    @Enumerated(EnumType.STRING)
    private Recipe.Measure measure;

    @Enumerated(EnumType.STRING)
    private Scoop scoop;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "version_part", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    private List<PartRow> parts = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "version_dose", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    private List<DoseRow> doses = new ArrayList<>();

    @Column(name = "kept_at")
    private Instant keptAt;

    protected BlendVersion() {}

    BlendVersion(final Blend blend, final int number, final String note, final Instant now) {
        this.id = UUID.randomUUID();
        this.blendId = blend.id();
        this.number = number;
        this.name = blend.name();
        this.note = note;
        this.brief = blend.brief();
        this.measure = blend.recipe().measure();
        this.scoop = blend.recipe().scoop();
        blend.recipe().parts().forEach(part -> parts.add(PartRow.of(part)));
        blend.recipe().doses().forEach(dose -> doses.add(DoseRow.of(dose)));
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
        return brief == null ? BriefBody.OPEN : brief;
    }

    public RecipeBody recipe() {
        return new RecipeBody(
                measure,
                parts.stream().map(PartRow::body).toList(),
                doses.stream().map(DoseRow::body).toList(),
                scoop);
    }

    public Instant keptAt() {
        return keptAt;
    }

    /** Whether the blend on the bench is still as it was kept. */
    boolean sameAs(final Blend blend) {
        return recipe().equals(blend.recipe()) && brief().equals(blend.brief()) && name.equals(blend.name());
    }
}
