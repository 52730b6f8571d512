package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import looseknit.core.dry.Foliage;
import looseknit.core.measure.Limit;
import looseknit.core.pot.Pot;

/**
 * What a blend is for: a plant at a stage, in a pot, at a place, in somebody's hand, with what that person wishes. Whatever is not known
 * stays open.
 *
 * @param plant the plant, or the one of several that has the say
 * @param companions further plants in the same pot
 * @param stage stage of the plant
 * @param pot the pot
 * @param place where it stands
 * @param habit how it is watered
 * @param wishes what the grower wants of the mix
 * @param spread width of the plant over the width of the pot, 0.3 to 6; nothing for what is usual for plant and stage
 */
public record Brief(
        Optional<Plant> plant,
        List<Plant> companions,
        Stage stage,
        Optional<Pot> pot,
        Optional<Place> place,
        Optional<Habit> habit,
        Wishes wishes,
        OptionalDouble spread) {

    /** A brief that says nothing. */
    public static final Brief OPEN =
            new Brief(Optional.empty(), Stage.ESTABLISHED, Optional.empty(), Optional.empty(), Optional.empty());

    public Brief {
        companions = List.copyOf(companions);
        spread.ifPresent(value -> within("brief.spread", value, 0.3, 6, Limit.PLANT_OVER_POT));
    }

    /** A brief for plants of the usual width. */
    public Brief(
            final Optional<Plant> plant,
            final List<Plant> companions,
            final Stage stage,
            final Optional<Pot> pot,
            final Optional<Place> place,
            final Optional<Habit> habit,
            final Wishes wishes) {
        this(plant, companions, stage, pot, place, habit, wishes, OptionalDouble.empty());
    }

    /** A brief for one plant, without wishes. */
    public Brief(
            final Optional<Plant> plant,
            final Stage stage,
            final Optional<Pot> pot,
            final Optional<Place> place,
            final Optional<Habit> habit) {
        this(plant, List.of(), stage, pot, place, habit, Wishes.NONE);
    }

    /** What the plants ask of the mix together; nothing without a plant. */
    public Optional<SharedNeeds> shared() {
        return plant.map(first -> SharedNeeds.of(first, companions));
    }

    /** What usually is in a mix for each of the plants, by the wishes. */
    public List<UsualMakeUp> usual() {
        return Stream.concat(plant.stream(), companions.stream())
                .map(each -> each.usual().in(wishes.schoolMeant()))
                .distinct()
                .toList();
    }

    /** The overlap of what the plants ask; nothing without a plant. */
    public Optional<Needs> needs() {
        return companions.isEmpty() ? plant.map(Plant::needs) : shared().map(SharedNeeds::needs);
    }

    /** Most ground under leaves that is reckoned with [m²]. */
    public static final double MOST_CANOPY_M2 = 50;

    /** The leaves over the pot: the area of its mouth times the square of the spread; nothing without plant and pot. */
    public Optional<Foliage> foliage() {
        return needs().flatMap(needs -> pot.map(each -> {
            final double width = spread.orElse(needs.spread() * stage.spread());
            return new Foliage(Math.min(MOST_CANOPY_M2, each.surfaceM2() * width * width), needs.cropCoefficient());
        }));
    }

    /** The same brief for a plant in another stage. */
    public Brief with(final Stage other) {
        return new Brief(plant, companions, other, pot, place, habit, wishes, spread);
    }

    /** The same brief with another pot. */
    public Brief with(final Pot other) {
        return new Brief(plant, companions, stage, Optional.of(other), place, habit, wishes, spread);
    }

    /** The same brief for another plant, alone. */
    public Brief with(final Plant other) {
        return new Brief(Optional.of(other), List.of(), stage, pot, place, habit, wishes, spread);
    }

    /** The same brief at another place. */
    public Brief with(final Place other) {
        return new Brief(plant, companions, stage, pot, Optional.of(other), habit, wishes, spread);
    }

    /** The same brief with another habit. */
    public Brief with(final Habit other) {
        return new Brief(plant, companions, stage, pot, place, Optional.of(other), wishes, spread);
    }

    /** The same brief with other wishes. */
    public Brief with(final Wishes other) {
        return new Brief(plant, companions, stage, pot, place, habit, other, spread);
    }

    /** The same brief with further plants in the pot. */
    public Brief beside(final List<Plant> others) {
        return new Brief(plant, others, stage, pot, place, habit, wishes, spread);
    }

    /** The same brief for plants so many times as wide as the pot. */
    public Brief asWideAs(final double times) {
        return new Brief(plant, companions, stage, pot, place, habit, wishes, OptionalDouble.of(times));
    }
}
