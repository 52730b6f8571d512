package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import looseknit.core.material.Book;
import looseknit.core.material.Material;

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
        within("tempo", tempo, 0.05, 20, "(times)");
        within("temperature", temperatureC, -20, 60, "°C");
        this.withHumus = withHumus;
        this.loose = recipe.opened().amounts();
        this.tempo = tempo * Math.pow(2, (temperatureC - 20) / 10);
        this.freshVolume = Arrays.stream(loose).sum() * after(0).yield();
    }

    /** The materials of a recipe, and the humus into which they turn. */
    public static Ingredients withHumus(final Recipe recipe) {
        final List<Material> all = new ArrayList<>(recipe.opened().materials());
        all.add(Book.shipped().material("humus").orElseThrow());
        return Ingredients.of(all, Ingredients.suited(recipe));
    }

    /** The mix after some years in the pot [years, 0 or more]. */
    public Mix after(final double years) {
        within("years", years, 0, 1000, "years");
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
        double before = 0;
        double spare = property.applyAsDouble(aged(0)) - limit;
        if (spare < 0) {
            return 0;
        }
        for (final double look : LOOKS) {
            final double now = property.applyAsDouble(aged(look)) - limit;
            if (now < 0) {
                return crossing(property, limit, new double[] {before, look}, new double[] {spare, now});
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
        within("years", years, 0, 1000, "years");
        final double[] left = looseAfter(years);
        final Mix mix = withHumus.mix(left);
        return new Aged(mix, Math.min(1, Arrays.stream(left).sum() * mix.yield() / freshVolume));
    }

    /**
     * Lowest value that a property has had up to each of some years: what has once packed down does not open again.
     *
     * @param years years, rising
     */
    public List<Double> runningLeast(final ToDoubleFunction<Aged> property, final List<Double> years) {
        final List<Double> result = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        for (final double each : years) {
            least = Math.min(least, property.applyAsDouble(aged(each)));
            result.add(least);
        }
        return result;
    }

    /** Where the property passes the limit between two looks, by false position with the stale end's weight halved (Illinois). */
    private double crossing(
            final ToDoubleFunction<Aged> property, final double limit, final double[] years, final double[] spare) {
        int stale = -1;
        double at = years[1];
        for (int i = 0; i < SEARCH_STEPS; i++) {
            at = (years[0] * spare[1] - years[1] * spare[0]) / (spare[1] - spare[0]);
            final double now = property.applyAsDouble(aged(at)) - limit;
            final int end = now < 0 ? 1 : 0;
            if (stale == end) {
                spare[1 - end] /= 2;
            }
            years[end] = at;
            spare[end] = now;
            stale = end;
        }
        return at;
    }

    private double[] looseAfter(final double years) {
        final double[] left = new double[loose.length + 1];
        for (int i = 0; i < loose.length; i++) {
            final Material material = withHumus.materials().get(i);
            if (!material.decays()) {
                left[i] = loose[i];
                continue;
            }
            final double kept = Math.pow(2, -years * tempo / material.halfLifeYears());
            final double coarse = kept * kept * Math.sqrt(kept);
            left[i] = loose[i] * coarse;
            left[loose.length] +=
                    loose[i] * (kept - coarse) * material.physics().bulkDensityGPerL() / HUMUS_G_PER_L;
        }
        return left;
    }
}
