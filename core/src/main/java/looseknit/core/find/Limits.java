package looseknit.core.find;

import static looseknit.core.measure.Require.within;

import java.util.OptionalDouble;
import looseknit.core.measure.Limit;

/**
 * How far a search goes.
 *
 * @param mostMaterials most materials in a blend, 1 to 5; those of a fixed base do not count
 * @param mostParts most parts in all, 1 to 16; those of a fixed base do not count
 * @param batchLitres litres of finished mix for which what is left must suffice; nothing if any amount will do
 * @param mostMillis longest time for the proof [ms], 50 to 600,000; after that the remaining gap is told
 */
public record Limits(int mostMaterials, int mostParts, OptionalDouble batchLitres, long mostMillis) {

    /** Most materials among which a search looks. */
    public static final int MOST_CANDIDATES = 50;

    /** Five materials in twelve parts, within twenty seconds. */
    public static final Limits USUAL = new Limits(5, 12, OptionalDouble.empty(), 20_000);

    public Limits {
        within("limits.mostMaterials", mostMaterials, 1, 5, Limit.MATERIALS);
        within("limits.mostParts", mostParts, 1, 16, Limit.PARTS);
        batchLitres.ifPresent(litres -> within("limits.batchLitres", litres, 0.05, 10_000, Limit.L));
        within("limits.mostMillis", (double) mostMillis, 50, 600_000, Limit.MS);
    }

    /** The same with other numbers of materials and parts. */
    public Limits with(final int materials, final int parts) {
        return new Limits(Math.min(5, materials), parts, batchLitres, mostMillis);
    }
}
