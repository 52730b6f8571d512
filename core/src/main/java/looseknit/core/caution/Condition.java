package looseknit.core.caution;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.Segregation;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.material.Amendment;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.Nature;
import looseknit.core.measure.Band;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Needs;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/** The conditions that a rule can state, each under the word by which the data call it. */
final class Condition {

    /** What a condition is asked about. */
    record Case(Recipe recipe, PlainMaterials opened, Brief brief, Signs signs) {

        Stream<Plant> plants() {
            return Stream.concat(brief.plant().stream(), brief.companions().stream());
        }

        boolean anyPlant(final Predicate<Plant> which) {
            return plants().anyMatch(which);
        }

        Stream<Recipe.Dose> doses() {
            return recipe.doses().stream().filter(dose -> dose.gPerL() > 0);
        }

        /** Whether the rule's materials make up more than a share of the mix. */
        double share(final Predicate<Material> which) {
            return opened.share(which);
        }

        boolean over(final double value, final double limitTimes, final ToDoubleFunction<Needs> limit) {
            return brief.needs()
                    .filter(needs -> value > limitTimes * limit.applyAsDouble(needs))
                    .isPresent();
        }
    }

    /** Conditions by their words; each takes what the data state and gives a test. */
    static final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> WORDS = words();

    private Condition() {}

    private static Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words() {
        final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words = new TreeMap<>();
        plant(words);
        mix(words);
        doses(words);
        pot(words);
        hand(words);
        figures(words);
        return words;
    }

    private static void plant(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("groups", (stated, rule) -> {
            final List<String> groups = stated.texts();
            return asked -> asked.anyPlant(each -> groups.contains(each.group().id()));
        });
        words.put("minerals", (stated, rule) -> {
            final List<Growing.Minerals> wanted = stated.constants(Growing.Minerals.class);
            return asked ->
                    asked.anyPlant(each -> wanted.contains(each.growing().minerals()));
        });
        words.put(
                "lime_hater",
                (stated, rule) -> asked -> asked.anyPlant(each -> each.needs().hatesLime()));
        words.put(
                "likes_lime_and_has_none",
                (stated, rule) -> asked -> asked.anyPlant(each -> each.needs().likesLime())
                        && asked.share(each -> each.is(Nature.LIMY)) <= 0
                        && asked.doses().noneMatch(dose -> dose.amendment().kind() == Amendment.Kind.LIME));
        words.put(
                "dries_out",
                (stated, rule) ->
                        asked -> asked.anyPlant(each -> each.needs().trigger().compareTo(AllowableDepletion.DRY) >= 0));
        words.put("repot_years_from", (stated, rule) -> {
            final double years = stated.number(0.5, 30);
            return asked -> asked.anyPlant(each -> each.growing().repotting() == Growing.Repotting.NEVER
                    || each.growing().repotYears() >= years);
        });
        words.put(
                "poisonous",
                (stated, rule) -> asked -> asked.anyPlant(each -> !each.poison().isEmpty()));
        words.put(
                "regulated",
                (stated, rule) -> asked -> asked.anyPlant(each -> !each.trade().isEmpty()));
        words.put(
                "rests_dry",
                (stated, rule) -> asked -> asked.anyPlant(each -> each.growing().rest() == Growing.Rest.WINTER_DRY
                        || each.growing().rest() == Growing.Rest.SUMMER_DRY));
        words.put("bears_wet_feet", (stated, rule) -> {
            final boolean wanted = stated.yes();
            return asked -> wanted
                    == asked.brief()
                            .needs()
                            .filter(needs -> needs.trigger() == AllowableDepletion.NEVER_DRY)
                            .isPresent();
        });
        words.put("stages", (stated, rule) -> {
            final List<Stage> stages = stated.constants(Stage.class);
            return asked -> asked.brief().plant().isPresent()
                    && stages.contains(asked.brief().stage());
        });
    }

    private static void mix(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("natures", (stated, rule) -> {
            final List<Nature> natures = stated.constants(Nature.class);
            final double over = rule.numberOr("share_over", 0);
            return asked -> asked.share(each -> natures.stream().anyMatch(each::is)) > over;
        });
        words.put("materials", (stated, rule) -> {
            final List<String> ids = stated.texts();
            final double over = rule.numberOr("share_over", 0);
            return asked -> asked.share(
                            each -> ids.contains(each.id().substring(each.id().lastIndexOf('/') + 1)))
                    > over;
        });
        words.put("share_over", (stated, rule) -> asked -> true);
        words.put("hazards", (stated, rule) -> {
            final List<Hazard> hazards = stated.constants(Hazard.class);
            return asked -> asked.share(each -> each.hazards().stream().anyMatch(hazards::contains)) > 0
                    || asked.doses()
                            .anyMatch(
                                    dose -> dose.amendment().hazards().stream().anyMatch(hazards::contains));
        });
        words.put("segregation", (stated, rule) -> {
            final List<Segregation.Kind> kinds = stated.constants(Segregation.Kind.class);
            return asked -> asked.signs().segregation().stream().anyMatch(kinds::contains);
        });
    }

