package looseknit.server.batch;

import java.util.UUID;

/**
 * A batch of which something is left.
 *
 * @param litres how much is left [L]
 */
public record BinNameBody(UUID id, String lot, String blendName, double litres) {}
