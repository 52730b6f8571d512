package looseknit.core.need;

import java.util.Optional;
import looseknit.core.dry.Foliage;
import looseknit.core.pot.Pot;

/**
 * What a blend is for: a plant at a stage, in a pot, at a place, in somebody's hand. Whatever is not known stays open.
 */
public record Brief(
        Optional<Plant> plant, Stage stage, Optional<Pot> pot, Optional<Place> place, Optional<Habit> habit) {

    /** A brief that says nothing. */
    public static final Brief OPEN =
            new Brief(Optional.empty(), Stage.ESTABLISHED, Optional.empty(), Optional.empty(), Optional.empty());

    /** The leaves over a pot: leaf layers times the area of its mouth, by stage. */
    public static Foliage foliage(final Plant plant, final Stage stage, final Pot pot) {
        final double mouthM2 = pot.surfaceM2();
        return new Foliage(
                Math.min(50, plant.needs().leafLayers() * mouthM2 * stage.leaf()),
                plant.needs().thrift());
    }

    /** The same brief with another pot. */
    public Brief with(final Pot other) {
        return new Brief(plant, stage, Optional.of(other), place, habit);
    }

    /** The same brief with another habit. */
    public Brief with(final Habit other) {
        return new Brief(plant, stage, pot, place, Optional.of(other));
    }
}
