package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.SizeClasses;
import looseknit.core.measure.Limit;

/**
 * What becomes of a mix over the years: pieces break up and shrink, and part of what they lose turns into fine humus that closes pores; what is fine
 * already only loses mass.
 *
 * <p>Half-lives, and that pieces break up two and a half times as fast as matter is lost, are judged, not fitted to decay data: ± 50 % on years.
 */
public final class Ageing {

    /** Bulk density of humus in the reference table [g/L]. */
    private static final double HUMUS_G_PER_L = 200;

    /** How far ahead the forecast looks [years]. */
    public static final double HORIZON_YEARS = 10;

    /** Years at which the forecast looks. */
    private static final double[] LOOKS = {0, 0.5, 1, 1.5, 2, 3, 4, 5, 6, 8, HORIZON_YEARS};

    /** Pieces of more than so much break up, so many times as fast as they lose matter; by judgement. */
    private static final double PIECE_MM = 2;

    private static final double PIECES_BREAK_UP = 2.5;

    /** A mix has gone over when it has less than this of its fresh air, and of its height; common practice, no source. */
    private static final double KEEPS_OF_AIR = 0.75;

    private static final double KEEPS_OF_HEIGHT = 0.8;

    /** Air above what the plant barely bears at which it is time [vol/vol]. */
    private static final double ABOVE_BEARABLE = 0.05;

    /** How unsure these limits are: a share of the air, and of the height. */
    private static final double LIMIT_UNSURE = 0.1;

    private static final double HEIGHT_UNSURE = 0.04;
    private static final double LOGISTIC = 1.702;
    private static final double LEAST_FRESH_AIR = 0.01;
    private static final double GONE_FOR_SURE = 1e-4;

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
        return new Ingredients(all, Ingredients.suited(recipe));
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
            final Decay decay = Decay.of(materials.get(i));
            left[i] = loose[i] * decay.left(years);
            left[loose.length] += loose[i] * decay.humus(years);
        }
    }

    /**
     * How a material decays at 20 °C.
     *
     * @param halfLifeYears years until half of the matter is lost; infinite for what does not rot
     * @param breaksUp how many times as fast its pieces break up, 1 for fine matter to 2.5 for chunks
     * @param humusPerLitre litres of humus that a litre of it makes
     */
    public record Decay(double halfLifeYears, double breaksUp, double humusPerLitre) {

        /** How a material decays. */
        public static Decay of(final Material material) {
            if (!material.decays()) {
                return new Decay(Double.POSITIVE_INFINITY, 1, 0);
            }
            final double pieces = 1 - SizeClasses.passing(material.grainSize(), PIECE_MM);
            return new Decay(
                    material.halfLifeYears(),
                    1 + (PIECES_BREAK_UP - 1) * pieces,
                    material.physics().bulkDensityGPerL() / HUMUS_G_PER_L);
        }

        /** Share of its volume that is still itself after some years. */
        public double left(final double years) {
            return Double.isInfinite(halfLifeYears) ? 1 : Math.pow(2, -years * breaksUp / halfLifeYears);
        }

        /** Litres of humus into which a litre of it has turned after some years. */
        public double humus(final double years) {
            return Double.isInfinite(halfLifeYears)
                    ? 0
                    : (Math.pow(2, -years / halfLifeYears) - left(years)) * humusPerLitre;
        }
    }

    /** A mix over the years. */
    public interface Course {

        /** Air of the mix in its pot some years on [vol/vol]. */
        double air(double years);

        /** Its height against the start, for the years that were asked about last, 0 to 1. */
        double settledTo();
    }

    /**
     * Years until a mix has gone over: until its air has fallen below three quarters of what it was fresh and, unless it was that poor from the
     * start, to what the plant barely bears, or until it has sunk by a fifth of its height. Where exactly that is nobody knows: the limits count as
     * uncertain by a tenth, and the years are those expected, so that they change smoothly with the mix.
     *
     * @param bearableAir least air that the plant bears [vol/vol]
     * @return years, above 0 and at most {@link #HORIZON_YEARS}
     */
    public static double yearsUntilGoneOver(final Course course, final double bearableAir) {
        final double fresh = Math.max(LEAST_FRESH_AIR, course.air(0));
        final double limit = Math.min(KEEPS_OF_AIR * fresh, Math.max(0, bearableAir) + ABOVE_BEARABLE);
        final double whole = sound(fresh, limit, 1);
        double least = fresh;
        double years = 0;
        double before = 1;
        for (int i = 1; i < LOOKS.length; i++) {
            least = Math.min(least, course.air(LOOKS[i]));
            final double now = sound(least, limit, course.settledTo()) / whole;
            years += (LOOKS[i] - LOOKS[i - 1]) * (before + now) / 2;
            if (now < GONE_FOR_SURE) {
                break;
            }
            before = now;
        }
        return years;
    }

    /** Chance that a mix with so much air, sunk to such a height, is still sound. */
    private static double sound(final double air, final double limit, final double settledTo) {
        return logistic((air - limit) / (LIMIT_UNSURE * limit))
                * logistic((settledTo - KEEPS_OF_HEIGHT) / HEIGHT_UNSURE);
    }

    /** Close to the normal distribution function, to 0.01. */
    private static double logistic(final double deviations) {
        return 1 / (1 + Math.exp(-LOGISTIC * deviations));
    }

    /** How many times as fast as at 20 °C everything decays. */
    public static double tempo(final double temperatureC) {
        return Math.pow(2, (temperatureC - 20) / 10);
    }
}
