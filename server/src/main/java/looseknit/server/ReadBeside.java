package looseknit.server;

import looseknit.core.material.MaterialBook;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Quantity;
import looseknit.core.message.Wording;
import looseknit.core.need.PlantBook;

/**
 * Reads what the first page will ask for - the shipped materials and plants, and how a count is said - beside the start, which waits for the
 * store for a while. Nothing depends on it: who asks earlier reads it then.
 */
final class ReadBeside {

    private ReadBeside() {}

    /** Begins to read, and returns. */
    static void begin() {
        final Thread thread = new Thread(ReadBeside::read, "reads-beside");
        thread.setDaemon(true);
        thread.start();
    }

    private static void read() {
        MaterialBook.shipped();
        PlantBook.shipped();
        Wording.english(MeasureSystem.METRIC).of(Quantity.days(2));
    }
}
