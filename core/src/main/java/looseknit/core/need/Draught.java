package looseknit.core.need;

/** Movement of the air in classes, with a typical speed; common practice put into figures by judgement. */
public enum Draught {
    STILL("still air", 0.1),
    FAN("moving air", 0.5),
    SHELTERED("outdoors, sheltered", 0.7),
    BREEZY("outdoors, breezy", 2);

    private final String words;
    private final double windMPerS;

    Draught(final String words, final double windMPerS) {
        this.words = words;
        this.windMPerS = windMPerS;
    }

    public String words() {
        return words;
    }

    /** Air speed [m/s]. */
    public double windMPerS() {
        return windMPerS;
    }
}
