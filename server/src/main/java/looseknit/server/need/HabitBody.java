package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import java.util.OptionalDouble;
import looseknit.core.need.Habit;
import org.jspecify.annotations.Nullable;

/**
 * A habit as it travels and is stored.
 *
 * @param alkalinityMgPerL alkalinity of the water as calcium carbonate [mg/L]; null if not known
 * @param waterEcDsPerM salts of the water [dS/m]; null if not known
 */
@Embeddable
public record HabitBody(
        @Column(name = "habit_every_days") double everyDays,

        @Column(name = "habit_amount") @Enumerated(EnumType.STRING) @NotNull
        Habit.Amount amount,

        @Column(name = "habit_hand") @Enumerated(EnumType.STRING) @NotNull
        Habit.Hand hand,

        @Column(name = "habit_water") @Enumerated(EnumType.STRING) @NotNull
        Habit.Water water,

        @Column(name = "habit_alkalinity_mg_per_l") @Nullable
        Double alkalinityMgPerL,

        @Column(name = "habit_water_ec_ds_per_m") @Nullable Double waterEcDsPerM) {

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
