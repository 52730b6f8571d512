package looseknit.core.need;

import java.util.List;
import java.util.Optional;
import looseknit.core.dry.Foliage;
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
 */
public record Brief(
        Optional<Plant> plant,
        List<Plant> companions,
        Stage stage,
        Optional<Pot> pot,
        Optional<Place> place,
        Optional<Habit> habit,
        Wishes wishes) {

    /** A brief that says nothing. */
    public static final Brief OPEN =
            new Brief(Optional.empty(), Stage.ESTABLISHED, Optional.empty(), Optional.empty(), Optional.empty());

    public Brief {
        companions = List.copyOf(companions);
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

    /** The overlap of what the plants ask; nothing without a plant. */
    public Optional<Needs> needs() {
        return companions.isEmpty() ? plant.map(Plant::needs) : shared().map(SharedNeeds::needs);
    }

    /** Most leaf that is reckoned with [m²]. */
    public static final double MOST_LEAF_M2 = 50;

    /** The leaves over a pot: leaf layers times the area of its mouth, by stage. */
    public static Foliage foliage(final Needs needs, final Stage stage, final Pot pot) {
        return new Foliage(Math.min(MOST_LEAF_M2, needs.leafLayers() * pot.surfaceM2() * stage.leaf()), needs.thrift());
    }

    /** The same brief with another pot. */
    public Brief with(final Pot other) {
        return new Brief(plant, companions, stage, Optional.of(other), place, habit, wishes);
    }

    /** The same brief for another plant, alone. */
    public Brief with(final Plant other) {
        return new Brief(Optional.of(other), List.of(), stage, pot, place, habit, wishes);
    }

    /** The same brief at another place. */
    public Brief with(final Place other) {
        return new Brief(plant, companions, stage, pot, Optional.of(other), habit, wishes);
    }

    /** The same brief with another habit. */
    public Brief with(final Habit other) {
        return new Brief(plant, companions, stage, pot, place, Optional.of(other), wishes);
    }

    /** The same brief with other wishes. */
    public Brief with(final Wishes other) {
        return new Brief(plant, companions, stage, pot, place, habit, other);
    }

    /** The same brief with further plants in the pot. */
    public Brief beside(final List<Plant> others) {
        return new Brief(plant, others, stage, pot, place, habit, wishes);
    }
}
