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
 * <p>Half-lives and the speed at which coarse pieces break up are judged, not fitted to decay data: ± 50 % on years.
 */
public final class Ageing {

    /** How much faster coarse pieces break up than matter is lost; by judgement. */
    private static final double BREAK_UP = 2.5;

    /** Bulk density of humus in the reference table [g/L]. */
    private static final double HUMUS_G_PER_L = 200;

    /** How far ahead the forecast looks [years]. */
    public static final double HORIZON_YEARS = 10;

    private static final double STEP_YEARS = 1;

    /** Halvings of a year: to about three days. */
    private static final int BISECTIONS = 7;

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
        this.loose = recipe.parts().stream().mapToDouble(Recipe.Part::amount).toArray();
        this.tempo = tempo * Math.pow(2, (temperatureC - 20) / 10);
        this.freshVolume = Arrays.stream(loose).sum() * after(0).yield();
    }

    /** The materials of a recipe, and the humus into which they turn. */
    public static Ingredients withHumus(final Recipe recipe) {
        final List<Material> all = new ArrayList<>();
        recipe.parts().forEach(part -> all.add(part.material()));
        all.add(Book.shipped().material("humus").orElseThrow());
        return new Ingredients(all, Ingredients.suited(recipe));
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
        for (double t = 0; t <= HORIZON_YEARS; t += STEP_YEARS) {
            if (property.applyAsDouble(aged(t)) < limit) {
                return t == 0 ? 0 : bisected(property, limit, before, t);
            }
            before = t;
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

    private double bisected(
            final ToDoubleFunction<Aged> property, final double limit, final double from, final double to) {
        double low = from;
        double high = to;
        for (int i = 0; i < BISECTIONS; i++) {
            final double middle = 0.5 * (low + high);
            if (property.applyAsDouble(aged(middle)) < limit) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return 0.5 * (low + high);
    }

    private double[] looseAfter(final double years) {
        final double[] left = new double[loose.length + 1];
        for (int i = 0; i < loose.length; i++) {
            final Material material = withHumus.materials().get(i);
            if (!material.decays()) {
                left[i] = loose[i];
                continue;
            }
            final double halfLives = years * tempo / material.halfLifeYears();
            final double coarse = Math.pow(2, -BREAK_UP * halfLives);
            left[i] = loose[i] * coarse;
            left[loose.length] += loose[i]
                    * (Math.pow(2, -halfLives) - coarse)
                    * material.physics().bulkDensityGPerL()
                    / HUMUS_G_PER_L;
        }
        return left;
    }
}
