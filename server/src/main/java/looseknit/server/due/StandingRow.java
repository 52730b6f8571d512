package looseknit.server.due;

import java.util.UUID;

/** A pot that stands here, with the number of its last change. */
record StandingRow(UUID id, long revision) {}
