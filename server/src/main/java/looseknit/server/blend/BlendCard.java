package looseknit.server.blend;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapsId;
import jakarta.persistence.OneToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import looseknit.core.need.Property;
import org.jspecify.annotations.Nullable;

/** What the swatch book shows of a blend and sifts it by, kept so that nothing is worked out to show a page of it. */
@Entity
@Table(name = "blend_card")
@SuppressWarnings("UnusedVariable") // some columns are only sifted and sorted by
final class BlendCard {

    @Id
    @Column(name = "blend_id")
    private UUID id;

    @MapsId
    @OneToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "blend_id")
    private Blend blend;

    private int edition;

    @Convert(converter = CardColumn.class)
    private CardFacts facts = CardFacts.NONE;

    private String words = "";

    @Column(name = "plant_id")
    private @Nullable String plantId;

    @Column(name = "group_name")
    private @Nullable String groupName;

    @Column(name = "first_material")
    private @Nullable String firstMaterial;

    private String ingredients = "";

    @ElementCollection
    @CollectionTable(name = "blend_card_material", joinColumns = @JoinColumn(name = "blend_id"))
    @Column(name = "material_id")
    private Set<String> materials = new HashSet<>();

    private boolean fits;

    private @Nullable Double fit;

    private @Nullable Double air;

    private @Nullable Double water;

    @Column(name = "dry_days")
    private @Nullable Double dryDays;

    private @Nullable Double ph;

    private @Nullable Double food;

    private @Nullable Double weight;

    private @Nullable Double life;

    @Column(name = "latest_version")
    private @Nullable Integer latestVersion;

    @Column(name = "latest_kept_at")
    private @Nullable Instant latestKeptAt;

    @Column(name = "changed_since_kept")
    private boolean changedSinceKept = true;

    BlendCard() {}

    /** Its id is that of the blend. */
    @SuppressWarnings("NullAway.Init")
    BlendCard(final Blend blend) {
        this.blend = blend;
    }

    /** What it is sifted by. */
    void sift(final String newWords, final @Nullable String group, final String newIngredients, final Set<String> in) {
        this.words = newWords;
        this.plantId = blend.brief().plantId();
        this.firstMaterial = blend.recipe().parts().isEmpty()
                ? null
                : blend.recipe().parts().get(0).materialId();
        this.groupName = group;
        this.ingredients = newIngredients;
        if (!materials.equals(in)) {
            materials.clear();
            materials.addAll(in);
        }
    }

    /**
     * What was read.
     *
     * @param readWith the {@link CardEdition} it was read with
     */
    void read(final CardFacts newFacts, final boolean newFits, final @Nullable Double newFit, final int readWith) {
        final Map<Property, Double> values = newFacts.values();
        this.facts = newFacts;
        this.fits = newFits;
        this.fit = newFit;
        this.air = values.get(Property.AIR);
        this.water = values.get(Property.WATER);
        this.dryDays = values.get(Property.DRY_DAYS);
        this.ph = values.get(Property.PH);
        this.food = values.get(Property.FOOD);
        this.weight = values.get(Property.WEIGHT);
        this.life = values.get(Property.LIFE);
        this.edition = readWith;
    }

    /** The version that was kept last. */
    void kept(final Optional<BlendVersion> latest) {
        this.latestVersion = latest.map(BlendVersion::number).orElse(null);
        this.latestKeptAt = latest.map(BlendVersion::keptAt).orElse(null);
        this.changedSinceKept = latest.map(version -> !version.sameAs(blend)).orElse(true);
    }

    UUID id() {
        return id;
    }

    Blend blend() {
        return blend;
    }

    /** The {@link CardEdition} it was read with. */
    int edition() {
        return edition;
    }

    CardFacts facts() {
        return facts;
    }

    @Nullable
    String groupName() {
        return groupName;
    }

    String ingredients() {
        return ingredients;
    }

    boolean fits() {
        return fits;
    }

    @Nullable
    Double fit() {
        return fit;
    }

    @Nullable
    Integer latestVersion() {
        return latestVersion;
    }

    @Nullable
    Instant latestKeptAt() {
        return latestKeptAt;
    }

    boolean changedSinceKept() {
        return changedSinceKept;
    }
}
