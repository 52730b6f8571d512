package looseknit.core.measure;

import org.apache.commons.numbers.gamma.Erfc;

/** The normal distribution with mean 0 and spread 1. */
public final class Normal {

    private static final double ROOT_OF_TWO = Math.sqrt(2);

    private Normal() {}

    /**
     * Share of it that lies below a value, 0 to 1: half the complementary error function.
     *
     * @param z spreads above the mean, any number, also an infinite one
     */
    public static double below(final double z) {
        return 0.5 * Erfc.value(-z / ROOT_OF_TWO);
    }
}
