package looseknit.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Needs;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.School;
import looseknit.core.need.SharedNeeds;
import looseknit.core.need.Targets;
import looseknit.core.need.Wishes;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;

/**
 * Names what in a brief does not go together: plant and place, plant and water, plant and pot, pot and watering hand, wishes and plant,
 * plants and each other.
 */
public final class Contradictions {

    /** A pot shallower than this share of the wanted depth is called too shallow; by judgement. */
    private static final double SHALLOW = 0.75;

    /** Water wanted beyond which stone alone cannot hold it [vol/vol], and food beyond which it cannot feed [mg N/L]; by judgement. */
    private static final double STONE_HOLDS = 0.47;

    private static final double STONE_FEEDS = 30;

    /** Best pH at or below which peat is hard to do without, and height over width from which a light pot tips; by judgement. */
    private static final double ACID_PH = 5.3;

    private static final double TALL = 2.5;

    private final Brief brief;
    private final Needs needs;
    private final Plant plant;
    private final List<Contradiction> found = new ArrayList<>();

    private Contradictions(final Brief brief) {
        this.brief = brief;
        this.plant = brief.plant().orElseThrow();
        this.needs = brief.needs().orElseThrow();
    }

    /**
     * The contradictions of a brief.
     *
     * @param recipe what has been composed, if anything; a plain mix that suits the plant stands in otherwise
     */
    public static List<Contradiction> of(final Optional<Recipe> recipe, final Brief brief, final Knowledge known) {
        if (brief.plant().isEmpty()) {
            return List.of();
        }
        final Contradictions contradictions = new Contradictions(brief);
        contradictions.company();
        contradictions.place();
        contradictions.water();
        contradictions.pot();
        contradictions.wishes();
        final Optional<Recipe> mixed = recipe.or(() -> OrdinaryMix.of(brief, known.book()));
        mixed.filter(any -> brief.place().isPresent()
                        && brief.habit().isPresent()
                        && brief.pot().isPresent())
                .flatMap(any -> new DryingClash(new PottedMix(any, brief, known), recipe.isPresent()).find())
                .ifPresent(contradictions.found::add);
        return List.copyOf(contradictions.found);
    }

    private void add(final String id, final Message says, final WayOut... waysOut) {
        found.add(new Contradiction(id, says, List.of(waysOut)));
    }

    private void company() {
        final SharedNeeds shared = brief.shared().orElseThrow();
        for (final Message clash : shared.clashes()) {
            add("company", clash, WayOut.advice(ChangeSentence.OWN_POTS));
        }
    }

    private void place() {
        if (brief.place().isEmpty()) {
            return;
        }
        final Place place = brief.place().get();
        final Growing growing = plant.growing();
        final String name = place.name();
        if (place.temperatureC() < growing.tempLowC()) {
            add(
                    "cold",
                    ChangeSentence.COLD.with(
                            name,
                            Quantity.of(Dimension.TEMPERATURE, place.temperatureC(), 0),
                            plant,
                            Quantity.of(Dimension.TEMPERATURE, growing.tempLowC(), 0)),
                    WayOut.advice(ChangeSentence.WARMER));
        } else if (place.temperatureC() > growing.tempHighC()) {
            add(
                    "hot",
                    ChangeSentence.HOT.with(
                            name,
                            Quantity.of(Dimension.TEMPERATURE, place.temperatureC(), 0),
                            plant,
                            Quantity.of(Dimension.TEMPERATURE, growing.tempHighC(), 0)),
                    WayOut.advice(ChangeSentence.COOLER));
        }
        final Light light = place.lightClass();
        if (light.compareTo(growing.lightLow()) < 0) {
            add(
                    "dark",
                    ChangeSentence.DARK.with(name, light, plant, growing.lightLow()),
                    WayOut.advice(ChangeSentence.BRIGHTER));
        } else if (light.compareTo(growing.lightHigh()) > 0) {
            add(
                    "bright",
                    ChangeSentence.BRIGHT.with(name, light, plant, growing.lightHigh()),
                    WayOut.advice(ChangeSentence.SHADE));
        }
    }

    private void water() {
        brief.habit().ifPresent(habit -> {
            final double most = plant.growing().minerals().mostEcDsPerM();
            if (habit.ecDsPerM() > most) {
                add(
                        "water",
                        ChangeSentence.SALTY_WATER.with(
                                Quantity.of(Dimension.CONDUCTIVITY, habit.ecDsPerM(), 2),
                                plant,
                                Quantity.of(Dimension.CONDUCTIVITY, most, 2).bare(),
                                plant.growing().minerals()),
                        WayOut.of(new Change.Water(Habit.Water.RAIN), ChangeSentence.RAIN_WATER.with()),
                        WayOut.of(new Change.Water(Habit.Water.DISTILLED), ChangeSentence.DISTILLED_WATER.with()));
            }
        });
    }

