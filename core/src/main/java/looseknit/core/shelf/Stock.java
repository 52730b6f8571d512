package looseknit.core.shelf;

import static looseknit.core.measure.Require.within;

import java.util.OptionalDouble;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;
import looseknit.core.message.Dimension;
import looseknit.core.message.Named;

/**
 * How a pack is sold, and how many poured litres it makes.
 *
 * @param sold what the label states
 * @param amount litres or kilograms as the label states them, above 0 up to 10,000
 * @param swell loosened litres per litre of a pressed bale, or per kilogram of a brick; without meaning otherwise
 */
public record Stock(Sold sold, double amount, double swell) {

    /** What a label states. */
    public enum Sold implements Named {
        /** Loose litres. */
        LOOSE_LITRES(Dimension.VOLUME, 0),
        /** Litres of a pressed bale, before it is loosened. */
        PRESSED_LITRES(Dimension.VOLUME, 1.6),
        /** Kilograms of a dry brick that swells in water. */
        BRICK_KG(Dimension.MASS, 14),
        /** Kilograms of loose matter, as sand is sold. */
        LOOSE_KG(Dimension.MASS, 0);
        private final Dimension measure;
        private final double usualSwell;

        Sold(final Dimension measure, final double usualSwell) {
            this.measure = measure;
            this.usualSwell = usualSwell;
        }

        /** What the amount on the label measures: a volume or a mass. */
        public Dimension measure() {
            return measure;
        }

        /** Loosened litres from a pressed litre, or from a kilogram of coir brick; 0 where nothing swells. Common practice, no source. */
        public double usualSwell() {
            return usualSwell;
        }
    }

    public Stock {
        within("lot.amount", amount, 1e-3, 10_000, sold == Sold.LOOSE_LITRES ? Limit.L : Limit.L_OR_KG);
        if (sold == Sold.PRESSED_LITRES) {
            within("lot.swell", swell, 1, 6, Limit.TIMES_PRESSED);
        }
        if (sold == Sold.BRICK_KG) {
            within("lot.swell", swell, 1, 30, Limit.L_PER_KG);
        }
    }

    /** Litres to scoop that the pack makes of this material [L]. */
    public double usableLitres(final Material material) {
        return switch (sold) {
            case LOOSE_LITRES -> amount;
            case PRESSED_LITRES, BRICK_KG -> amount * swell;
            case LOOSE_KG ->
                1000
                        * amount
                        / (material.physics().bulkDensityGPerL()
                                * (1 - material.physics().settling()));
        };
    }

    /** Price of a litre to scoop; none without a price. */
    public OptionalDouble pricePerLitre(final Material material, final OptionalDouble price) {
        return price.isPresent()
                ? OptionalDouble.of(
                        within("lot.price", price.getAsDouble(), 0, 1e6, Limit.NUMBER) / usableLitres(material))
                : OptionalDouble.empty();
    }

    /** Where a person has set no mark, this share of a full lot counts as low; common practice, no source. */
    private static final double LOW_SHARE = 0.15;

    /** Litres below which a lot counts as low where the person has set no mark. */
    public static double usualLowMark(final double fullLitres) {
        return LOW_SHARE * fullLitres;
    }
}
