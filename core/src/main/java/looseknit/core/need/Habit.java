package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import java.util.OptionalDouble;
import looseknit.core.measure.Limit;
import looseknit.core.message.Named;

/**
 * How a person really waters.
 *
 * @param everyDays usual days between waterings, 0.5 to 120
 * @param amount how much they give
 * @param hand what they tend to
 * @param water what water they use
 * @param alkalinityMgPerL alkalinity of the water as calcium carbonate, if known [mg/L], 0 to 600
 * @param waterEcDsPerM salts of the water, if known [dS/m], 0 to 5
 */
public record Habit(
        double everyDays,
        Amount amount,
        Hand hand,
        Water water,
        OptionalDouble alkalinityMgPerL,
        OptionalDouble waterEcDsPerM) {

    /** A habit with water of which only the kind is known. */
    public Habit(final double everyDays, final Amount amount, final Hand hand, final Water water) {
        this(everyDays, amount, hand, water, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** The same habit with another interval. */
    public Habit every(final double days) {
        return new Habit(days, amount, hand, water, alkalinityMgPerL, waterEcDsPerM);
    }

    /** The same habit with water of another kind, of which no more is known. */
    public Habit with(final Water other) {
        return new Habit(everyDays, amount, hand, other);
    }

    /** How much is given. */
    public enum Amount implements Named {
        THOROUGHLY,
        LIGHTLY,
        FROM_BELOW
    }

    /** What the hand tends to. */
    public enum Hand implements Named {
        STEADY,
        OFTEN_TOO_SOON,
        OFTEN_TOO_LATE
    }

    /** Where the water comes from. */
    public enum Water implements Named {
        RAIN(0.03, 5),
        DISTILLED(0.02, 2),
        SOFT_TAP(0.3, 60),
        HARD_TAP(0.75, 220);
        private final double usualEcDsPerM;
        private final double usualAlkalinityMgPerL;

        Water(final double usualEcDsPerM, final double usualAlkalinityMgPerL) {
            this.usualEcDsPerM = usualEcDsPerM;
            this.usualAlkalinityMgPerL = usualAlkalinityMgPerL;
        }
    }

    public Habit {
        within("habit.everyDays", everyDays, 0.5, 120, Limit.DAYS);
        alkalinityMgPerL.ifPresent(value -> within("habit.alkalinity", value, 0, 600, Limit.MG_PER_L_CARBONATE));
        waterEcDsPerM.ifPresent(value -> within("habit.waterEc", value, 0, 5, Limit.DS_PER_M));
    }

    /** Salts of the water as measured, or as such water usually has [dS/m]; typical, from memory. */
    public double ecDsPerM() {
        return waterEcDsPerM.orElse(water.usualEcDsPerM);
    }

    /** Alkalinity of the water as measured, or as such water usually has, as calcium carbonate [mg/L]; typical, from memory. */
    public double alkalinity() {
        return alkalinityMgPerL.orElse(water.usualAlkalinityMgPerL);
    }
}
