package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.measure.Band;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import looseknit.core.pot.Stability;

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
    private static final double RAIN_AIR = 0.04;
    private static final double RAINY_MM_PER_WEEK = 10;

    /** Water that limes a mix noticeably [mg/L of calcium carbonate], and how much nearer the acid end to begin. */
    private static final double LIMY_WATER_MG_PER_L = 120;

    private static final double LIMY_WATER_PH = 0.3;

    /** Light mix, watered, in a light pot [kg/L]; what one person lifts [kg]; the largest pot that is carried about [L]. */
    private static final double LIGHT_KG_PER_L = 0.85;

    private static final double LIFTED_KG = 25;
    private static final double CARRIED_L = 40;

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
        final Needs needs = brief.needs().orElseThrow();
        final PlantGroup group = plant.group();
        final List<Target> targets = new ArrayList<>();
        targets.addAll(pores(brief, needs));
        targets.add(new Target(
                Property.EASY_WATER,
                needs.easyWater(),
                0.5,
                List.of("What the roots can draw without effort between two waterings.")));
        brief.habit().ifPresent(habit -> targets.add(dryDays(needs.trigger(), habit)));
        targets.add(acidity(brief, needs, group));
        targets.add(food(brief, needs, group));
        targets.add(new Target(
                Property.SALTS,
                Band.atMost(needs.mostEcDsPerM()),
                0.5,
                List.of("More salts than this draw water out of the roots.")));
        brief.pot().ifPresent(pot -> weight(brief, needs, pot).ifPresent(targets::add));
        targets.add(life(brief, needs));
        return List.copyOf(targets);
    }

    private static Target acidity(final Brief brief, final Needs needs, final PlantGroup group) {
        final List<String> because = new ArrayList<>(List.of(group.acidity()));
        Band band = needs.ph();
        if (brief.habit().map(Habit::alkalinity).orElse(0.0) >= LIMY_WATER_MG_PER_L) {
            band = new Band(band.low(), Math.max(band.low(), band.high() - LIMY_WATER_PH));
            because.add("Your water limes the mix a little each time: begin nearer the acid end.");
        }
        return new Target(Property.PH, band, 1, because);
    }

    private static Target food(final Brief brief, final Needs needs, final PlantGroup group) {
        final List<String> because = new ArrayList<>(List.of(group.food()));
        if (brief.wishes().noCompost() && needs.nitrogen().low() > 0) {
            because.add("You want no compost in it: granules or feed in the water bring it.");
        }
        return new Target(Property.FOOD, needs.nitrogen(), 0.5, because);
    }

    private static Target life(final Brief brief, final Needs needs) {
        final Plant plant = brief.plant().orElseThrow();
        final List<String> because = new ArrayList<>(List.of(plant.group().life()));
        double years = needs.lifeYears();
        final Growing growing = plant.growing();
        if (growing.repotting() != Growing.Repotting.YES && growing.repotYears() > years) {
            years = growing.repotYears();
            because.add("%s %s: the mix must last until the next time, about %s years."
                    .formatted(plant.name(), growing.repotting().words(), whole(years)));
        }
        if (brief.wishes().lifeYears().orElse(0) > years) {
            years = brief.wishes().lifeYears().getAsDouble();
            because.add("You want it to last %s years.".formatted(whole(years)));
        }
        return new Target(Property.LIFE, Band.atLeast(years), 0.5, because);
    }

    /** What the watered pot should weigh: enough to stand when it has dried, little enough to lift or to hang. */
    private static Optional<Target> weight(final Brief brief, final Needs needs, final Pot pot) {
        final List<String> because = new ArrayList<>();
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        final double least = leastMixKg(brief.plant().orElseThrow().growing(), brief.stage(), pot);
        if (least > 0 && pot.base() != PotBase.HANGING) {
            low = pot.emptyKg()
                    + least
                    + pot.mixLitres()
                            * 0.5
                            * (needs.water().low() + needs.water().high());
            because.add("A grown %s in this pot would tip when it is dry unless the mix is heavy enough."
                    .formatted(brief.plant().orElseThrow().name().toLowerCase(Locale.ROOT)));
        }
        if (brief.wishes().light() || pot.base() == PotBase.HANGING) {
            high = pot.emptyKg() + LIGHT_KG_PER_L * pot.mixLitres();
            because.add(
                    pot.base() == PotBase.HANGING
                            ? "It hangs: what holds it and whoever waters it must bear it."
                            : "You want it light.");
        } else if (pot.mixLitres() <= CARRIED_L) {
            high = LIFTED_KG;
            because.add("One person lifts about %.0f kg.".formatted(LIFTED_KG));
        }
        if (because.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Target(Property.WEIGHT, new Band(Math.min(low, high), high), 0.5, because));
    }

    /** Dry mass of mix that keeps a grown plant from tipping below 15° [kg]; 0 if the pot stands anyway. */
    private static double leastMixKg(final Growing growing, final Stage stage, final Pot pot) {
        final double plantKg = growing.kgPerPotLitre() * pot.mixLitres() * Math.min(1, stage.leaf());
        final double plantCm =
                pot.heightCm() + 0.5 * growing.heightOverWidth() * pot.topCm() * Math.min(1, stage.leaf());
        final double highestCm = 0.5 * pot.bottomCm() / Math.tan(Math.toRadians(Stability.UNSTEADY_DEG));
        final double mixCm = 0.5 * pot.heightCm();
        if (highestCm <= mixCm) {
            return 0;
        }
        return Math.max(
                0, (plantKg * (plantCm - highestCm) + pot.emptyKg() * (mixCm - highestCm)) / (highestCm - mixCm));
    }

    private static List<Target> pores(final Brief brief, final Needs needs) {
        final List<Shift> shifts = shifts(brief, needs);
        final List<String> because = new ArrayList<>();
        because.add(brief.plant().orElseThrow().group().roots());
        if (!brief.companions().isEmpty()) {
            because.add("What %s and %s want has to overlap."
                    .formatted(
                            brief.plant().orElseThrow().name(),
                            brief.companions().stream()
                                    .map(each -> each.name().toLowerCase(Locale.ROOT))
                                    .collect(Collectors.joining(", "))));
        }
        double moreAir = 0;
        for (final Shift shift : shifts) {
            moreAir += shift.air();
            because.add(shift.because());
        }
        return List.of(
                new Target(Property.AIR, needs.air().shifted(moreAir).clampedTo(LEAST_AIR, MOST_AIR), 1.5, because),
                new Target(
                        Property.WATER,
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

    private static List<Shift> shifts(final Brief brief, final Needs needs) {
        final List<Shift> shifts = new ArrayList<>();
        final boolean bog = needs.trigger() == AllowableDepletion.NEVER_DRY;
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
        if (place.rainMmPerWeek() >= RAINY_MM_PER_WEEK) {
            shifts.add(new Shift(RAIN_AIR, "Rain falls into the pot: more air lets it through."));
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
    private static Target dryDays(final AllowableDepletion trigger, final Habit habit) {
        final double days = habit.everyDays();
        final Band share = switch (trigger) {
            case NEVER_DRY -> new Band(1.0, 2.5);
            case TOP_THIRD -> new Band(0.8, 1.4);
            case HALF -> new Band(0.7, 1.2);
            case DRY -> new Band(0.55, 1.05);
            case NEARLY_ALL, COMPLETELY -> new Band(0.4, 1.0);
        };
        return new Target(
                Property.DRY_DAYS,
                new Band(share.low() * days, share.high() * days),
                1.5,
                List.of("You water about every %s; %s.".formatted(days(days), trigger.because())));
    }

    private static String days(final double days) {
        final String number =
                days == Math.rint(days) ? Long.toString((long) days) : String.format(Locale.ROOT, "%.1f", days);
        return number.equals("1") ? "day" : number + " days";
    }

    private static String whole(final double years) {
        return years == Math.rint(years) ? Long.toString((long) years) : String.format(Locale.ROOT, "%.1f", years);
    }

    private static String capital(final String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
