package looseknit.core.find;

import looseknit.core.reading.Evaluation;

/**
 * The score of a blend. Its penalty is the sum over the targets of weight times the square of the miss in widths of the band; its fit falls
 * from 100 as the penalty rises: an ordinary reading that misses by a whole width of its band takes off 28 points, by a quarter of a width 2.
 */
public final class Score {

    /** Penalty at which the fit has fallen to a share of 1/e; by judgement. */
    private static final double FALL = 3;

    private Score() {}

    /** The fit of a penalty, 0 to 100. */
    public static double fit(final double penalty) {
        return 100 * Math.exp(-penalty / FALL);
    }

    /** The fit of a blend that has been read, 0 to 100; 100 where nothing is wanted of it. */
    public static double of(final Evaluation evaluation) {
        return fit(evaluation.readings().stream()
                .mapToDouble(reading -> reading.target()
                        .map(target -> target.penalty(reading.estimate().value()))
                        .orElse(0.0))
                .sum());
    }

    /** The penalty of a fit. */
    static double penalty(final double fit) {
        return -FALL * Math.log(fit / 100);
    }
}
