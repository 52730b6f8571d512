package looseknit.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Plant;
import looseknit.core.need.Wishes;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/** Something that a person could change. What it does to mix and brief is worked out here and nowhere else. */
public sealed interface Change {

    /**
     * What lies on the bench after the change.
     *
     * @throws looseknit.core.measure.OutOfRangeException if there is no such mix, pot or habit
     */
    default Setup apply(final Setup before) {
        return new Setup(recipeAfter(before.recipe()), briefAfter(before.brief()));
    }

    /** What it makes of a mix. */
    default Recipe recipeAfter(final Recipe before) {
        return before;
    }

    /** What it makes of a brief. */
    default Brief briefAfter(final Brief before) {
        return before;
    }

    /**
     * More or less of a row.
     *
     * @param row place in the recipe
     * @param by change of its amount, in the measure of the recipe
     */
    record Amount(int row, double by) implements Change {

        @Override
        public Recipe recipeAfter(final Recipe before) {
            return before.changed(row, by);
        }
    }

    /**
     * A step from one row to another.
     *
     * @param gaining row that gets it
     * @param giving row that gives it
     * @param step amount, in the measure of the recipe, above 0
     */
    record Swap(int gaining, int giving, double step) implements Change {

        @Override
        public Recipe recipeAfter(final Recipe before) {
            return before.changed(giving, -step).changed(gaining, step);
        }
    }

    /**
     * More of a material, new or not.
     *
     * @param parts how much, in the measure of the recipe
     */
    record Addition(Material material, double parts) implements Change {

        private static final double HUNDRED = 100;

        /** More of a row that is there already; per cent stay per cent of a whole. */
        @Override
        public Recipe recipeAfter(final Recipe before) {
            final double scale = before.measure() == Recipe.Measure.PERCENT ? HUNDRED / (before.sum() + parts) : 1;
            final List<Recipe.Part> all = new ArrayList<>();
            boolean there = false;
            for (final Recipe.Part part : before.parts()) {
                final boolean same = !there && part.material().equals(material);
                all.add(new Recipe.Part(part.material(), scale * (part.amount() + (same ? parts : 0))));
                there |= same;
            }
            if (!there) {
                all.add(new Recipe.Part(material, scale * parts));
            }
            return new Recipe(before.measure(), all, before.doses());
        }
    }

    /**
     * Another dose of an amendment.
     *
     * @param gPerL the new dose [g/L]
     */
    record Dose(Amendment amendment, double gPerL) implements Change {

        @Override
        public Recipe recipeAfter(final Recipe before) {
            final List<Recipe.Dose> doses = new ArrayList<>(before.doses().stream()
                    .filter(dose -> !dose.amendment().equals(amendment))
                    .toList());
            doses.add(new Recipe.Dose(amendment, gPerL));
            return new Recipe(before.measure(), before.parts(), doses);
        }
    }

    /** An amendment that a search may dose as it needs; mix and brief stay. */
    record AllowedDose(Amendment amendment) implements Change {}

    /** Another wall of the pot. */
    record Wall(PotWall wall) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(before.pot().orElseThrow().with(wall));
        }
    }

    /** Another way for water to leave the pot. */
    record Base(PotBase base) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(before.pot().orElseThrow().with(base));
        }
    }

    /**
     * A pot of the same proportions and another size.
     *
     * @param topCm its width at the rim [cm]
     */
    record Width(double topCm) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(before.pot().orElseThrow().scaledTo(topCm));
        }
    }

    /**
     * Another interval between waterings.
     *
     * @param days days between waterings
     */
    record Interval(double days) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(before.habit().orElseThrow().every(days));
        }
    }

    /** Other water. */
    record Water(Habit.Water water) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(before.habit().orElseThrow().with(water));
        }
    }

    /** Another plant, alone in the pot. */
    record Instead(Plant plant) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(plant);
        }
    }

    /** A wish given up. */
    record Concession(Wish wish) implements Change {

        @Override
        public Brief briefAfter(final Brief before) {
            return before.with(wish.without(before.wishes()));
        }
    }

    /** Several changes, one after another. */
    record Together(List<Change> changes) implements Change {

        public Together {
            changes = List.copyOf(changes);
        }

        @Override
        public Recipe recipeAfter(final Recipe before) {
            Recipe after = before;
            for (final Change each : changes) {
                after = each.recipeAfter(after);
            }
            return after;
        }

        @Override
        public Brief briefAfter(final Brief before) {
            Brief after = before;
            for (final Change each : changes) {
                after = each.briefAfter(after);
            }
            return after;
        }
    }

    /** A wish that can be given up. */
    enum Wish {
        MINERAL_ONLY,
        NO_PEAT,
        LIGHT,
        SCHOOL;

        Wishes without(final Wishes wishes) {
            return switch (this) {
                case MINERAL_ONLY -> wishes.withoutMineralOnly();
                case NO_PEAT -> wishes.with(Wishes.Fibre.EITHER);
                case LIGHT -> wishes.withoutLight();
                case SCHOOL -> wishes.of(Optional.empty());
            };
        }
    }
}
