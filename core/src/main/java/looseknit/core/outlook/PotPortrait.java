package looseknit.core.outlook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import looseknit.core.change.Change;
import looseknit.core.dry.ClosedGlass;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Losses;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.planting.SetUp;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotSentence;
import looseknit.core.pot.PotWall;
import looseknit.core.pot.Stability;
import looseknit.core.pot.Stability.Load;
import looseknit.core.reading.PottedMix;
import looseknit.core.reading.Reading;

/**
 * A pot as it stands: what lies where in it after draining, what it weighs wet and dry, how firmly it stands, and how it dries, in its own
 * wall and in others.
 *
 * @param fillCm height of the surface above the inside bottom [cm]
 * @param settledCm height to which it will have sunk after a year [cm]
 * @param levels the layers from below; the last is the mix
 * @param wetFootCm height of the wet foot above the bottom of the mix [cm]
 * @param water water of all layers after soaking and draining [vol/vol]
 * @param air air of all layers then [vol/vol]
 * @param mixLitres fresh mix that it takes [L]
 * @param slices water and air by height, from below
 * @param kg what to tell it by in the hand
 * @param wetStands how firmly it stands with a grown plant, just watered; empty where it hangs
 * @param dryStands the same when dry
 * @param days days from a watering until the pot is as dry as the plant wants it
 * @param waits days for which it is left dry then, since the plant stores water [d]
 * @param wants share of the usable water that is gone by then, 0 to 1
 * @param curves usable water that is left, in its own wall first, then in one that breathes where it does not, or the other way round
 * @param syringe how a glass without holes is watered; empty for others
 * @param effects what the parts of the set-up do, in words
 */