    private void pot() {
        if (brief.pot().isEmpty()) {
            return;
        }
        final Pot pot = brief.pot().get();
        final boolean bog = needs.trigger() == AllowableDepletion.NEVER_DRY;
        final double depth =
                plant.growing().rootDepthCm() * Math.min(1, brief.stage().leaf());
        if (pot.mixHeightCm() < SHALLOW * depth) {
            final double wider = Math.ceil(pot.topCm() * depth / pot.mixHeightCm());
            add(
                    "shallow",
                    ChangeSentence.SHALLOW.with(
                            Quantity.of(Dimension.LENGTH, depth, 0),
                            Quantity.of(Dimension.LENGTH, pot.mixHeightCm(), 0)),
                    WayOut.of(
                            new Change.Width(wider),
                            ChangeSentence.WIDER_POT.with(Quantity.of(Dimension.LENGTH, wider, 0))));
        }
        if (pot.base() == PotBase.NO_HOLES && !bog) {
            add(
                    "drowned",
                    ChangeSentence.DROWNED.with(plant, needs.trigger().because()),
                    WayOut.of(new Change.Base(PotBase.ON_FEET), ChangeSentence.DRILL_HOLES.with()));
        }
        Targets.tooHeavyToStand(brief)
                .ifPresent(least -> add(
                        "stands_or_lifts",
                        ChangeSentence.STANDS_OR_LIFTS.with(plant, least),
                        WayOut.advice(ChangeSentence.WHERE_IT_STAYS),
                        WayOut.advice(ChangeSentence.TIED_UP)));
        if (pot.wall() == PotWall.CLAY && plant.growing().minerals() == Growing.Minerals.PURE) {
            add(
                    "leaching",
                    ChangeSentence.LEACHING.with(plant),
                    WayOut.of(new Change.Wall(PotWall.PLASTIC), ChangeSentence.PLASTIC_POT.with()),
                    WayOut.of(new Change.Wall(PotWall.GLAZED), ChangeSentence.GLAZED_POT.with()));
        }
    }

    /** A school in which hardly anybody has a mix for one of the plants. */
    private void school(final School wished) {
        Stream.concat(brief.plant().stream(), brief.companions().stream())
                .map(Plant::usual)
                .filter(usual ->
                        !usual.ways().isEmpty() && usual.narrowed(wished).isEmpty())
                .findFirst()
                .ifPresent(usual -> add(
                        "school",
                        ChangeSentence.NOT_OF_THE_SCHOOL.with(usual.of(), wished),
                        WayOut.of(new Change.Concession(Change.Wish.SCHOOL), ChangeSentence.ANY_SCHOOL.with())));
    }

    private void wishes() {
        final Wishes wishes = brief.wishes();
        if (wishes.mineralOnly() && needs.water().low() > STONE_HOLDS) {
            add(
                    "stone_dry",
                    ChangeSentence.STONE_DRY.with(
                            plant, Quantity.of(Dimension.SHARE, needs.water().low(), 0)),
                    WayOut.of(new Change.Concession(Change.Wish.MINERAL_ONLY), ChangeSentence.ALLOW_MOSS.with()),
                    WayOut.advice(ChangeSentence.ON_A_WICK));
        } else if (wishes.mineralOnly() && needs.nitrogen().low() > STONE_FEEDS) {
            add(
                    "stone_hungry",
                    ChangeSentence.STONE_HUNGRY.with(plant),
                    WayOut.advice(ChangeSentence.FEED_IN_THE_WATER));
        }
        if (wishes.fibre() == Wishes.Fibre.NO_PEAT && needs.ph().high() <= ACID_PH && !wishes.mineralOnly()) {
            add(
                    "no_acid_base",
                    ChangeSentence.NO_ACID_BASE.with(
                            Quantity.of(Dimension.PH, needs.ph().high(), 1).bare(), plant),
                    WayOut.advice(ChangeSentence.ACID_TOO),
                    WayOut.of(new Change.Concession(Change.Wish.NO_PEAT), ChangeSentence.ALLOW_PEAT.with()));
        }
        wishes.school().ifPresent(this::school);
        if (wishes.light() && plant.growing().heightOverWidth() >= TALL) {
            add(
                    "light_tips",
                    ChangeSentence.LIGHT_TIPS.with(plant),
                    WayOut.of(new Change.Concession(Change.Wish.LIGHT), ChangeSentence.LET_IT_BE_HEAVY.with()),
                    WayOut.advice(ChangeSentence.TIE_IT));
        }
        if (wishes.drainageLayer().orElse(false)
                && brief.pot().filter(pot -> pot.layer().isEmpty()).isPresent()) {
            add("layer_missing", ChangeSentence.LAYER_MISSING.with(), WayOut.advice(ChangeSentence.ADD_A_LAYER));
        }
        if (!wishes.drainageLayer().orElse(true)
                && brief.pot().flatMap(Pot::layer).isPresent()) {
            add(
                    "layer_unwanted",
                    ChangeSentence.LAYER_UNWANTED.with(),
                    WayOut.advice(ChangeSentence.TAKE_THE_LAYER_OUT));
        }
    }
}
