package looseknit.server.pot;

import java.util.UUID;

/** A pot with the number of its last change. */
public record PotRevision(UUID id, long revision) {}
