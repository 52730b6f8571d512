package looseknit.core.need;

import java.util.List;
import looseknit.core.measure.Band;
import looseknit.core.message.Message;

/**
 * What is wanted of one reading, and why.
 *
 * @param property the reading
 * @param band what is best for the roots, in the unit of computation
 * @param bearable what growers get away with; holds the wanted range
 * @param weight how much it matters, 1 for the ordinary
 * @param because why the band is where it is: the plant first, then each shift
 */
public record Target(Property property, Band band, Band bearable, double weight, List<Message> because) {

    /** Penalty at the end of what is bearable, for a weight of 1: takes off three points of fit. By judgement. */
    private static final double GENTLE = 0.1;

    /** Least width by which a miss is measured, relative to the end that is missed. */
    private static final double LEAST_WIDTH = 0.05;

    public Target {
        bearable = bearable.around(band);
        because = List.copyOf(because);
    }

    /** A target of which nothing but the wanted range is bearable. */
    public Target(final Property property, final Band band, final double weight, final List<Message> because) {
        this(property, band, band, weight, because);
    }

    /** How much it matters beside the others, in words. */
    public Message weightWords() {
        return (weight > 1 ? NeedSentence.COUNTS_MOST : weight < 1 ? NeedSentence.COUNTS_LESS : NeedSentence.COUNTS)
                .with();
    }

    /**
     * What a miss is measured by: the width of the band, or the height of its one end if the other is open [unit of computation]. A
     * band that is hardly a band counts as a twentieth of its end, or as what is bearable beyond it.
     */
    public double scale() {
        final double end = Double.isFinite(band.low()) ? band.low() : band.high();
        final double width = Double.isFinite(band.width()) ? band.width() : Math.abs(end);
        final double spare = Double.isFinite(bearable.width()) ? 0 : openSpare();
        return Math.max(Math.max(width, LEAST_WIDTH * Math.abs(end)), Math.max(spare, 1e-6));
    }

    /** What is bearable beyond the one end of an open band. */
    private double openSpare() {
        final double spare = Double.isFinite(band.low()) ? band.low() - bearable.low() : bearable.high() - band.high();
        return Double.isFinite(spare) ? spare : 0;
    }

    /**
     * How badly a value misses: nothing within what is wanted, little up to the end of what is bearable, and steeply more beyond: weight times
     * the square of the miss in scales.
     */
    public double penalty(final double value) {
        if (value < band.low()) {
            return penalty(weight, scale(), band.low() - bearable.low(), band.low() - value);
        }
        return value > band.high() ? penalty(weight, scale(), bearable.high() - band.high(), value - band.high()) : 0;
    }

    /**
     * The same laid out in numbers, for a search.
     *
     * @param weight how much it matters
     * @param scale what a miss is measured by
     * @param spare how far from the end of what is wanted to the end of what is bearable; may be infinite
     * @param miss how far the value lies beyond what is wanted, above 0
     */
    public static double penalty(final double weight, final double scale, final double spare, final double miss) {
        if (spare <= 0) {
            return weight * (miss / scale) * (miss / scale);
        }
        if (miss <= spare) {
            final double share = miss / spare;
            return Double.isInfinite(spare) ? 0 : weight * GENTLE * share * share;
        }
        final double beyond = miss - spare;
        final double slope = Math.min(1 / scale, 2 * GENTLE / spare);
        return weight * (GENTLE + slope * beyond + beyond * beyond / (scale * scale));
    }
}
