package looseknit.core.outlook;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Supplier;
import looseknit.core.assay.Seepage;
import looseknit.core.batch.LimePlan;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.dry.AllowableDepletion;
import looseknit.core.dry.Season;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Place;
import looseknit.core.need.Plant;
import looseknit.core.pot.Pot;
import looseknit.core.pot.Stability;
import looseknit.core.pot.Stability.Cargo;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.PottedMix;

/** A blend put to use under a brief: what questions about seasons, stability and doses start from. Immutable. */
public final class InThePot {

    private final PottedMix potted;

    /**
     * @param recipe the recipe
     * @param brief what is known of plant, pot, place and hand
     * @param known tests so far, and how volumes are measured out
     */
    public InThePot(final Recipe recipe, final Brief brief, final Knowledge known) {
        this.potted = new PottedMix(recipe, brief, known);
    }

    /** The mix. */
    public Mix mix() {
        return potted.mix();
    }

    /** How fast water sinks in. */
    public Seepage seepage() {
        return Seepage.of(potted.mix());
    }

    /** How far the plant of the brief may dry. */
    public AllowableDepletion trigger() {
        return potted.trigger();
    }

    /** Days from a thorough watering to each state of dryness; empty if plant, pot or place is not named. */
    public Map<AllowableDepletion, Double> daysToEach() {
        final Map<AllowableDepletion, Double> days = new EnumMap<>(AllowableDepletion.class);
        potted.dryDown().ifPresent(dryDown -> {
            for (final AllowableDepletion trigger : AllowableDepletion.values()) {
                days.put(trigger, dryDown.daysTo(trigger));
            }
        });
        return days;
    }

    /**
     * The pot as a season waters it.
     *
     * @throws OutOfRangeException if plant, pot or place is not named
     */
    public Season.Subject forSeason(final TopDressing dressing) {
        final Brief brief = potted.brief();
        final Plant plant = brief.plant().orElseThrow(missing("brief.plantId", OutlookSentence.A_PLANT));
        final Pot pot = brief.pot().orElseThrow(missing("brief.pot", OutlookSentence.A_POT));
        final Place place = brief.place().orElseThrow(missing("brief.place", OutlookSentence.A_PLACE));
        return new Season.Subject(
                pot,
                potted.reservoir().orElseThrow(),
                place.weather(),
                brief.foliage().orElseThrow(),
                dressing,
                plant.needs().trigger());
    }

    /**
     * How firmly the pot stands just watered.
     *
     * @throws OutOfRangeException if no pot is named
     */
    public Stability wet(final double plantKg, final double plantCentreCm, final TopDressing dressing) {
        return standing(potted.water(), plantKg, plantCentreCm, dressing);
    }

    /**
     * How firmly it stands dried out, with the water that no plant draws: the worst case.
     *
     * @throws OutOfRangeException if no pot is named
     */
    public Stability dry(final double plantKg, final double plantCentreCm, final TopDressing dressing) {
        return standing(potted.mix().waterAt(100), plantKg, plantCentreCm, dressing);
    }

    private Stability standing(
            final double water, final double plantKg, final double plantCentreCm, final TopDressing dressing) {
        final Pot pot = potted.brief().pot().orElseThrow(missing("brief.pot", OutlookSentence.A_POT));
        return Stability.of(
                pot,
                potted.densityGPerL() / 1000 + water,
                new Cargo(plantKg, plantCentreCm, dressing.kg(pot.surfaceM2())));
    }

    /** The mix as a dose of lime finds it. */
    public LimePlan.Subject forLime(final Acidity.Drift drift) {
        return new LimePlan.Subject(
                potted.mix(),
                potted.acidity().with(drift),
                potted.known().beliefs(),
                potted.known().blend());
    }

    /** Acidity of the mix with its doses, at the temperature of its place. */
    public Acidity acidity() {
        return potted.acidity();
    }

    private static Supplier<OutOfRangeException> missing(final String field, final OutlookSentence allowed) {
        return () -> new OutOfRangeException(field, OutlookSentence.NOT_NAMED.with(), allowed.with());
    }
}
