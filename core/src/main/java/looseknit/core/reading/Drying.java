package looseknit.core.reading;

import java.util.Optional;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.DryDown;
import looseknit.core.dry.Losses;
import looseknit.core.dry.TopDressing;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Needs;
import looseknit.core.pot.Pot;

/**
 * How a brief's pot dries under its hand, whatever the mix.
 *
 * @param losses how fast water goes
 * @param trigger how dry the plant wants it before water
 * @param lightly whether a watering refills only a part
 * @param below whether the pot soaks from below
 * @param litres volume of the mix [L]
 */
public record Drying(Losses losses, AllowableDepletion trigger, boolean lightly, boolean below, double litres)
        implements DryingDays {

    /** The drying of a brief; nothing unless plant, pot and place are named. */
    public static Optional<Drying> of(final Brief brief) {
        if (brief.needs().isEmpty() || brief.pot().isEmpty() || brief.place().isEmpty()) {
            return Optional.empty();
        }
        final Needs needs = brief.needs().get();
        final Pot pot = brief.pot().get();
        final Optional<Habit.Amount> amount = brief.habit().map(Habit::amount);
        return Optional.of(new Drying(
                Losses.of(pot, brief.place().get().weather(), brief.foliage().orElseThrow(), TopDressing.NONE),
                needs.trigger(),
                amount.filter(each -> each == Habit.Amount.LIGHTLY).isPresent(),
                amount.filter(each -> each == Habit.Amount.FROM_BELOW).isPresent(),
                pot.mixLitres()));
    }

    @Override
    public double days(final double usableLitres) {
        final double wanted = trigger.depletion();
        return new DryDown(usableLitres, losses).daysBetween(lightly ? wanted * (1 - DryDown.LIGHT_REFILL) : 0, wanted);
    }

    /** The same pot with other losses. */
    public Drying losing(final Losses other) {
        return new Drying(other, trigger, lightly, below, litres);
    }
}
