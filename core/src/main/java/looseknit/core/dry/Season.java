package looseknit.core.dry;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import looseknit.core.measure.Limit;
import looseknit.core.pot.Pot;
import org.hipparchus.random.RandomDataGenerator;

/**
 * A pot over a season in somebody's hand: watered every so many days, more or less, by habit and not by need. Water is counted to the
 * last drop.
 *
 * @param days how each day went
 * @param account where the water went
 */
public record Season(List<Day> days, Account account) {

    /** How moist a day was for the plant. */
    public enum State {
        TOO_WET,
        RIGHT,
        TOO_DRY
    }

    /**
     * A day.
     *
     * @param gone share of usable water that is gone at its end, 0 to 1
     * @param watered whether somebody watered on it
     * @param rainMm rain on it [mm]
     * @param state how it was for the plant
     */
    public record Day(double gone, boolean watered, double rainMm, State state) {}

    /**
     * The water of the season [L]: {@code start + given + rain = givenOff + drained + end}.
     *
     * @param start usable water at the start
     * @param given poured on by hand
     * @param rain fallen on
     * @param givenOff evaporated and transpired
     * @param drained run out at the bottom and thrown away
     * @param end usable water and water in the saucer at the end
     */
    public record Account(double start, double given, double rain, double givenOff, double drained, double end) {

        /** What does not add up [L]; rounding only. */
        public double error() {
            return start + given + rain - givenOff - drained - end;
        }
    }

    /** How water is given. */
    public enum Way {
        /** Until it runs out at the bottom. */
        THOROUGHLY,
        /** A part of what is missing. */
        LIGHTLY,
        /** Soaked from below. */
        FROM_BELOW
    }

    /**
     * What is simulated.
     *
     * @param days days, 1 to 730
     * @param everyDays usual days between waterings, 0.5 to 120
     * @param scatterDays how much that varies, one standard deviation [days], 0 to 60
     * @param way how water is given
     * @param rainMmPerWeek rain that falls on the pot, on a third of the days [mm], 0 to 300
     * @param saucerL water that a saucer keeps under the pot [L]; 0 if it is emptied, up to 20
     * @param sun where and when it begins, for light that changes over the season
     * @param seed seed of chance: the same seed waters two pots on the same days
     */
    public record Plan(
            int days,
            double everyDays,
            double scatterDays,
            Way way,
            double rainMmPerWeek,
            double saucerL,
            Optional<Sun> sun,
            long seed) {

        public Plan {
            within("season.days", days, 1, 730, Limit.DAYS);
            within("season.everyDays", everyDays, 0.5, 120, Limit.DAYS);
            within("season.scatterDays", scatterDays, 0, 60, Limit.DAYS);
            within("season.rainMmPerWeek", rainMmPerWeek, 0, 300, Limit.MM);
            within("season.saucerL", saucerL, 0, 20, Limit.L);
        }
    }

    /**
     * The pot that is watered.
     *
     * @param pot the pot
     * @param reservoir its usable water
     * @param weather the air around it at the start
     * @param foliage the leaves
     * @param dressing what lies on top
     * @param trigger how far it should dry
     */
    public record Subject(
            Pot pot,
            Reservoir reservoir,
            Weather weather,
            Foliage foliage,
            TopDressing dressing,
            AllowableDepletion trigger) {}

    private static final int STEPS_PER_DAY = 10;
    private static final double STEP_DAYS = 1.0 / STEPS_PER_DAY;
    private static final double RAINY = 1.0 / 3;

    /** Share of a thorough watering that runs out at the bottom; common practice, no source. */
    private static final double RUN_THROUGH = 0.2;

    private static final double SAUCER_EVAPORATION = 0.7;

    /** From this share of the way to the trigger on, a pot counts as having dried enough. */
    private static final double DRIED_ENOUGH = 0.8;

    /** Of the way from the trigger to bone dry, where a pot counts as too dry. */
    private static final double TOO_DRY = 0.5;

    /** Least rain that wets the surface anew [mm]. */
    private static final double WETTING_MM = 1;

    /** Simulates a season from a thorough watering on. */
    public static Season of(final Plan plan, final Subject subject) {
        return new Run(plan, subject).run();
    }

    /** Days in a state. */
    public int daysIn(final State state) {
        return (int) days.stream().filter(day -> day.state() == state).count();
    }

    /** Waterings by hand. */
    public int waterings() {
        return (int) days.stream().filter(Day::watered).count();
    }

    /** Mean share gone just before the waterings; empty if there was none. */
    public OptionalDouble meanGoneBeforeWatering() {
        double sum = 0;
        int count = 0;
        for (int i = 1; i < days.size(); i++) {
            if (days.get(i).watered()) {
                sum += days.get(i - 1).gone();
                count++;
            }
        }
        return count == 0 ? OptionalDouble.empty() : OptionalDouble.of(sum / count);
    }

