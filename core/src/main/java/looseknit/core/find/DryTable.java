package looseknit.core.find;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.util.Arrays;
import looseknit.core.dry.Reservoir;
import looseknit.core.reading.Drying;
import looseknit.core.reading.DryingDays;

/**
 * Days to dry by usable water, for a pot: for the search, which reads it millions of times. A row is worked out when it is first read; two
 * threads that need it at once come to the same.
 */
final class DryTable implements DryingDays {

    private static final int ROWS = 800;

    /** Reads and writes a row as a whole, without waiting for other threads. */
    private static final VarHandle ROW = MethodHandles.arrayElementVarHandle(double[].class);

    private final Drying drying;
    private final double perRow;
    private final double[] days = new double[ROWS + 1];

    DryTable(final Drying drying) {
        this.drying = drying;
        this.perRow = drying.litres() / ROWS;
        Arrays.fill(days, Double.NaN);
    }

    private double row(final int row) {
        final double known = (double) ROW.getOpaque(days, row);
        if (!Double.isNaN(known)) {
            return known;
        }
        final double found = drying.days(Math.max(1e-4, row * perRow));
        ROW.setOpaque(days, row, found);
        return found;
    }

    @Override
    public double days(final double usableLitres) {
        final double place = usableLitres / perRow;
        final int row = Math.min(ROWS - 1, (int) place);
        final double here = row(row);
        return here + Math.min(1, place - row) * (row(row + 1) - here);
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
