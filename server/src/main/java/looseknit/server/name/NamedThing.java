package looseknit.server.name;

import org.jspecify.annotations.Nullable;

/**
 * Something that can be found by name.
 *
 * @param about what it is about, to tell it from others: a botanical name, a blend's plant, a pot's place
 * @param materialId a material whose stitch stands for it; null if there is none
 */
record NamedThing(
        Kind kind,
        String id,
        String name,
        @Nullable String about,
        @Nullable String materialId) {

    /** What can be found; where names fit equally well, in this order. */
    enum Kind {
        ALSO,
        BLEND,
        POT,
        BATCH,
        PLANT,
        MATERIAL,
        AMENDMENT
    }
}
