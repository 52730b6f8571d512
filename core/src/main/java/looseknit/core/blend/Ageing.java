package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Limit;

/**
 * What becomes of a mix over the years: organic pieces shrink, and part of what they lose turns into fine humus that closes
 * pores.
 *
 * <p>Half-lives, and that coarse pieces break up two and a half times as fast as matter is lost, are judged, not fitted to decay
 * data: ± 50 % on years.
 */
public final class Ageing {

    /** Bulk density of humus in the reference table [g/L]. */
    private static final double HUMUS_G_PER_L = 200;

    /** How far ahead the forecast looks [years]. */
    public static final double HORIZON_YEARS = 10;

    /** Years at which the forecast looks. */
    private static final double[] LOOKS = {1, 2, 3, 4, 6, 8, HORIZON_YEARS};

    /** Steps of the search between two looks: to about a week. */
    private static final int SEARCH_STEPS = 4;

    private final Ingredients withHumus;
    private final double[] loose;
    private final double tempo;
    private final double freshVolume;

    /**
     * @param recipe the recipe
     * @param temperatureC mean temperature of the pot [°C]; decay doubles with every 10 °C
     */
    public Ageing(final Recipe recipe, final double temperatureC) {
        this(withHumus(recipe), recipe, temperatureC, 1);
    }

    /**
     * @param withHumus the materials of the recipe and humus, as {@link #withHumus} gives them
     * @param recipe the recipe
     * @param temperatureC mean temperature of the pot [°C]
     * @param tempo how many times as fast as expected everything decays, 0.05 to 20
     */
    public Ageing(final Ingredients withHumus, final Recipe recipe, final double temperatureC, final double tempo) {
        within("tempo", tempo, 0.05, 20, Limit.TIMES);
        within("temperature", temperatureC, -20, 60, Limit.CELSIUS);
        this.withHumus = withHumus;
        this.loose = recipe.opened().amounts();
        this.tempo = tempo * tempo(temperatureC);
        this.freshVolume = Arrays.stream(loose).sum() * after(0).yield();
    }

    /** The materials of a recipe, and the humus into which they turn. */
    public static Ingredients withHumus(final Recipe recipe) {
        final List<Material> all = new ArrayList<>(recipe.opened().materials());
        all.add(MaterialBook.humus());
        return Ingredients.of(all, Ingredients.suited(recipe));
    }

    /** The mix after some years in the pot [years, 0 or more]. */
    public Mix after(final double years) {
        within("years", years, 0, 1000, Limit.YEARS);
        return withHumus.mix(looseAfter(years));
    }

    /** Height of the mix after some years relative to its height at the start, at most 1. */
    public double settledTo(final double years) {
        return aged(years).settledTo();
    }

    /**
     * Years until a property of the mix falls below a limit and stays recorded as fallen: the running minimum counts, since a mix
     * that has once packed down does not open by itself.
     *
     * @param property property of the mix, for instance its air in the pot
     * @param limit least wanted value
     * @return years, 0 to {@link #HORIZON_YEARS}
     */
    public double yearsUntilBelow(final ToDoubleFunction<Aged> property, final double limit) {
        return yearsUntil(years -> property.applyAsDouble(aged(years)), limit);
    }

    /** The same for a property that is known by the years. */
    public static double yearsUntil(final DoubleUnaryOperator property, final double limit) {
        double before = 0;
        double spare = property.applyAsDouble(0) - limit;
        if (spare < 0) {
            return 0;
        }
        for (final double look : LOOKS) {
            final double now = property.applyAsDouble(look) - limit;
            if (now < 0) {
                return crossing(property, limit, before, look, spare, now);
            }
            before = look;
            spare = now;
        }
        return HORIZON_YEARS;
    }

    /** A mix some years on, and how far it has sunk. */
    public record Aged(Mix mix, double settledTo) {}

    /** The mix after some years, with how far it has sunk. */
    public Aged aged(final double years) {
        within("years", years, 0, 1000, Limit.YEARS);
        final double[] left = looseAfter(years);
        final Mix mix = withHumus.mix(left);
        return new Aged(mix, Math.min(1, Arrays.stream(left).sum() * mix.yield() / freshVolume));
    }

    /**
     * Lowest value that a property has had up to each of some years: what has once packed down does not open again.
     *
     * @param years years, rising
     */
    public static List<Double> runningLeast(final DoubleUnaryOperator property, final List<Double> years) {
        final List<Double> result = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        for (final double each : years) {
            least = Math.min(least, property.applyAsDouble(each));
            result.add(least);
        }
        return result;
    }

    /** Where the property passes the limit between two looks, by false position with the stale end's weight halved (Illinois). */
    private static double crossing(
            final DoubleUnaryOperator property,
            final double limit,
            final double early,
            final double late,
            final double spareEarly,
            final double spareLate) {
        double low = early;
        double high = late;
        double above = spareEarly;
        double below = spareLate;
        int stale = 0;
        double at = high;
        for (int i = 0; i < SEARCH_STEPS; i++) {
            at = (low * below - high * above) / (below - above);
            final double now = property.applyAsDouble(at) - limit;
            if (now < 0) {
                above = stale < 0 ? above / 2 : above;
                high = at;
                below = now;
                stale = -1;
            } else {
                below = stale > 0 ? below / 2 : below;
                low = at;
                above = now;
                stale = 1;
            }
        }
        return at;
    }

    private double[] looseAfter(final double years) {
        final double[] left = new double[loose.length + 1];
        left(withHumus.materials(), loose, years * tempo, left);
        return left;
    }

    /**
     * What is left of poured volumes, and the humus into which part of them has turned.
     *
     * @param materials the materials; one more than there are volumes, the last being humus
     * @param loose poured volumes
     * @param years years at 20 °C
     * @param left takes what is left of each, and the humus last
     */
    static void left(final List<Material> materials, final double[] loose, final double years, final double[] left) {
        left[loose.length] = 0;
        for (int i = 0; i < loose.length; i++) {
            left[i] = loose[i] * coarse(materials.get(i), years);
            left[loose.length] += loose[i] * humus(materials.get(i), years);
        }
    }

    /** Share of a material's pieces that are still whole after some years at 20 °C. */
    public static double coarse(final Material material, final double years) {
        if (!material.decays()) {
            return 1;
        }
        final double kept = Math.pow(2, -years / material.halfLifeYears());
        return kept * kept * Math.sqrt(kept);
    }

    /** Litres of humus into which a litre of a material has turned after some years at 20 °C. */
    public static double humus(final Material material, final double years) {
        if (!material.decays()) {
            return 0;
        }
        final double kept = Math.pow(2, -years / material.halfLifeYears());
        return (kept - coarse(material, years)) * material.physics().bulkDensityGPerL() / HUMUS_G_PER_L;
    }

    /** How many times as fast as at 20 °C everything decays. */
    public static double tempo(final double temperatureC) {
        return Math.pow(2, (temperatureC - 20) / 10);
    }
}
