package looseknit.server.pot;

import org.jspecify.annotations.Nullable;

/** How many pots stand in a place; null where none is told. */
public record PlaceCountBody(@Nullable String place, long pots) {}
