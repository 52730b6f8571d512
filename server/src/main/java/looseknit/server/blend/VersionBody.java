package looseknit.server.blend;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/**
 * A kept version.
 *
 * @param changes what is new in it since the version before, in words; empty for the first
 * @param shares share of each row, 0 to 1
 * @param headline what stands out in its readings; null if nothing can be read
 */
public record VersionBody(
        UUID blendId,
        int number,
        String name,
        String note,
        BriefBody brief,
        RecipeBody recipe,
        Instant keptAt,
        List<Message> changes,
        List<Double> shares,
        @Nullable Message headline,
        boolean fits) {}
