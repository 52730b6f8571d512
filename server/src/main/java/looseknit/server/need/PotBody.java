package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import org.jspecify.annotations.Nullable;

/** A pot as it travels and is stored; inside measures in centimetres. */
@Embeddable
public record PotBody(
        @Column(name = "pot_shape") @Enumerated(EnumType.STRING) @NotNull
        PotShape shape,

        @Column(name = "pot_top_cm") double topCm,
        @Column(name = "pot_bottom_cm") double bottomCm,
        @Column(name = "pot_height_cm") double heightCm,

        @Column(name = "pot_wall") @Enumerated(EnumType.STRING) @NotNull
        PotWall wall,

        @Column(name = "pot_base") @Enumerated(EnumType.STRING) @NotNull
        PotBase base,

        @Column(name = "pot_base_cm") double baseCm,
        @Column(name = "pot_layer_material_id") @Nullable String layerMaterialId,
        @Column(name = "pot_layer_cm") double layerCm) {

    /** A pot of the core as it travels. */
    public static PotBody of(final Pot pot) {
        return new PotBody(
                pot.shape(),
                pot.topCm(),
                pot.bottomCm(),
                pot.heightCm(),
                pot.wall(),
                pot.base(),
                pot.baseCm(),
                pot.layer().map(layer -> layer.material().id()).orElse(null),
                pot.layerCm());
    }

    /**
     * The pot as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a measure is out of range
     */
    public Pot toCore(final Books books) {
        return new Pot(shape, topCm, bottomCm, heightCm, wall, base, baseCm, layer(books));
    }

    private Optional<DrainageLayer> layer(final Books books) {
        if (layerMaterialId == null || layerMaterialId.isBlank() || layerCm == 0) {
            return Optional.empty();
        }
        return Optional.of(new DrainageLayer(
                books.materials()
                        .material(layerMaterialId)
                        .orElseThrow(() -> new UnknownName(
                                "pot.layerMaterialId", "material", layerMaterialId, "Pick one from the list.")),
                layerCm));
    }
}
