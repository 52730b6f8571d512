package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import looseknit.core.measure.Limit;

/**
 * Watering a glass without a hole, by syringe: what is poured in leaves only through leaves and surface. What the mix cannot hold runs into
 * the stones and stays there.
 *
 * @param drying usable water of the mix and how fast it goes
 * @param trigger how dry the plant wants it before water
 * @param stonesLitres room between the stones under the mix [L]
 */
public record ClosedGlass(DryDown drying, AllowableDepletion trigger, double stonesLitres) {

    private static final double STEP_DAYS = 0.1;

    public ClosedGlass {
        within("stonesLitres", stonesLitres, 0, 500, Limit.L);
    }

    /**
     * Water that went in and out over some days; what went in is what went out and what the glass gained.
     *
     * @param pouredL poured in [L]
     * @param lostL given off [L]
     * @param mixAtStartL usable water in the mix at the start [L]
     * @param mixAtEndL usable water in the mix at the end [L]
     * @param stonesAtEndL water between the stones at the end [L]
     * @param mostGone driest that it became, share of the usable water gone
     */
    public record Account(
            double pouredL, double lostL, double mixAtStartL, double mixAtEndL, double stonesAtEndL, double mostGone) {}

    /** One watering [L]: part of what is gone when the plant wants water, so that nothing runs into the stones. */
    public double doseLitres() {
        return DryDown.LIGHT_REFILL * trigger.depletion() * drying.usableLitres();
    }

    /** Most that may go in at once when the plant wants water [L]: more stands in the stones. */
    public double mostAtOnceLitres() {
        return trigger.depletion() * drying.usableLitres();
    }

    /** Days from one watering to the next. */
    public double everyDays() {
        final double wanted = trigger.depletion();
        return drying.daysBetween(wanted * (1 - DryDown.LIGHT_REFILL), wanted);
    }

    /**
     * The account of some days, beginning with a mix that is as dry as the plant wants it before water.
     *
     * @param doseLitres poured in at each watering [L], 0 to 50
     * @param everyDays days between waterings, 0.1 to 365
     * @param days how long, 1 to 3650
     */
    public Account account(final double doseLitres, final double everyDays, final int days) {
        within("doseLitres", doseLitres, 0, 50, Limit.L);
        within("everyDays", everyDays, STEP_DAYS, 365, Limit.DAYS);
        within("days", days, 1, 3650, Limit.DAYS);
        final double usable = drying.usableLitres();
        final double start = (1 - trigger.depletion()) * usable;
        final TwoStageEvaporation skin = new TwoStageEvaporation();
        double mix = start;
        double stones = 0;
        double poured = 0;
        double lost = 0;
        double least = mix;
        double next = 0;
        final long steps = Math.round(days / STEP_DAYS);
        for (long step = 0; step < steps; step++) {
            if (step * STEP_DAYS >= next - 1e-9) {
                poured += doseLitres;
                final double over = Math.max(0, mix + doseLitres - usable);
                mix += doseLitres - over;
                stones += over;
                skin.wetted();
                next += everyDays;
            }
            final double goes = Math.min(mix, skin.litres(drying.losses(), 1 - mix / usable, STEP_DAYS));
            mix -= goes;
            lost += goes;
            least = Math.min(least, mix);
        }
        return new Account(poured, lost, start, mix, stones, 1 - least / usable);
    }
}
