package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import looseknit.core.need.Wishes;
import org.jspecify.annotations.Nullable;

/**
 * Wishes as they travel and are stored.
 *
 * @param fibre peat or coir; null for either
 * @param drainageLayer whether a layer is wanted; null if it is all the same
 */
@Embeddable
public record WishesBody(
        @Column(name = "wish_fibre") @Enumerated(EnumType.STRING)
        Wishes.@Nullable Fibre fibre,

        @Column(name = "wish_no_compost") boolean noCompost,
        @Column(name = "wish_drainage_layer") @Nullable Boolean drainageLayer,
        @Column(name = "wish_mineral_only") boolean mineralOnly,
        @Column(name = "wish_cheap") boolean cheap,
        @Column(name = "wish_light") boolean light,
        @Column(name = "wish_most_materials") @Nullable Integer mostMaterials,
        @Column(name = "wish_life_years") @Nullable Double lifeYears) {

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
                        wishes.lifeYears().isPresent() ? wishes.lifeYears().getAsDouble() : null);
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
                lifeYears == null ? OptionalDouble.empty() : OptionalDouble.of(lifeYears));
    }
}
