package looseknit.core.blend;

import java.util.Locale;
import java.util.OptionalDouble;
import looseknit.core.material.Amendment;
import looseknit.core.measure.VolumeUnit;
import looseknit.core.message.Message;

/** A dose in the measures of a kitchen: spoons for a pot, or a dusting. */
public record DoseMeasure(Amendment amendment) {

    /** What people call a dusting or a pinch: about a gram to a litre of mix. Common practice, no source. */
    public static final double DUSTING_G_PER_L = 1;

    /** From here to there a dose looks like a dusting [g/L]. */
    private static final double DUSTING_FROM = 0.6;

    private static final double DUSTING_TO = 1.5;

    /** Spoons are read in quarters. */
    private static final double QUARTERS = 4;

    /** Teaspoons in a tablespoon. */
    private static final double TSP_IN_TBSP = 3;

    /** Grams in a volume of it, poured loosely and levelled [g]. */
    public double grams(final double litres) {
        return 1000 * litres * amendment.looseGPerMl();
    }

    /** Level teaspoons that hold so many grams. */
    public double teaspoons(final double grams) {
        return grams / grams(VolumeUnit.US_TEASPOON.litres());
    }

    /**
     * The dose in words, such as "about 1½ level tsp for this pot, a dusting".
     *
     * @param gPerL dose [g per litre of mix], 0 to 100
     * @param potLitres mix in the pot [L]; without a pot the spoons are for a litre or a quart
     * @param quarts whether they are for a quart
     */
    public Message words(final double gPerL, final OptionalDouble potLitres, final boolean quarts) {
        final double grams = gPerL * potLitres.orElse(quarts ? VolumeUnit.US_QUART.litres() : 1);
        final RecipeSentence forWhat = potLitres.isPresent()
                ? RecipeSentence.SPOONS_FOR_POT
                : quarts ? RecipeSentence.SPOONS_TO_A_QUART : RecipeSentence.SPOONS_TO_A_LITRE;
        final Message spoons = forWhat.with(spoons(grams));
        return gPerL >= DUSTING_FROM && gPerL <= DUSTING_TO ? RecipeSentence.A_DUSTING.with(spoons) : spoons;
    }

    /** So many grams in level spoons. */
    public Message spoons(final double grams) {
        return inSpoons(teaspoons(grams));
    }

    private static Message inSpoons(final double teaspoons) {
        if (teaspoons < 0.5 / QUARTERS) {
            return RecipeSentence.LESS_THAN_AN_EIGHTH.with();
        }
        if (teaspoons >= 2 * TSP_IN_TBSP) {
            return RecipeSentence.TABLESPOONS.with(quarters(teaspoons / TSP_IN_TBSP));
        }
        return RecipeSentence.TEASPOONS.with(quarters(teaspoons));
    }

    private static String quarters(final double value) {
        if (value >= 10) {
            return String.format(Locale.ROOT, "%.0f", value);
        }
        final long quarters = Math.max(1, Math.round(value * QUARTERS));
        final String[] ends = {"", "¼", "½", "¾"};
        final long whole = quarters / 4;
        return (whole > 0 ? Long.toString(whole) : "") + ends[(int) (quarters % 4)];
    }
}
