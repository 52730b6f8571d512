package looseknit.core.device;

/**
 * A probe for acidity and moisture. A real one joins by implementing this: it is pushed in, and asked as often as one likes.
 */
public interface Probe {

    /**
     * What it shows.
     *
     * @param seconds time since it was pushed in [s], 0 or more
     */
    Showing at(double seconds);

    /**
     * What stands on its display.
     *
     * @param ph acidity as it shows it, uncorrected
     * @param water water in a volume [vol/vol]
     */
    record Showing(double ph, double water) {}
}
