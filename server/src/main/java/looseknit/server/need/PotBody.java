package looseknit.server.need;

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

/**
 * A pot as it travels; inside measures in centimetres.
 *
 * @param lengthOverWidth length of a long box over its width; null for all others
 * @param fill share of the height to which it is filled; null for what is usual
 */
public record PotBody(
        @NotNull PotShape shape,

        double topCm,
        double bottomCm,
        double heightCm,

        @NotNull PotWall wall,

        @NotNull PotBase base,

        double baseCm,
        @Nullable String layerMaterialId,
        double layerCm,
        @Nullable Double lengthOverWidth,
        @Nullable Double fill) {

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
                pot.layerCm(),
                pot.lengthOverWidth() == 1 ? null : pot.lengthOverWidth(),
                pot.fill() == Pot.FILL ? null : pot.fill());
    }

    /**
     * The pot as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a measure is out of range
     */
    public Pot toCore(final Books books) {
        return new Pot(
                shape,
                topCm,
                bottomCm,
                heightCm,
                wall,
                base,
                baseCm,
                layer(books),
                lengthOverWidth == null ? 1 : lengthOverWidth,
                fill == null ? Pot.FILL : fill);
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