    /** A season under way. */
    private static final class Run {

        private final Plan plan;
        private final Subject subject;
        private final RandomDataGenerator chance;
        private final RandomDataGenerator rainChance;
        private final TwoStageEvaporation skin = new TwoStageEvaporation();
        private final double full;
        private double water;
        private double saucer;
        private double nextWatering;
        private double given;
        private double rain;
        private double givenOff;
        private double drained;
        private int moistDays;
        private int dryDays;

        private Run(final Plan plan, final Subject subject) {
            this.plan = plan;
            this.subject = subject;
            this.chance = new RandomDataGenerator(plan.seed());
            this.rainChance = new RandomDataGenerator(plan.seed() + 1);
            this.full = plan.way() == Way.FROM_BELOW
                    ? subject.reservoir().soakedL()
                    : subject.reservoir().fromTopL();
            this.water = full;
            this.nextWatering = interval();
        }

        private Season run() {
            final List<Day> days = new ArrayList<>(plan.days());
            for (int day = 0; day < plan.days(); day++) {
                final Losses losses = Losses.of(subject.pot(), weather(day), subject.foliage(), subject.dressing());
                final boolean watered = day >= nextWatering;
                if (watered) {
                    water();
                    nextWatering += interval();
                }
                final double rainMm = rain();
                for (int step = 0; step < STEPS_PER_DAY; step++) {
                    step(losses);
                }
                days.add(new Day(gone(), watered, rainMm, state()));
            }
            return new Season(days, new Account(full, given, rain, givenOff, drained, water + saucer));
        }

        private double interval() {
            final double drawn = plan.scatterDays() == 0
                    ? plan.everyDays()
                    : chance.nextNormal(plan.everyDays(), plan.scatterDays());
            return Math.max(0.5, drawn);
        }

        private Weather weather(final int day) {
            if (plan.sun().isEmpty()) {
                return subject.weather();
            }
            final Sun start = plan.sun().get();
            final Sun now = new Sun(start.latitudeDeg(), (start.dayOfYear() - 1 + day) % 365 + 1);
            final double light =
                    subject.weather().dailyLightMol() * now.extraterrestrialMJPerM2() / start.extraterrestrialMJPerM2();
            return subject.weather().withLight(Math.min(65, light));
        }

        private double gone() {
            return Math.max(0, 1 - water / full);
        }

        private void water() {
            final double missing = full - water;
            final double poured = switch (plan.way()) {
                case THOROUGHLY -> missing / (1 - RUN_THROUGH);
                case LIGHTLY -> DryDown.LIGHT_REFILL * missing;
                case FROM_BELOW -> missing;
            };
            given += poured;
            pour(poured);
            skin.wetted();
        }

        private double rain() {
            if (plan.rainMmPerWeek() == 0 || rainChance.nextUniform(0, 1) > RAINY) {
                return 0;
            }
            final double mm = rainChance.nextExponential(plan.rainMmPerWeek() / 7 / RAINY);
            final double litres = mm * subject.pot().surfaceM2();
            rain += litres;
            pour(litres);
            if (mm >= WETTING_MM) {
                skin.wetted();
            }
            return mm;
        }

        private void pour(final double litres) {
            final double kept = Math.min(litres, full - water);
            water += kept;
            final double through = litres - kept;
            final double caught = Math.min(through, plan.saucerL() - saucer);
            saucer += caught;
            drained += through - caught;
        }

        private void step(final Losses losses) {
            final double off = Math.min(water, skin.litres(losses, gone(), STEP_DAYS));
            water -= off;
            givenOff += off;
            if (saucer > 0) {
                final double drawn = Math.min(saucer, full - water);
                saucer -= drawn;
                water += drawn;
                final double dried = Math.min(
                        saucer,
                        SAUCER_EVAPORATION
                                * losses.surfaceMmPerDay()
                                * subject.pot().baseM2()
                                * STEP_DAYS);
                saucer -= dried;
                givenOff += dried;
            }
        }

        private State state() {
            final AllowableDepletion trigger = subject.trigger();
            final double gone = gone();
            moistDays = gone < DRIED_ENOUGH * trigger.depletion() ? moistDays + 1 : 0;
            dryDays = gone > trigger.depletion() + TOO_DRY * (1 - trigger.depletion()) ? dryDays + 1 : 0;
            if (moistDays > trigger.mayStayMoistDays()) {
                return State.TOO_WET;
            }
            return dryDays > trigger.mayStayDryDays() ? State.TOO_DRY : State.RIGHT;
        }
    }
}