    private static void doses(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("kinds", (stated, rule) -> {
            final List<Amendment.Kind> kinds = stated.constants(Amendment.Kind.class);
            return asked -> asked.doses()
                    .anyMatch(dose -> kinds.contains(dose.amendment().kind()));
        });
        words.put("all_kinds", (stated, rule) -> {
            final List<Amendment.Kind> kinds = stated.constants(Amendment.Kind.class);
            return asked -> kinds.stream()
                    .allMatch(kind ->
                            asked.doses().anyMatch(dose -> dose.amendment().kind() == kind));
        });
        words.put("doses", (stated, rule) -> {
            final List<String> ids = stated.texts();
            final double over = rule.numberOr("dose_over_g_per_l", 0);
            return asked ->
                    asked.doses().anyMatch(dose -> ids.contains(dose.amendment().id()) && dose.gPerL() > over);
        });
        words.put("dose_over_g_per_l", (stated, rule) -> asked -> true);
        words.put(
                "over_usual_dose",
                (stated, rule) -> asked -> asked.doses()
                        .anyMatch(dose -> dose.gPerL() > dose.amendment().usualHighGPerL()));
    }

    private static void pot(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("walls", (stated, rule) -> {
            final List<PotWall> walls = stated.constants(PotWall.class);
            return asked -> asked.brief()
                    .pot()
                    .filter(pot -> walls.contains(pot.wall()))
                    .isPresent();
        });
        words.put("bases", (stated, rule) -> {
            final List<PotBase> bases = stated.constants(PotBase.class);
            return asked -> asked.brief()
                    .pot()
                    .filter(pot -> bases.contains(pot.base()))
                    .isPresent();
        });
        words.put(
                "layer",
                (stated, rule) ->
                        asked -> asked.brief().pot().flatMap(Pot::layer).isPresent());
        words.put("litres_over", (stated, rule) -> {
            final double litres = stated.number(0, 1000);
            return asked ->
                    asked.brief().pot().filter(pot -> pot.mixLitres() > litres).isPresent();
        });
        words.put("kg_over", (stated, rule) -> {
            final double kg = stated.number(0, 1000);
            return asked -> asked.signs().wetKg().orElse(0) > kg;
        });
        words.put("unusual_over", (stated, rule) -> {
            final double share = stated.number(0, 10);
            return asked -> asked.signs().unusual() > share;
        });
        words.put("tip_under_deg", (stated, rule) -> {
            final double degrees = stated.number(0, 90);
            return asked -> asked.signs().tipDeg().orElse(90) < degrees;
        });
    }

    private static void hand(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("water_ec_over", (stated, rule) -> {
            final double limit = stated.number(0, 5);
            return asked -> habit(asked, habit -> habit.ecDsPerM() > limit);
        });
        words.put("alkalinity_over", (stated, rule) -> {
            final double limit = stated.number(0, 600);
            return asked -> habit(asked, habit -> habit.alkalinity() > limit);
        });
        words.put("amounts", (stated, rule) -> {
            final List<Habit.Amount> amounts = stated.constants(Habit.Amount.class);
            return asked -> habit(asked, habit -> amounts.contains(habit.amount()));
        });
        words.put("hands", (stated, rule) -> {
            final List<Habit.Hand> hands = stated.constants(Habit.Hand.class);
            return asked -> habit(asked, habit -> hands.contains(habit.hand()));
        });
        words.put("draughts", (stated, rule) -> {
            final List<Draught> draughts = stated.constants(Draught.class);
            return asked -> asked.brief()
                    .place()
                    .filter(place -> draughts.contains(place.draught()))
                    .isPresent();
        });
        words.put("rain_over_mm", (stated, rule) -> {
            final double mm = stated.number(0, 300);
            return asked -> asked.brief()
                    .place()
                    .filter(place -> place.rainMmPerWeek() > mm)
                    .isPresent();
        });
        words.put("temp_under_c", (stated, rule) -> {
            final double limit = stated.number(-30, 50);
            return asked -> asked.brief()
                    .place()
                    .filter(place -> place.temperatureC() < limit)
                    .isPresent();
        });
        words.put("temp_over_c", (stated, rule) -> {
            final double limit = stated.number(-30, 50);
            return asked -> asked.brief()
                    .place()
                    .filter(place -> place.temperatureC() > limit)
                    .isPresent();
        });
    }

    private static boolean habit(final Case asked, final Predicate<Habit> which) {
        return asked.brief().habit().filter(which).isPresent();
    }

    private static void figures(final Map<String, BiFunction<Stated, Stated.Rule, Predicate<Case>>> words) {
        words.put("food_over_wanted", (stated, rule) -> {
            final double times = stated.number(0.1, 100);
            return asked -> asked.over(
                    asked.signs().nMgPerL(), times, needs -> needs.nitrogen().high());
        });
        words.put("salts_over_wanted", (stated, rule) -> {
            final double times = stated.number(0.1, 100);
            return asked -> asked.over(asked.signs().saltsDsPerM(), times, Needs::mostEcDsPerM);
        });
        words.put("ph_over", (stated, rule) -> {
            final double limit = stated.number(2, 12);
            return asked -> asked.signs().ph() > limit;
        });
        words.put(
                "above_wanted_ph",
                (stated, rule) -> asked -> asked.brief()
                        .needs()
                        .map(Needs::ph)
                        .map(Band::high)
                        .filter(high -> asked.signs().ph() > high)
                        .isPresent());
    }
}
