package looseknit.core.find;

import looseknit.core.dry.Reservoir;
import looseknit.core.reading.Drying;
import looseknit.core.reading.DryingDays;

/** Days to dry by usable water, worked out once for a pot: for the search, which reads it millions of times. */
final class DryTable implements DryingDays {

    private static final int ROWS = 800;

    private final Drying drying;
    private final double perRow;
    private final double[] days = new double[ROWS + 1];

    DryTable(final Drying drying) {
        this.drying = drying;
        this.perRow = drying.litres() / ROWS;
        for (int row = 0; row <= ROWS; row++) {
            days[row] = drying.days(Math.max(1e-4, row * perRow));
        }
    }

    @Override
    public double days(final double usableLitres) {
        final double place = usableLitres / perRow;
        final int row = Math.min(ROWS - 1, (int) place);
        return days[row] + Math.min(1, place - row) * (days[row + 1] - days[row]);
    }

    /**
     * Days of the usable water that a mix leaves.
     *
     * @param usable usable water [vol/vol]
     */
    double daysOf(final double usable) {
        return days(Reservoir.usableLitres(usable, 0, drying.litres()));
    }

    /** Water held after a watering, of what is held after soaking and draining. */
    double watered() {
        return drying.below() ? 1 : Reservoir.TOP_WATERED;
    }
}