public record PotPortrait(
        double fillCm,
        double settledCm,
        List<Level> levels,
        double wetFootCm,
        double water,
        double air,
        double mixLitres,
        List<Slice> slices,
        Weights kg,
        Optional<Stability> wetStands,
        Optional<Stability> dryStands,
        Estimate days,
        int waits,
        double wants,
        List<Curve> curves,
        Optional<ClosedGlass> syringe,
        List<Message> effects) {

    private static final int SLICES = 24;

    /** A curve goes on for so many times the days until the plant wants water, within a horizon. */
    private static final double GOES_ON = 2.2;

    private static final int FEWEST_DAYS = 4;

    /** No pot is taken to dry faster than this [d]. */
    private static final double LEAST_DAYS = 0.2;

    private static final int MOST_DAYS = 90;

    /** Less water than this nobody weighs [kg]. */
    private static final double LEAST_KG = 1e-3;

    /**
     * A layer as it stands.
     *
     * @param name what it is
     * @param fromCm height of its foot above the inside bottom [cm]
     * @param toCm height of its top [cm]
     * @param litres volume, without pole and channel [L]
     * @param water after soaking and draining [vol/vol]
     * @param air [vol/vol]
     * @param wetZoneCm height of the wet zone at its foot [cm]
     * @param overBreak whether water stops at the seam below it
     */
    public record Level(
            Message name,
            double fromCm,
            double toCm,
            double litres,
            double water,
            double air,
            double wetZoneCm,
            boolean overBreak) {}

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
        levels = List.copyOf(levels);
        slices = List.copyOf(slices);
        curves = List.copyOf(curves);
        effects = List.copyOf(effects);
    }

    /**
     * Share of the usable water that is left some days after a watering, 0 to 1.
     *
     * @param daysSince whole days, from 0 on
     */
    public double left(final long daysSince) {
        final List<Double> left = own();
        return left.get((int) Math.max(0, Math.min(left.size() - 1, daysSince)));
    }

    /** Days from a watering until the plant wants water: until the pot is as dry as it should be, and has been left dry for as long as it should be. */
    public Estimate wantsWater() {
        return days.plus(waits);
    }

    /** Weight of the pot with its mix some days after a watering, without the plant [kg]. */
    public double kgAfter(final long daysSince) {
        return kg.dry() + left(daysSince) * (kg.watered() - kg.dry());
    }

    /**
     * Share of the usable water that is left by what the pot weighs, below 0 where it is lighter than dry, above 1 where it is heavier than watered.
     *
     * @param withoutPlantKg what it weighs less its plant [kg]
     */
    public double leftAt(final double withoutPlantKg) {
        return (withoutPlantKg - kg.dry()) / Math.max(LEAST_KG, kg.watered() - kg.dry());
    }

    /**
     * Days from a watering until so much of the usable water is left, as reckoned; nothing beyond what is drawn.
     *
     * @param share what is left, 0 to 1
     */
    public OptionalDouble daysTo(final double share) {
        final List<Double> left = own();
        for (int day = 1; day < left.size(); day++) {
            if (left.get(day) <= share) {
                final double fall = left.get(day - 1) - left.get(day);
                return OptionalDouble.of(day - (fall <= 0 ? 0 : (share - left.get(day)) / fall));
            }
        }
        return OptionalDouble.empty();
    }

    private List<Double> own() {
        return curves.stream().filter(Curve::own).map(Curve::left).findFirst().orElseThrow();
    }

    /** The portrait of a potted mix with nothing else in its pot; nothing if plant, pot or place is not named. */
    public static Optional<PotPortrait> of(final PottedMix potted) {
        return potted.brief().pot().flatMap(pot -> of(potted, SetUp.plain(pot)));
    }

    /**
     * The portrait of a potted mix in a set-up; nothing if plant, pot or place is not named.
     *
     * @throws looseknit.core.measure.OutOfRangeException if the set-up does not go into the pot
     */
    public static Optional<PotPortrait> of(final PottedMix potted, final SetUp setUp) {
        if (potted.brief().pot().isEmpty() || potted.dryDown().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(drawn(potted, new PotFilling(potted, setUp)));
    }

    /** What all that goes into such a pot costs; nothing if a price is missing. */
    public static OptionalDouble cost(
            final PottedMix potted, final SetUp setUp, final Function<Material, OptionalDouble> perLitre) {
        return potted.brief().pot().isEmpty() ? OptionalDouble.empty() : new PotFilling(potted, setUp).cost(perLitre);
    }

    private static PotPortrait drawn(final PottedMix potted, final PotFilling filling) {
        final Pot pot = filling.pot();
        final DryDown drying = drying(potted, filling);
        final Estimate days = days(potted, drying);
        final double wants = potted.trigger().depletion();
        final int horizon = (int) Math.max(FEWEST_DAYS, Math.min(MOST_DAYS, Math.ceil(GOES_ON * days.value())));
        final double under = filling.setUp().underMixCm(pot);
        return new PotPortrait(
                pot.fillCm(),
                under + (pot.fillCm() - under) * potted.ageing().settledTo(1),
                levels(filling),
                filling.own().level().wetZoneCm(),
                filling.water(),
                filling.air(),
                filling.setUp().mixLitres(pot),
                slices(filling),
                new Weights(kg(filling, 1), kg(filling, 1 - wants), kg(filling, 0)),
                stands(potted, filling, 1),
                stands(potted, filling, 0),
                days,
                potted.trigger().waitsDays(),
                wants,
                curves(potted, filling, days, horizon),
                glass(potted, filling, drying),
                SetUpEffects.of(potted, filling, days));
    }

    /** The drying of the potted mix, with the water of all layers and what the dressing keeps in. */
    static DryDown drying(final PottedMix potted, final PotFilling filling) {
        final DryDown plain = potted.dryDown().orElseThrow();
        final double more =
                filling.usableLitres() / potted.reservoir().orElseThrow().fromTopL();
        final Brief brief = potted.brief();
        final Losses losses = Losses.of(
                filling.pot(),
                brief.place().orElseThrow().weather(),
                brief.foliage().orElseThrow(),
                filling.setUp().onTop());
        return new DryDown(plain.usableLitres() * more, losses);
    }

    /** Days until the plant wants water, as uncertain in proportion as those of the potted mix. */
    static Estimate days(final PottedMix potted, final DryDown drying) {
        final Estimate plain = Reading.estimate(potted, Property.DRY_DAYS);
        final double days = potted.situation()
                .drying()
                .orElseThrow()
                .losing(drying.losses())
                .days(drying.usableLitres());
        return plain.times(days / Math.max(1e-9, plain.value()));
    }

    private static double kg(final PotFilling filling, final double left) {
        return filling.loads(left).stream().mapToDouble(Load::kg).sum();
    }

    private static Optional<Stability> stands(final PottedMix potted, final PotFilling filling, final double left) {
        return potted.grown().map(plant -> {
            final List<Load> loads = new ArrayList<>(filling.loads(left));
            if (plant.plantKg() > 0) {
                loads.add(new Load(
                        PotSentence.LOAD_PLANT.with(),
                        plant.plantKg(),
                        filling.pot().heightCm() + plant.plantCentreCm()));
            }
            return new Stability(loads, filling.pot().bottomCm() / 2);
        });
    }

    private static List<Level> levels(final PotFilling filling) {
        final List<Level> levels = new ArrayList<>();
        for (final PotFilling.Part part : filling.all()) {
            levels.add(new Level(
                    filling.name(levels.size()),
                    part.fromCm(),
                    part.toCm(),
                    part.litres(),
                    part.water(),
                    Math.max(0, part.porosity() - part.water()),
                    part.level().wetZoneCm(),
                    part.level().overBreak()));
        }
        return levels;
    }

    /** Water and air by height: each slice at the suction of its middle. */
    private static List<Slice> slices(final PotFilling filling) {
        final double whole = filling.pot().fillCm() - filling.pot().layerCm();
        final List<Slice> slices = new ArrayList<>();
        for (final PotFilling.Part part : filling.all()) {
            final double high = part.toCm() - part.fromCm();
            final int count = (int) Math.max(2, Math.rint(SLICES * high / whole));
            for (int i = 0; i < count; i++) {
                final double water = PotFilling.waterAt(part, (i + 0.5) * high / count);
                slices.add(new Slice(
                        part.fromCm() + i * high / count,
                        part.fromCm() + (i + 1) * high / count,
                        water,
                        Math.max(0, part.porosity() - water)));
            }
        }
        return slices;
    }

    private static List<Curve> curves(
            final PottedMix potted, final PotFilling filling, final Estimate days, final int horizon) {
        final List<Curve> curves = new ArrayList<>();
        final DryDown own = drying(potted, filling);
        curves.add(new Curve(
                filling.pot().wall(),
                true,
                left(own, horizon),
                left(faster(own, days.value() / Math.max(LEAST_DAYS, days.low80())), horizon),
                left(faster(own, days.value() / days.high80()), horizon)));
        for (final PotWall wall : PotWall.ORDINARY) {
            if (curves.stream().noneMatch(each -> each.wall().breathes() == wall.breathes())) {
                final PottedMix other = potted.with(new Change.Wall(wall).briefAfter(potted.brief()));
                final DryDown there = drying(other, new PotFilling(other, filling.setUp()));
                curves.add(new Curve(wall, false, left(there, horizon), List.of(), List.of()));
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

    /** A pot whose bottom is closed and that has no overflow is watered by measure. */
    private static Optional<ClosedGlass> glass(final PottedMix potted, final PotFilling filling, final DryDown drying) {
        final Pot pot = filling.pot();
        return pot.base() == PotBase.NO_HOLES && pot.baseCm() <= pot.layerCm()
                ? Optional.of(new ClosedGlass(drying, potted.trigger(), pot.layerLitres() * PotFilling.BETWEEN_STONES))
                : Optional.empty();
    }
}
