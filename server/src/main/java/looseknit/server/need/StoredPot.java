package looseknit.server.need;

import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;
import org.jspecify.annotations.Nullable;

/** A pot as it is stored; inside measures in centimetres. */
public record StoredPot(
        PotShape shape,
        double topCm,
        double bottomCm,
        double heightCm,
        PotWall wall,
        PotBase base,
        double baseCm,
        @Nullable String layerMaterialId,
        double layerCm,
        @Nullable Double lengthOverWidth,
        @Nullable Double fill) {

    /** What travels, to be stored. */
    public static StoredPot of(final PotBody pot) {
        return new StoredPot(
                pot.shape(),
                pot.topCm(),
                pot.bottomCm(),
                pot.heightCm(),
                pot.wall(),
                pot.base(),
                pot.baseCm(),
                pot.layerMaterialId(),
                pot.layerCm(),
                pot.lengthOverWidth(),
                pot.fill());
    }

    /** What is stored, to travel. */
    public PotBody body() {
        return new PotBody(
                shape, topCm, bottomCm, heightCm, wall, base, baseCm, layerMaterialId, layerCm, lengthOverWidth, fill);
    }
}
