package looseknit.server.batch;

import java.util.UUID;

/** A batch by its lot. */
public record BatchNameBody(UUID id, String lot, String blendName) {}
