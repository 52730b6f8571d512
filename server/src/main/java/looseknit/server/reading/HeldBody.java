package looseknit.server.reading;

import looseknit.core.sheet.MaterialSheet;

/** Water of the volume at a suction. */
public record HeldBody(double suctionCm, double waterPercent) {

    /** A point of a retention curve, to travel. */
    public static HeldBody of(final MaterialSheet.Held held) {
        return new HeldBody(held.suctionCm(), 100 * held.water());
    }
}
