package looseknit.core.need;

/** What can be read off a blend and what a plant can ask of it, in the order in which it is shown. */
public enum Property {
    AIR("Air after draining", "%", 100),
    WATER("Water held", "%", 100),
    EASY_WATER("Easily used water", "%", 100),
    DRY_DAYS("Days until it wants water", "d", 1),
    PH("Acidity", "pH", 1),
    FOOD("Food in the first month", "mg N/L", 1),
    SALTS("Salts", "dS/m", 1),
    WEIGHT("Pot, just watered", "kg", 1),
    LIFE("Keeps its air", "yr", 1);

    private final String words;
    private final String unit;
    private final double shown;

    Property(final String words, final String unit, final double shown) {
        this.words = words;
        this.unit = unit;
        this.shown = shown;
    }

    public String words() {
        return words;
    }

    /** Unit in which people read it. */
    public String unit() {
        return unit;
    }

    /** Factor from the unit of computation to the unit in which people read it. */
    public double shown() {
        return shown;
    }
}
