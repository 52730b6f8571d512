package looseknit.core.find;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/** Shelves, briefs and questions for tests, drawn by chance from a seed or named. */
final class Shelves {

    private static final List<Material> SCOOPED = MaterialBook.shipped().materials().stream()
            .filter(Material::forRecipes)
            .toList();

    private final Random random;

    Shelves(final long seed) {
        this.random = new Random(seed);
    }

    static Material material(final String id) {
        return MaterialBook.shipped().material(id).orElseThrow();
    }

    static List<Candidate> of(final String... ids) {
        return Stream.of(ids).map(Shelves::material).map(Candidate::of).toList();
    }

    static Plant plant(final String id) {
        return PlantBook.shipped().plant(id).orElseThrow();
    }

    static Brief brief(final String plant, final double everyDays) {
        return new Brief(
                Optional.of(plant(plant)),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(14, PotWall.PLASTIC)),
                Optional.of(new Place("the landing", 20, 50, Light.MEDIUM, Draught.STILL)),
                Optional.of(new Habit(everyDays, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
    }

    static Question.Doses doses(final String lime, final String feed) {
        return new Question.Doses(
                MaterialBook.shipped().amendment(lime),
                Optional.empty(),
                MaterialBook.shipped().amendment(feed));
    }

    /** So many different materials, each with a price and something left. */
    List<Candidate> shelf(final int size) {
        final List<Material> all = new ArrayList<>(SCOOPED);
        Collections.shuffle(all, random);
        return all.subList(0, size).stream()
                .map(material -> new Candidate(
                        material,
                        OptionalDouble.of(0.1 + random.nextDouble()),
                        OptionalDouble.of(1 + 20 * random.nextDouble()),
                        true,
                        0,
                        1))
                .toList();
    }

    /** A brief with everything named, of any plant, pot and place. */
    Brief brief() {
        final List<Plant> plants = PlantBook.shipped().plants();
        final Plant plant = plants.get(random.nextInt(plants.size()));
        final double width = 8 + 20 * random.nextDouble();
        final PotWall wall = random.nextBoolean() ? PotWall.CLAY : PotWall.PLASTIC;
        return new Brief(
                Optional.of(plant),
                Stage.values()[random.nextInt(Stage.values().length)],
                Optional.of(pot(width, wall)),
                Optional.of(new Place(
                        "somewhere",
                        12 + 14 * random.nextDouble(),
                        35 + 50 * random.nextDouble(),
                        Light.values()[random.nextInt(Light.values().length)],
                        Draught.STILL)),
                Optional.of(new Habit(
                        2 + random.nextInt(14),
                        Habit.Amount.values()[random.nextInt(Habit.Amount.values().length)],
                        Habit.Hand.STEADY,
                        Habit.Water.RAIN)));
    }

    private Pot pot(final double width, final PotWall wall) {
        final Pot plain = Pot.ordinary(width, wall);
        return switch (random.nextInt(4)) {
            case 0 ->
                new Pot(
                        plain.shape(),
                        width,
                        plain.bottomCm(),
                        plain.heightCm(),
                        wall,
                        PotBase.NO_HOLES,
                        2,
                        Optional.empty());
            case 1 ->
                new Pot(
                        plain.shape(),
                        width,
                        plain.bottomCm(),
                        plain.heightCm(),
                        wall,
                        PotBase.ON_FEET,
                        0,
                        Optional.of(new DrainageLayer(material(random.nextBoolean() ? "pebbles" : "grit_3_6"), 2)));
            default -> plain;
        };
    }

    Question question(final int size, final int materials, final int parts) {
        final Question question =
                Question.of(brief(), shelf(size), new Limits(materials, parts, OptionalDouble.empty(), 60_000));
        return random.nextBoolean() ? question : question.dosing(doses("dolomite", "granules"));
    }

    Random random() {
        return random;
    }

    /** Whether a plant is one that never dries, for which an interval is not a wish. */
    static boolean bog(final Brief brief) {
        return brief.needs().orElseThrow().trigger() == AllowableDepletion.NEVER_DRY;
    }
}
