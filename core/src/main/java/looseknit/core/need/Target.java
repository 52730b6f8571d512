package looseknit.core.need;

import java.util.List;
import looseknit.core.measure.Band;
import looseknit.core.message.Message;

/**
 * What is wanted of one reading, and why.
 *
 * @param property the reading
 * @param band wanted range, in the unit of computation
 * @param weight how much it matters, 1 for the ordinary
 * @param because why the band is where it is: the plant first, then each shift
 */
public record Target(Property property, Band band, double weight, List<Message> because) {

    /** How much it matters beside the others, in words. */
    public Message weightWords() {
        return (weight > 1 ? NeedSentence.COUNTS_MOST : weight < 1 ? NeedSentence.COUNTS_LESS : NeedSentence.COUNTS)
                .with();
    }

    /** Least width by which a miss is measured, relative to the end that is missed. */
    private static final double LEAST_WIDTH = 0.05;

    /**
     * What a miss is measured by: the width of the band, or the height of its one end if the other is open [unit of computation]. A
     * band that is hardly a band counts as a twentieth of its end.
     */
    public double scale() {
        final double end = Double.isFinite(band.low()) ? band.low() : band.high();
        final double width = Double.isFinite(band.width()) ? band.width() : Math.abs(end);
        return Math.max(Math.max(width, LEAST_WIDTH * Math.abs(end)), 1e-6);
    }

    /** Penalty of a miss of one unit: weight over the square of the scale. */
    public double factor() {
        return weight / (scale() * scale());
    }

    /** How badly a value misses: weight times the square of the miss in scales; 0 within the band. */
    public double penalty(final double value) {
        return penalty(factor(), band.low(), band.high(), value);
    }

    /** The same laid out in numbers, for a search. */
    public static double penalty(final double factor, final double low, final double high, final double value) {
        final double miss = value < low ? value - low : value > high ? value - high : 0;
        return factor * miss * miss;
    }

    public Target {
        because = List.copyOf(because);
    }
}
