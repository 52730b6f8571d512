package looseknit.core.find;

import looseknit.core.measure.Normal;

/** Chance that an uncertain reading lies within a band, by its value, tabulated. */
final class Chance {

    private static final int ROWS = 1000;

    /** Beyond so many spreads outside the band the chance is taken for that at its edge. */
    private static final double REACH = 5;

    private final double from;
    private final double perRow;
    private final double[] chance = new double[ROWS + 1];

    /**
     * @param low least wanted value, may be infinite
     * @param high greatest wanted value, may be infinite
     * @param sd spread of the reading
     */
    Chance(final double low, final double high, final double sd) {
        final double lowest = (Double.isInfinite(low) ? high : low) - REACH * sd;
        final double highest = (Double.isInfinite(high) ? low : high) + REACH * sd;
        this.from = lowest;
        this.perRow = (highest - lowest) / ROWS;
        for (int row = 0; row <= ROWS; row++) {
            final double value = from + row * perRow;
            chance[row] = Math.max(1e-12, Normal.below((high - value) / sd) - Normal.below((low - value) / sd));
        }
    }

    double of(final double value) {
        final double place = Math.max(0, Math.min(ROWS - 1e-9, (value - from) / perRow));
        final int row = (int) place;
        return chance[row] + (place - row) * (chance[row + 1] - chance[row]);
    }
}
