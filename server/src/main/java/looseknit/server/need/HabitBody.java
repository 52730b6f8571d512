package looseknit.server.need;

import jakarta.validation.constraints.NotNull;
import java.util.OptionalDouble;
import looseknit.core.need.Habit;
import org.jspecify.annotations.Nullable;

/**
 * A habit as it travels.
 *
 * @param alkalinityMgPerL alkalinity of the water as calcium carbonate [mg/L]; null if not known
 * @param waterEcDsPerM salts of the water [dS/m]; null if not known
 */
public record HabitBody(
        double everyDays,

        @NotNull Habit.Amount amount,

        @NotNull Habit.Hand hand,

        @NotNull Habit.Water water,

        @Nullable Double alkalinityMgPerL,

        @Nullable Double waterEcDsPerM) {

    /** A habit of the core as it travels. */
    public static HabitBody of(final Habit habit) {
        return new HabitBody(
                habit.everyDays(),
                habit.amount(),
                habit.hand(),
                habit.water(),
                habit.alkalinityMgPerL().isPresent() ? habit.alkalinityMgPerL().getAsDouble() : null,
                habit.waterEcDsPerM().isPresent() ? habit.waterEcDsPerM().getAsDouble() : null);
    }

    /**
     * The habit as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if the interval is out of range
     */
    public Habit toCore() {
        return new Habit(
                everyDays,
                amount,
                hand,
                water,
                alkalinityMgPerL == null ? OptionalDouble.empty() : OptionalDouble.of(alkalinityMgPerL),
                waterEcDsPerM == null ? OptionalDouble.empty() : OptionalDouble.of(waterEcDsPerM));
    }
}
