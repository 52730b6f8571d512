package looseknit.core.outlook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.change.Change;
import looseknit.core.dry.DryDown;
import looseknit.core.measure.Estimate;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.pot.Column;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;

/**
 * A pot as it stands: what lies where in it after draining, what it weighs wet and dry, and how it dries, in its own wall and in others.
 *
 * @param fillCm height of the surface above the inside bottom [cm]
 * @param settledCm height to which it will have sunk after a year [cm]
 * @param layerCm depth of the drainage layer [cm]; 0 without one
 * @param wetFootCm height of the wet foot above the bottom of the mix [cm]
 * @param slices water and air by height, from below
 * @param kg what to tell it by in the hand
 * @param days days from a watering until the plant wants water
 * @param wants share of the usable water that is gone by then, 0 to 1
 * @param curves usable water that is left, in its own wall first, then in one that breathes where it does not, or the other way round
 */
public record PotPortrait(
        double fillCm,
        double settledCm,
        double layerCm,
        double wetFootCm,
        List<Slice> slices,
        Weights kg,
        Estimate days,
        double wants,
        List<Curve> curves) {

    private static final int SLICES = 24;

    /** A curve goes on for so many times the days until the plant wants water, within a horizon. */
    private static final double GOES_ON = 2.2;

    private static final int FEWEST_DAYS = 4;

    /** No pot is taken to dry faster than this [d]. */
    private static final double LEAST_DAYS = 0.2;

    private static final int MOST_DAYS = 90;

    /**
     * A slice across the pot after soaking and draining.
     *
     * @param fromCm height of its lower face above the inside bottom [cm]
     * @param toCm height of its upper face [cm]
     * @param water [vol/vol]
     * @param air [vol/vol]
     */
    public record Slice(double fromCm, double toCm, double water, double air) {}

    /**
     * Weights of the pot with its mix, without the plant [kg].
     *
     * @param watered just watered and drained
     * @param wants when the plant wants water
     * @param dry with the water that no plant draws
     */
    public record Weights(double watered, double wants, double dry) {}

    /**
     * How it dries in a wall.
     *
     * @param own whether this is the wall that it has
     * @param left share of the usable water that is left, day by day from a watering on
     * @param early what is left at least in four of five such pots; empty in another wall
     * @param late what is left at most
     */
    public record Curve(PotWall wall, boolean own, List<Double> left, List<Double> early, List<Double> late) {}

    public PotPortrait {
        slices = List.copyOf(slices);
        curves = List.copyOf(curves);
    }

    /** The portrait of a potted mix; nothing if plant, pot or place is not named. */
    public static Optional<PotPortrait> of(final PottedMix potted) {
        final Optional<Pot> named = potted.brief().pot();
        final Optional<DryDown> drying = potted.dryDown();
        if (named.isEmpty() || drying.isEmpty()) {
            return Optional.empty();
        }
        final Pot pot = named.get();
        final Estimate days = Reading.estimate(potted, Property.DRY_DAYS);
        final double wants = potted.trigger().depletion();
        final double fill = pot.layerCm() + pot.mixHeightCm();
        final double litres = pot.mixLitres();
        final double usable = potted.reservoir().orElseThrow().fromTopL();
        final int horizon = (int) Math.max(FEWEST_DAYS, Math.min(MOST_DAYS, Math.ceil(GOES_ON * days.value())));
        return Optional.of(new PotPortrait(
                fill,
                pot.layerCm() + pot.mixHeightCm() * potted.ageing().settledTo(1),
                pot.layerCm(),
                potted.column().wetZoneCm(potted.mix()),
                slices(potted, pot),
                new Weights(
                        potted.kg(potted.water()),
                        potted.kg(potted.water() - wants * usable / litres),
                        potted.kg(potted.water() - usable / litres)),
                days,
                wants,
                curves(potted, pot, days, horizon)));
    }

    /** Water and air by height: each slice at the suction of its middle. */
    private static List<Slice> slices(final PottedMix potted, final Pot pot) {
        final Column column = potted.column();
        final double pores = potted.mix().totalPorosity();
        final double step = column.heightCm() / SLICES;
        final List<Slice> slices = new ArrayList<>();
        for (int i = 0; i < SLICES; i++) {
            final double middle = (i + 0.5) * step;
            final double water = middle < column.freeWaterCm()
                    ? potted.mix().waterPorosity()
                    : potted.mix().waterAt(middle - column.freeWaterCm() + column.addedSuctionCm());
            slices.add(new Slice(
                    pot.layerCm() + i * step, pot.layerCm() + (i + 1) * step, water, Math.max(0, pores - water)));
        }
        return slices;
    }

    private static List<Curve> curves(final PottedMix potted, final Pot pot, final Estimate days, final int horizon) {
        final List<Curve> curves = new ArrayList<>();
        final DryDown own = potted.dryDown().orElseThrow();
        curves.add(new Curve(
                pot.wall(),
                true,
                left(own, horizon),
                left(faster(own, days.value() / Math.max(LEAST_DAYS, days.low80())), horizon),
                left(faster(own, days.value() / days.high80()), horizon)));
        for (final PotWall wall : PotWall.values()) {
            if (curves.stream().noneMatch(each -> each.wall().breathes() == wall.breathes())) {
                final PottedMix other = potted.with(inWall(potted.brief(), wall));
                curves.add(new Curve(wall, false, left(other.dryDown().orElseThrow(), horizon), List.of(), List.of()));
            }
        }
        return curves;
    }

    /** The same pot drying about so many times as fast: with so much less water to lose. */
    private static DryDown faster(final DryDown drying, final double times) {
        return new DryDown(drying.usableLitres() / times, drying.losses());
    }

    private static List<Double> left(final DryDown drying, final int horizon) {
        return drying.dailyDepletion(horizon).stream().map(gone -> 1 - gone).toList();
    }

    private static Brief inWall(final Brief brief, final PotWall wall) {
        return new Change.Wall(wall).briefAfter(brief);
    }
}
