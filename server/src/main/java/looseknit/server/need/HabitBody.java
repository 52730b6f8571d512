package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import looseknit.core.need.Habit;

/** A habit as it travels and is stored. */
@Embeddable
public record HabitBody(
        @Column(name = "habit_every_days") double everyDays,

        @Column(name = "habit_amount") @Enumerated(EnumType.STRING) @NotNull
        Habit.Amount amount,

        @Column(name = "habit_hand") @Enumerated(EnumType.STRING) @NotNull
        Habit.Hand hand,

        @Column(name = "habit_water") @Enumerated(EnumType.STRING) @NotNull
        Habit.Water water) {

    /**
     * The habit as the core understands it.
     *
     * @throws looseknit.core.measure.OutOfRangeException if the interval is out of range
     */
    public Habit toCore() {
        return new Habit(everyDays, amount, hand, water);
    }
}
