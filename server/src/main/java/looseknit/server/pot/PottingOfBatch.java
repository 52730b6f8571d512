package looseknit.server.pot;

import java.util.UUID;

/** A potting with where it came from. */
public record PottingOfBatch(Potting potting, String lot, UUID blendId, int versionNumber, String blendName) {}
