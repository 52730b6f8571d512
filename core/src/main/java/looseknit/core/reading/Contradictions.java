package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.need.Brief;
import looseknit.core.need.Growing;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Needs;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.need.SharedNeeds;
import looseknit.core.need.Wishes;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

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
        final Optional<Recipe> mixed = recipe.or(() -> OrdinaryMix.of(brief));
        mixed.filter(any -> brief.place().isPresent()
                        && brief.habit().isPresent()
                        && brief.pot().isPresent())
                .flatMap(any -> new DryingClash(new Figures(any, brief, known), recipe.isPresent()).find())
                .ifPresent(contradictions.found::add);
        return List.copyOf(contradictions.found);
    }

    private void add(final String id, final String says, final WayOut... waysOut) {
        found.add(new Contradiction(id, says, List.of(waysOut)));
    }

    private void company() {
        final SharedNeeds shared = brief.shared().orElseThrow();
        for (final String clash : shared.clashes()) {
            add("company", clash, WayOut.advice("Give each its own pot, side by side if you like."));
        }
    }

    private void place() {
        if (brief.place().isEmpty()) {
            return;
        }
        final Place place = brief.place().get();
        final Growing growing = plant.growing();
        final String name = capital(place.name());
        if (place.temperatureC() < growing.tempLowC()) {
            add(
                    "cold",
                    format(
                            "%s is %.0f °C; %s wants at least %.0f °C.",
                            name, place.temperatureC(), lower(), growing.tempLowC()),
                    WayOut.advice("Find it a warmer place, or a plant that likes it cool."));
        } else if (place.temperatureC() > growing.tempHighC()) {
            add(
                    "hot",
                    format(
                            "%s is %.0f °C; %s bears up to %.0f °C for long.",
                            name, place.temperatureC(), lower(), growing.tempHighC()),
                    WayOut.advice("Find it a cooler place, or move the air there."));
        }
        final Light light = place.lightClass();
        if (light.compareTo(growing.lightLow()) < 0) {
            add(
                    "dark",
                    "%s is %s; %s wants it at least %s."
                            .formatted(
                                    name,
                                    light.words(),
                                    lower(),
                                    growing.lightLow().words()),
                    WayOut.advice("A brighter place or a lamp; no mix makes up for light."));
        } else if (light.compareTo(growing.lightHigh()) > 0) {
            add(
                    "bright",
                    "%s is %s; %s burns beyond %s light."
                            .formatted(
                                    name,
                                    light.words(),
                                    lower(),
                                    growing.lightHigh().words()),
                    WayOut.advice("Step back from the pane, or shade it at noon."));
        }
    }

    private void water() {
        brief.habit().ifPresent(habit -> {
            final double most = plant.growing().minerals().mostEcDsPerM();
            if (habit.ecDsPerM() > most) {
                add(
                        "water",
                        format(
                                "Your water carries about %.2f dS/m; %s bears up to %.2f: %s.",
                                habit.ecDsPerM(),
                                lower(),
                                most,
                                plant.growing().minerals().words()),
                        new WayOut(WayOut.Kind.WATER, Habit.Water.RAIN.name(), 0, "Rain water"),
                        new WayOut(WayOut.Kind.WATER, Habit.Water.DISTILLED.name(), 0, "Distilled water"));
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
            final double wider = pot.topCm() * depth / pot.mixHeightCm();
            add(
                    "shallow",
                    format("Its roots want %.0f cm of mix; this pot holds %.0f cm.", depth, pot.mixHeightCm()),
                    new WayOut(
                            WayOut.Kind.POT_WIDTH,
                            "",
                            Math.ceil(wider),
                            format("A pot of these proportions, %.0f cm wide", Math.ceil(wider))));
        }
        if (pot.base() == PotBase.NO_HOLES && !bog) {
            add(
                    "drowned",
                    "The pot has no holes, and as to drying, for %s %s."
                            .formatted(lower(), needs.trigger().because()),
                    new WayOut(WayOut.Kind.BASE, PotBase.ON_FEET.name(), 0, "Drill holes and raise it on feet"));
        }
        if (pot.wall() == PotWall.CLAY && plant.growing().minerals() == Growing.Minerals.PURE) {
            add(
                    "leaching",
                    "Minerals leach out of unglazed clay, and %s bears none.".formatted(lower()),
                    new WayOut(WayOut.Kind.WALL, PotWall.PLASTIC.name(), 0, "A plastic pot"),
                    new WayOut(WayOut.Kind.WALL, PotWall.GLAZED.name(), 0, "A glazed pot"));
        }
    }

    private void wishes() {
        final Wishes wishes = brief.wishes();
        if (wishes.mineralOnly() && needs.water().low() > STONE_HOLDS) {
            add(
                    "stone_dry",
                    format(
                            "You want stone only, but %s wants a mix that holds at least %.0f %% water, which no stone holds.",
                            lower(), 100 * needs.water().low()),
                    WayOut.wish("mineralOnly", "Allow moss, peat or coir"),
                    WayOut.advice("Or stand the pot on a wick."));
        } else if (wishes.mineralOnly() && needs.nitrogen().low() > STONE_FEEDS) {
            add(
                    "stone_hungry",
                    "Stone feeds nothing, and %s is hungry.".formatted(lower()),
                    WayOut.advice("Feed in the water all through growth, or add granules."));
        }
        if (wishes.fibre() == Wishes.Fibre.NO_PEAT && needs.ph().high() <= 5.3 && !wishes.mineralOnly()) {
            add(
                    "no_acid_base",
                    format(
                            "Without peat little brings the pH to %.1f or below, as %s wants it.",
                            needs.ph().high(), lower()),
                    WayOut.advice("Long-fibre sphagnum and unlimed pine bark are acid too."),
                    WayOut.wish("fibre", "Allow peat"));
        }
        if (wishes.light() && plant.growing().heightOverWidth() >= 2.5) {
            add(
                    "light_tips",
                    "You want it light, but a grown %s is tall and tips in a light pot.".formatted(lower()),
                    WayOut.wish("light", "Let it be heavy"),
                    WayOut.advice("Or tie it to the wall."));
        }
        if (wishes.drainageLayer().orElse(false)
                && brief.pot().filter(pot -> pot.layer().isEmpty()).isPresent()) {
            add(
                    "layer_missing",
                    "You want a drainage layer; this pot has none yet.",
                    WayOut.advice("Add one at the pot: the wet zone it lifts is computed with it."));
        }
        if (!wishes.drainageLayer().orElse(true)
                && brief.pot().flatMap(Pot::layer).isPresent()) {
            add(
                    "layer_unwanted",
                    "You want no drainage layer; this pot has one.",
                    WayOut.advice("Take it out at the pot."));
        }
    }

    private String lower() {
        return plant.name().toLowerCase(Locale.ROOT);
    }

    private static String format(final String words, final Object... values) {
        return String.format(Locale.ROOT, words, values);
    }

    private static String capital(final String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
