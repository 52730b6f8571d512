package looseknit.core.pot;

/** Opens the suction at a capillary break to tests elsewhere. */
public final class Breaks {

    private Breaks() {}

    public static double suctionCm(final double layerCm, final double grainMm) {
        return Column.breakSuction(layerCm, grainMm);
    }
}
