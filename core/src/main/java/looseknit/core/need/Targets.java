package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import looseknit.core.dry.Trigger;
import looseknit.core.measure.Band;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/**
 * Derives targets from a brief. The plant sets the bands; pot, place, hand and stage shift them, each with its reason.
 *
 * <p>The size of each shift is common practice put into figures by judgement, no source.
 */
public final class Targets {

    private static final double LEAST_AIR = 0.03;
    private static final double MOST_AIR = 0.80;
    private static final double PLASTIC_AIR = 0.02;
    private static final double CLAY_AIR = -0.03;
    private static final double FLAT_AIR = 0.02;
    private static final double SLOW_PLACE_AIR = 0.03;
    private static final double QUICK_PLACE_AIR = -0.03;
    private static final double TOO_SOON_AIR = 0.05;
    private static final double TOO_LATE_AIR = -0.04;

    /** Drying power of a place [mm/d] below which a pot dries slowly, and above which quickly. */
    private static final double SLOW_MM_PER_DAY = 0.8;

    private static final double QUICK_MM_PER_DAY = 2.6;

    private Targets() {}

    /** The targets of a brief; none without a plant. */
    public static List<Target> of(final Brief brief) {
        if (brief.plant().isEmpty()) {
            return List.of();
        }
        final Plant plant = brief.plant().get();
        final Needs needs = plant.needs();
        final PlantGroup group = plant.group();
        final List<Target> targets = new ArrayList<>();
        targets.addAll(pores(brief, plant));
        targets.add(new Target(
                Quality.EASY_WATER,
                needs.easyWater(),
                0.5,
                List.of("What the roots can draw without effort between two waterings.")));
        brief.habit().ifPresent(habit -> targets.add(dryDays(needs.trigger(), habit)));
        targets.add(new Target(Quality.PH, needs.ph(), 1, List.of(group.acidity())));
        targets.add(new Target(Quality.FOOD, needs.nitrogen(), 0.5, List.of(group.food())));
        targets.add(new Target(
                Quality.SALTS,
                Band.atMost(needs.mostEcDsPerM()),
                0.5,
                List.of("More salts than this draw water out of the roots.")));
        targets.add(new Target(Quality.LIFE, Band.atLeast(needs.lifeYears()), 0.5, List.of(group.life())));
        return List.copyOf(targets);
    }

    private static List<Target> pores(final Brief brief, final Plant plant) {
        final List<Shift> shifts = shifts(brief);
        final List<String> because = new ArrayList<>();
        because.add(plant.group().roots());
        double moreAir = 0;
        for (final Shift shift : shifts) {
            moreAir += shift.air();
            because.add(shift.because());
        }
        final Needs needs = plant.needs();
        return List.of(
                new Target(Quality.AIR, needs.air().shifted(moreAir).clampedTo(LEAST_AIR, MOST_AIR), 1.5, because),
                new Target(
                        Quality.WATER,
                        needs.water().shifted(-moreAir).clampedTo(LEAST_AIR, 0.95),
                        1,
                        List.of("The counterpart of the air: what shifts the one up shifts the other down.")));
    }

    /**
     * A shift of the wanted air, and of the wanted water the other way.
     *
     * @param air [vol/vol]
     */
    private record Shift(double air, String because) {}

    private static List<Shift> shifts(final Brief brief) {
        final List<Shift> shifts = new ArrayList<>();
        final boolean bog = brief.plant().orElseThrow().needs().trigger() == Trigger.NEVER_DRY;
        if (brief.stage().moreAir() != 0) {
            shifts.add(new Shift(brief.stage().moreAir(), brief.stage().because()));
        }
        brief.pot().ifPresent(pot -> wall(pot, bog, shifts));
        brief.place().ifPresent(place -> place(place, shifts));
        brief.habit().ifPresent(habit -> hand(habit, shifts));
        return shifts;
    }

    private static void wall(final Pot pot, final boolean bog, final List<Shift> shifts) {
        if (pot.wall() == PotWall.CLAY) {
            shifts.add(new Shift(CLAY_AIR, "Unglazed clay dries and airs the roots: the mix may hold more water."));
        } else if (!bog) {
            shifts.add(new Shift(
                    PLASTIC_AIR,
                    "A %s wall lets nothing out: a little more air."
                            .formatted(pot.wall().words())));
        }
        if (pot.base() == PotBase.FLAT && !bog) {
            shifts.add(new Shift(FLAT_AIR, "Standing flat, holes clog and the foot stays wet: a little more air."));
        }
    }

    private static void place(final Place place, final List<Shift> shifts) {
        final double power =
                place.weather().aerodynamicMmPerDay() + place.weather().radiationMmPerDay();
        if (power < SLOW_MM_PER_DAY) {
            shifts.add(new Shift(
                    SLOW_PLACE_AIR, "%s dries a pot slowly: a little more air.".formatted(capital(place.name()))));
        } else if (power > QUICK_MM_PER_DAY) {
            shifts.add(new Shift(
                    QUICK_PLACE_AIR,
                    "%s dries a pot quickly: the mix may hold more water.".formatted(capital(place.name()))));
        }
    }

    private static void hand(final Habit habit, final List<Shift> shifts) {
        if (habit.hand() == Habit.Hand.OFTEN_TOO_SOON) {
            shifts.add(new Shift(TOO_SOON_AIR, "You often water too soon: more air forgives it."));
        } else if (habit.hand() == Habit.Hand.OFTEN_TOO_LATE) {
            shifts.add(new Shift(TOO_LATE_AIR, "You often water late: a mix that holds more bridges it."));
        }
    }

    /**
     * Days to dry that suit an interval. A plant that must never dry has to last to the next watering; one that wants to dry has to
     * have dried by then.
     */
    private static Target dryDays(final Trigger trigger, final Habit habit) {
        final double days = habit.everyDays();
        final Band share = switch (trigger) {
            case NEVER_DRY -> new Band(1.0, 2.5);
            case TOP_THIRD -> new Band(0.8, 1.4);
            case HALF -> new Band(0.7, 1.2);
            case DRY -> new Band(0.55, 1.05);
            case NEARLY_ALL, COMPLETELY -> new Band(0.4, 1.0);
        };
        return new Target(
                Quality.DRY_DAYS,
                new Band(share.low() * days, share.high() * days),
                1.5,
                List.of("You water about every %s; %s.".formatted(days(days), trigger.because())));
    }

    private static String days(final double days) {
        final String number =
                days == Math.rint(days) ? Long.toString((long) days) : String.format(Locale.ROOT, "%.1f", days);
        return number.equals("1") ? "day" : number + " days";
    }

    private static String capital(final String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
