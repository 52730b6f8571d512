package looseknit.core.need;

import static looseknit.core.measure.Require.within;

/**
 * How a person really waters.
 *
 * @param everyDays usual days between waterings, 0.5 to 120
 * @param amount how much they give
 * @param hand what they tend to
 * @param water what water they use
 */
public record Habit(double everyDays, Amount amount, Hand hand, Water water) {

    /** How much is given. */
    public enum Amount {
        THOROUGHLY("thoroughly"),
        LIGHTLY("lightly"),
        FROM_BELOW("from below");

        private final String words;

        Amount(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What the hand tends to. */
    public enum Hand {
        STEADY("steady"),
        OFTEN_TOO_SOON("often too soon"),
        OFTEN_TOO_LATE("often too late");

        private final String words;

        Hand(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where the water comes from. */
    public enum Water {
        RAIN("rain"),
        DISTILLED("distilled water"),
        SOFT_TAP("soft tap water"),
        HARD_TAP("hard tap water");

        private final String words;

        Water(final String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether it is free of minerals. */
        public boolean mineralFree() {
            return this == RAIN || this == DISTILLED;
        }
    }

    public Habit {
        within("habit.everyDays", everyDays, 0.5, 120, "days");
    }
}
