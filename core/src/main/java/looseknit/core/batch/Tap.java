package looseknit.core.batch;

import java.util.Optional;
import java.util.UUID;

/** Something that somebody did at the tub, as it was told: each has an id, so that it counts once however often it is sent. */
public sealed interface Tap {

    UUID id();

    /**
     * Some of a material went in.
     *
     * @param scoops how many, in quarters; more than nothing
     * @param insteadOf the material of the sheet that it stands for, if it is another
     */
    record Scooped(UUID id, int load, String materialId, double scoops, Optional<String> insteadOf) implements Tap {

        /** The material of the sheet that it counts for. */
        String countsFor() {
            return insteadOf.orElse(materialId);
        }
    }

    /**
     * An amendment went in.
     *
     * @param grams how much [g]
     */
    record Weighed(UUID id, int load, String amendmentId, double grams) implements Tap {}

    /** There is no more of a material: neither in this load nor in those that follow. */
    record RanOut(UUID id, int load, String materialId) implements Tap {}

    /** Nothing more goes in: the batch is what it is. */
    record Stopped(UUID id) implements Tap {}

    /**
     * A tap is taken back.
     *
     * @param of the one that is
     */
    record Undone(UUID id, UUID of) implements Tap {}
}
