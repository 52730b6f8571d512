package looseknit.core.need;

import looseknit.core.message.Named;

/** Movement of the air in classes, with a typical speed; common practice put into figures by judgement. */
public enum Draught implements Named {
    STILL(0.1),
    FAN(0.5),
    SHELTERED(0.7),
    BREEZY(2);
    private final double windMPerS;

    Draught(final double windMPerS) {
        this.windMPerS = windMPerS;
    }

    /** Air speed [m/s]. */
    public double windMPerS() {
        return windMPerS;
    }
}
