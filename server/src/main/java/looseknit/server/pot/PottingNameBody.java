package looseknit.server.pot;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A pot by its label. */
public record PottingNameBody(
        UUID id, String label, @Nullable String placeName) {}
