package looseknit.server.need;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import looseknit.core.need.School;
import looseknit.core.need.Wishes;
import org.jspecify.annotations.Nullable;

/**
 * Wishes as they travel.
 *
 * @param fibre peat or coir; null for either
 * @param school of which school; null accepts all
 * @param drainageLayer whether a layer is wanted; null if it is all the same
 */
public record WishesBody(
        Wishes.@Nullable Fibre fibre,

        boolean noCompost,
        @Nullable Boolean drainageLayer,
        boolean mineralOnly,
        boolean cheap,
        boolean light,
        @Nullable Integer mostMaterials,
        @Nullable Double lifeYears,
        @Nullable School school) {

    /** Wishes of the core as they travel; null for none. */
    public static @Nullable WishesBody of(final Wishes wishes) {
        return wishes.equals(Wishes.NONE)
                ? null
                : new WishesBody(
                        wishes.fibre() == Wishes.Fibre.EITHER ? null : wishes.fibre(),
                        wishes.noCompost(),
                        wishes.drainageLayer().orElse(null),
                        wishes.mineralOnly(),
                        wishes.cheap(),
                        wishes.light(),
                        wishes.mostMaterials().isPresent()
                                ? wishes.mostMaterials().getAsInt()
                                : null,
                        wishes.lifeYears().isPresent() ? wishes.lifeYears().getAsDouble() : null,
                        wishes.school().orElse(null));
    }

    /**
     * The wishes as the core understands them.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public Wishes toCore() {
        return new Wishes(
                fibre == null ? Wishes.Fibre.EITHER : fibre,
                noCompost,
                Optional.ofNullable(drainageLayer),
                mineralOnly,
                cheap,
                light,
                mostMaterials == null ? OptionalInt.empty() : OptionalInt.of(mostMaterials),
                lifeYears == null ? OptionalDouble.empty() : OptionalDouble.of(lifeYears),
                Optional.ofNullable(school));
    }
}
