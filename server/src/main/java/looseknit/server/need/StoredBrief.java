package looseknit.server.need;

import java.util.List;
import looseknit.core.need.Habit;
import looseknit.core.need.School;
import looseknit.core.need.Stage;
import looseknit.core.need.Wishes;
import org.jspecify.annotations.Nullable;

/** A brief as it is stored. */
record StoredBrief(
        @Nullable String plantId,
        @Nullable List<String> companionIds,
        Stage stage,
        @Nullable StoredPot pot,
        @Nullable StoredPlace place,
        @Nullable StoredHabit habit,
        @Nullable StoredWishes wishes,
        @Nullable Double spread) {

    /** A hand with the can, as it is stored. */
    record StoredHabit(
            double everyDays,
            Habit.Amount amount,
            Habit.Hand hand,
            Habit.Water water,
            @Nullable Double alkalinityMgPerL,
            @Nullable Double waterEcDsPerM) {

        static StoredHabit of(final HabitBody habit) {
            return new StoredHabit(
                    habit.everyDays(),
                    habit.amount(),
                    habit.hand(),
                    habit.water(),
                    habit.alkalinityMgPerL(),
                    habit.waterEcDsPerM());
        }

        HabitBody body() {
            return new HabitBody(everyDays, amount, hand, water, alkalinityMgPerL, waterEcDsPerM);
        }
    }

    /** Wishes as they are stored. */
    record StoredWishes(
            Wishes.@Nullable Fibre fibre,
            boolean noCompost,
            @Nullable Boolean drainageLayer,
            boolean mineralOnly,
            boolean cheap,
            boolean light,
            @Nullable Integer mostMaterials,
            @Nullable Double lifeYears,
            @Nullable School school) {

        static StoredWishes of(final WishesBody wishes) {
            return new StoredWishes(
                    wishes.fibre(),
                    wishes.noCompost(),
                    wishes.drainageLayer(),
                    wishes.mineralOnly(),
                    wishes.cheap(),
                    wishes.light(),
                    wishes.mostMaterials(),
                    wishes.lifeYears(),
                    wishes.school());
        }

        WishesBody body() {
            return new WishesBody(
                    fibre, noCompost, drainageLayer, mineralOnly, cheap, light, mostMaterials, lifeYears, school);
        }
    }

    static StoredBrief of(final BriefBody brief) {
        return new StoredBrief(
                brief.plantId(),
                brief.companionIds(),
                brief.stage(),
                brief.pot() == null ? null : StoredPot.of(brief.pot()),
                brief.place() == null ? null : StoredPlace.of(brief.place()),
                brief.habit() == null ? null : StoredHabit.of(brief.habit()),
                brief.wishes() == null ? null : StoredWishes.of(brief.wishes()),
                brief.spread());
    }

    BriefBody body() {
        return new BriefBody(
                plantId,
                companionIds,
                stage,
                pot == null ? null : pot.body(),
                place == null ? null : place.body(),
                habit == null ? null : habit.body(),
                wishes == null ? null : wishes.body(),
                spread);
    }
}
