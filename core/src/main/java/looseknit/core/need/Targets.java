package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Component;
import looseknit.core.measure.Band;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
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

    /** The least that stands may come so near to the most that is lifted, or both cannot be had. */
    private static final double STANDS_AND_LIFTS = 0.8;

    /** How far beyond what is wanted growers get away with: by judgement, against ordinary mixes that work for many people. */
    private static final double WATER_BEARABLE = 0.10;

    private static final double WATER_BEARABLE_IN_MOSS = 0.25;

    /** Share of moss that is usual for plants that some grow in moss alone [vol/vol], and how fine that is [mm]. */
    private static final double MOSS_GROWN = 0.7;

    private static final double MOSS_MM = 0.3;
    private static final double EASY_BEARABLE_LOW = 0.4;
    private static final double EASY_BEARABLE_HIGH = 1.6;
    private static final double PH_BEARABLE = 0.5;
    private static final double LIME_BEARABLE = 0.3;
    private static final double FOOD_BEARABLE_LOW = 0.3;
    private static final double FOOD_BEARABLE_HIGH = 1.8;
    private static final double SALTS_BEARABLE = 1.4;
    private static final double WEIGHT_BEARABLE_LOW = 0.75;
    private static final double WEIGHT_BEARABLE_HIGH = 1.3;
    private static final double LIFE_BEARABLE = 0.6;
    private static final double UNUSUAL_BEARABLE = 0.10;
    private static final double SHEDS_WANTED = 0.35;
    private static final double SHEDS_BEARABLE = 0.65;

    /** Nitrogen wanted from which a plant counts as hungry [mg/L], and exchange capacity for such and for others [meq/L]. */
    private static final double HUNGRY_N = 25;

    private static final double HUNGRY_HOLD = 40;
    private static final double MODEST_HOLD = 15;
    private static final double HOLD_BEARABLE = 0.4;

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
                new Band(
                        EASY_BEARABLE_LOW * needs.easyWater().low(),
                        EASY_BEARABLE_HIGH * needs.easyWater().high()),
                0.5,
                List.of(NeedSentence.EASY_WATER.with())));
        brief.habit().ifPresent(habit -> targets.add(dryDays(needs.trigger(), habit)));
        targets.add(acidity(brief, needs, group));
        targets.add(food(brief, needs, group));
        targets.add(new Target(
                Property.SALTS,
                Band.atMost(needs.mostEcDsPerM()),
                Band.atMost(SALTS_BEARABLE * needs.mostEcDsPerM()),
                0.5,
                List.of(NeedSentence.SALTS.with())));
        brief.pot().ifPresent(pot -> weight(brief, needs, pot).ifPresent(targets::add));
        targets.add(life(brief, needs));
        makeUp(brief).ifPresent(targets::add);
        targets.add(grain(brief, plant.growing().texture()));
        holdsFood(needs, group).ifPresent(targets::add);
        brief.habit()
                .filter(habit -> habit.hand() == Habit.Hand.OFTEN_TOO_LATE)
                .ifPresent(late -> targets.add(new Target(
                        Property.WETS_AGAIN,
                        Band.atMost(SHEDS_WANTED),
                        Band.atMost(SHEDS_BEARABLE),
                        0.5,
                        List.of(NeedSentence.COMES_LATE.with()))));
        return List.copyOf(targets);
    }

    /** What is usual in such a mix; nothing where nothing is known to be. */
    private static Optional<Target> makeUp(final Brief brief) {
        final List<UsualMakeUp> usual = brief.usual();
        final List<Message> because = new ArrayList<>();
        double weight = 0;
        for (final UsualMakeUp each : usual) {
            for (final UsualMakeUp.Way way :
                    each.ways().subList(0, Math.min(1, each.ways().size()))) {
                weight = Math.max(weight, way.weight());
                because.add(way.because().message());
            }
        }
        return because.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Target(Property.MAKE_UP, Band.atMost(0), Band.atMost(UNUSUAL_BEARABLE), weight, because));
    }

    /** Median grain by the texture that roots prefer; moss is finer than any of it and does for those that some grow in moss. */
    private static Target grain(final Brief brief, final Growing.Texture texture) {
        final Target target = switch (texture) {
            case FINE -> grain(texture, new Band(0.2, 2.5), new Band(0.1, 4.5));
            case MEDIUM -> grain(texture, new Band(0.4, 4), new Band(0.2, 7));
            case GRITTY -> grain(texture, new Band(0.9, 6), new Band(0.4, 9));
            case CHUNKY -> grain(texture, new Band(1.5, 10), new Band(0.7, 16));
            case VERY_COARSE -> grain(texture, new Band(4, 18), new Band(2, 28));
        };
        return mossGrown(brief)
                ? new Target(
                        Property.GRAIN,
                        target.band(),
                        new Band(MOSS_MM, target.bearable().high()),
                        target.weight(),
                        target.because())
                : target;
    }

    private static Target grain(final Growing.Texture texture, final Band wanted, final Band bearable) {
        return new Target(Property.GRAIN, wanted, bearable, 0.5, List.of(NeedSentence.GRAIN.with(texture)));
    }

    /** Exchange capacity that carries a plant of such appetite from feed to feed; nothing for those that want no food. */
    private static Optional<Target> holdsFood(final Needs needs, final PlantGroup group) {
        if (needs.nitrogen().low() <= 0) {
            return Optional.empty();
        }
        final double wanted = needs.nitrogen().low() >= HUNGRY_N ? HUNGRY_HOLD : MODEST_HOLD;
        return Optional.of(new Target(
                Property.HOLDS_FOOD,
                Band.atLeast(wanted),
                Band.atLeast(HOLD_BEARABLE * wanted),
                0.25,
                List.of(group.food().message())));
    }

    private static Target acidity(final Brief brief, final Needs needs, final PlantGroup group) {
        final List<Message> because = new ArrayList<>(List.of(group.acidity().message()));
        Band band = needs.ph();
        if (brief.habit().map(Habit::alkalinity).orElse(0.0) >= LIMY_WATER_MG_PER_L) {
            band = new Band(band.low(), Math.max(band.low(), band.high() - LIMY_WATER_PH));
            because.add(NeedSentence.LIMY_WATER.with());
        }
        return new Target(
                Property.PH,
                band,
                new Band(
                        band.low() - PH_BEARABLE,
                        needs.ph().high() + (needs.hatesLime() ? LIME_BEARABLE : PH_BEARABLE)),
                1,
                because);
    }

    private static Target food(final Brief brief, final Needs needs, final PlantGroup group) {
        final List<Message> because = new ArrayList<>(List.of(group.food().message()));
        if (brief.wishes().noCompost() && needs.nitrogen().low() > 0) {
            because.add(NeedSentence.NO_COMPOST.with());
        }
        final Band food = needs.nitrogen();
        return new Target(
                Property.FOOD,
                food,
                new Band(FOOD_BEARABLE_LOW * food.low(), FOOD_BEARABLE_HIGH * food.high()),
                0.5,
                because);
    }

    private static Target life(final Brief brief, final Needs needs) {
        final Plant plant = brief.plant().orElseThrow();
        final List<Message> because =
                new ArrayList<>(List.of(plant.group().life().message()));
        double years = needs.lifeYears();
        final Growing growing = plant.growing();
        if (growing.repotting() != Growing.Repotting.YES && growing.repotYears() > years) {
            years = growing.repotYears();
            because.add(NeedSentence.LASTS_TO_REPOTTING.with(plant, growing.repotting(), years(years)));
        }
        if (brief.wishes().lifeYears().orElse(0) > years) {
            years = brief.wishes().lifeYears().getAsDouble();
            because.add(NeedSentence.LASTS_AS_WISHED.with(years(years)));
        }
        return new Target(Property.LIFE, Band.atLeast(years), Band.atLeast(LIFE_BEARABLE * years), 0.5, because);
    }

    /** What the watered pot should weigh: enough to stand when it has dried, little enough to lift or to hang. */
    private static Optional<Target> weight(final Brief brief, final Needs needs, final Pot pot) {
        final List<Message> because = new ArrayList<>();
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        final double least = standsFromKg(brief, needs, pot);
        if (Double.isFinite(least)) {
            low = least;
            because.add(NeedSentence.WOULD_TIP.with(brief.plant().orElseThrow()));
        }
        if (brief.wishes().light() || pot.base() == PotBase.HANGING) {
            high = pot.emptyKg() + LIGHT_KG_PER_L * pot.mixLitres();
            because.add((pot.base() == PotBase.HANGING ? NeedSentence.HANGS : NeedSentence.LIGHT).with());
        } else if (pot.mixLitres() <= CARRIED_L) {
            high = LIFTED_KG;
            because.add(NeedSentence.LIFTED.with(Quantity.of(Dimension.MASS, LIFTED_KG, 0)));
        }
        if (because.isEmpty()) {
            return Optional.empty();
        }
        if (low > STANDS_AND_LIFTS * high) {
            // both cannot be had: standing counts, and that nobody lifts it is said as the contradiction it is
            high = Double.POSITIVE_INFINITY;
            because.remove(because.size() - 1);
        }
        return Optional.of(new Target(
                Property.WEIGHT,
                new Band(low, high),
                new Band(WEIGHT_BEARABLE_LOW * low, WEIGHT_BEARABLE_HIGH * high),
                0.5,
                because));
    }

    /** Mass of the watered pot from which a grown plant stands when it has dried [kg]; infinitely little where it stands anyway. */
    private static double standsFromKg(final Brief brief, final Needs needs, final Pot pot) {
        final double least = leastMixKg(brief.plant().orElseThrow().growing(), brief.stage(), pot);
        return least > 0 && pot.base() != PotBase.HANGING
                ? pot.emptyKg()
                        + least
                        + pot.mixLitres()
                                * 0.5
                                * (needs.water().low() + needs.water().high())
                : Double.NEGATIVE_INFINITY;
    }

    /**
     * The clash of standing and lifting: the mass from which the pot stands, where that is more than may be lifted or hung [kg]; nothing
     * if there is no clash.
     */
    public static Optional<Quantity> tooHeavyToStand(final Brief brief) {
        return brief.pot().filter(pot -> brief.plant().isPresent()).flatMap(pot -> {
            final double least = standsFromKg(brief, brief.needs().orElseThrow(), pot);
            final double most = brief.wishes().light()
                    ? pot.emptyKg() + LIGHT_KG_PER_L * pot.mixLitres()
                    : pot.mixLitres() <= CARRIED_L ? LIFTED_KG : Double.POSITIVE_INFINITY;
            return least > STANDS_AND_LIFTS * most
                    ? Optional.of(Quantity.of(Dimension.MASS, least, 0))
                    : Optional.empty();
        });
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
        final List<Message> because = new ArrayList<>();
        because.add(brief.plant().orElseThrow().group().roots().message());
        if (!brief.companions().isEmpty()) {
            because.add(
                    NeedSentence.HAS_TO_OVERLAP.with(brief.plant().orElseThrow(), Listing.comma(brief.companions())));
        }
        double moreAir = 0;
        for (final Shift shift : shifts) {
            moreAir += shift.air();
            because.add(shift.because());
        }
        return List.of(
                new Target(
                        Property.AIR,
                        needs.air().shifted(moreAir).clampedTo(LEAST_AIR, MOST_AIR),
                        new Band(
                                Math.max(0, needs.bearableAir().low() + Math.min(0, moreAir)),
                                needs.bearableAir().high() + Math.max(0, moreAir)),
                        1.5,
                        because),
                new Target(
                        Property.WATER,
                        needs.water().shifted(-moreAir).clampedTo(LEAST_AIR, 0.95),
                        new Band(
                                needs.water().low() - WATER_BEARABLE - Math.max(0, moreAir),
                                needs.water().high()
                                        + (mossGrown(brief) ? WATER_BEARABLE_IN_MOSS : WATER_BEARABLE)
                                        - Math.min(0, moreAir)),
                        1,
                        List.of(NeedSentence.COUNTERPART.with())));
    }

    /** Whether the plant is grown in pure moss by some, wet as that is. */
    private static boolean mossGrown(final Brief brief) {
        return brief.plant().orElseThrow().usual().ways().stream()
                .filter(UsualMakeUp.Way::unasked)
                .flatMap(way -> way.bounds().stream())
                .anyMatch(bound -> bound.component() == Component.MOSS && bound.high() >= MOSS_GROWN);
    }

    /**
     * A shift of the wanted air, and of the wanted water the other way.
     *
     * @param air [vol/vol]
     */
    private record Shift(double air, Message because) {}

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
            shifts.add(new Shift(CLAY_AIR, NeedSentence.CLAY.with()));
        } else if (!bog) {
            shifts.add(new Shift(PLASTIC_AIR, NeedSentence.TIGHT_WALL.with(pot.wall())));
        }
        if (pot.base() == PotBase.FLAT && !bog) {
            shifts.add(new Shift(FLAT_AIR, NeedSentence.FLAT.with()));
        }
    }

    private static void place(final Place place, final List<Shift> shifts) {
        final double power =
                place.weather().aerodynamicMmPerDay() + place.weather().radiationMmPerDay();
        if (power < SLOW_MM_PER_DAY) {
            shifts.add(new Shift(SLOW_PLACE_AIR, NeedSentence.SLOW_PLACE.with(place.name())));
        } else if (power > QUICK_MM_PER_DAY) {
            shifts.add(new Shift(QUICK_PLACE_AIR, NeedSentence.QUICK_PLACE.with(place.name())));
        }
        if (place.rainMmPerWeek() >= RAINY_MM_PER_WEEK) {
            shifts.add(new Shift(RAIN_AIR, NeedSentence.RAIN.with()));
        }
    }

    private static void hand(final Habit habit, final List<Shift> shifts) {
        if (habit.hand() == Habit.Hand.OFTEN_TOO_SOON) {
            shifts.add(new Shift(TOO_SOON_AIR, NeedSentence.TOO_SOON.with()));
        } else if (habit.hand() == Habit.Hand.OFTEN_TOO_LATE) {
            shifts.add(new Shift(TOO_LATE_AIR, NeedSentence.TOO_LATE.with()));
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
            case DRY -> new Band(0.3, 1.05);
            case NEARLY_ALL, COMPLETELY -> new Band(0.15, 1.0);
        };
        final Band borne = switch (trigger) {
            case NEVER_DRY -> new Band(0.8, 4);
            case TOP_THIRD -> new Band(0.5, 2.2);
            case HALF -> new Band(0.4, 1.9);
            case DRY -> new Band(0.12, 1.6);
            case NEARLY_ALL, COMPLETELY -> new Band(0.05, 1.45);
        };
        return new Target(
                Property.DRY_DAYS,
                new Band(share.low() * days, share.high() * days),
                new Band(borne.low() * days, borne.high() * days),
                1.5,
                List.of(
                        days == 1
                                ? NeedSentence.WATERED_DAILY.with(trigger.because())
                                : NeedSentence.WATERED_EVERY.with(
                                        Quantity.trimmed(Dimension.DAYS, days, 1), trigger.because())));
    }

    private static Quantity years(final double years) {
        return Quantity.trimmed(Dimension.YEARS, years, 1);
    }
}
