package looseknit.server.blend;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A blend by its name, with the plant that it is for and the material that its recipe begins with. */
public record BlendNameBody(
        UUID id,
        String name,
        @Nullable String plantId,
        @Nullable String materialId) {}
