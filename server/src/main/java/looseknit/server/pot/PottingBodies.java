package looseknit.server.pot;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.server.batch.Batch;
import looseknit.server.batch.Batches;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import org.springframework.stereotype.Component;

/** Makes pottings ready to travel, looking each batch up once. */
@Component
public class PottingBodies {

    private final Books books;
    private final Batches batches;
    private final Blends blends;

    PottingBodies(final Books books, final Batches batches, final Blends blends) {
        this.books = books;
        this.batches = batches;
        this.blends = blends;
    }

    public List<PottingBody> of(final List<Potting> pottings) {
        final Map<UUID, PottingBody.Origin> origins = new HashMap<>();
        return pottings.stream()
                .map(potting ->
                        PottingBody.of(potting, origins.computeIfAbsent(potting.batchId(), this::origin), books))
                .toList();
    }

    public PottingBody of(final Potting potting) {
        return PottingBody.of(potting, origin(potting.batchId()), books);
    }

    private PottingBody.Origin origin(final UUID batchId) {
        final Batch batch = batches.get(batchId);
        return new PottingBody.Origin(
                batch.lot(),
                batch.blendId(),
                batch.versionNumber(),
                blends.version(batch.blendId(), batch.versionNumber()).name());
    }
}
