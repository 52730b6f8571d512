package looseknit.core.reading;

/** Days until a plant wants water, by the water that it can use: worked out step by step, or looked up in a table. */
@FunctionalInterface
public interface DryingDays {

    /**
     * Days from the usual watering until the plant wants water.
     *
     * @param usableLitres water that the plant can draw after a watering [L]
     */
    double days(double usableLitres);
}
