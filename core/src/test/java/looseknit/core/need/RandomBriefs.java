package looseknit.core.need;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import looseknit.core.material.MaterialBook;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotShape;
import looseknit.core.pot.PotWall;

/** Briefs of every kind, by chance: always with a plant and a pot, mostly with place and hand. */
public final class RandomBriefs {

    private static final List<Plant> PLANTS = List.copyOf(PlantBook.shipped().plants());

    private RandomBriefs() {}

    public static Brief next(final Random random) {
        final Plant plant = PLANTS.get(random.nextInt(PLANTS.size()));
        final Optional<Place> place = random.nextInt(8) == 0
                ? Optional.empty()
                : Optional.of(new Place(
                        "somewhere",
                        8 + random.nextInt(24),
                        25 + random.nextInt(70),
                        one(random, Light.values()),
                        one(random, Draught.values())));
        final Optional<Habit> habit = random.nextInt(8) == 0
                ? Optional.empty()
                : Optional.of(new Habit(
                        1 + random.nextInt(20),
                        one(random, Habit.Amount.values()),
                        one(random, Habit.Hand.values()),
                        one(random, Habit.Water.values())));
        final Wishes wishes = random.nextInt(4) > 0
                ? Wishes.NONE
                : new Wishes(
                        one(random, Wishes.Fibre.values()),
                        random.nextBoolean(),
                        Optional.empty(),
                        random.nextInt(4) == 0,
                        random.nextBoolean(),
                        random.nextInt(3) == 0,
                        OptionalInt.empty(),
                        OptionalDouble.empty());
        return new Brief(
                Optional.of(plant),
                List.of(),
                one(random, Stage.values()),
                Optional.of(pot(random)),
                place,
                habit,
                wishes);
    }

    private static Pot pot(final Random random) {
        final double top = 7 + random.nextInt(30);
        final double height = top * (0.6 + 0.6 * random.nextDouble());
        final PotBase base = one(random, PotBase.values());
        return new Pot(
                one(random, PotShape.values()),
                top,
                top * (0.6 + 0.4 * random.nextDouble()),
                height,
                one(random, PotWall.values()),
                base,
                base == PotBase.NO_HOLES ? 0.4 * height : base == PotBase.WICK ? Math.min(8, 0.5 * height) : 0,
                random.nextInt(4) == 0
                        ? Optional.of(new DrainageLayer(
                                MaterialBook.shipped().material("pebbles").orElseThrow(), 0.15 * height))
                        : Optional.empty());
    }

    private static <T> T one(final Random random, final T[] all) {
        return all[random.nextInt(all.length)];
    }
}
