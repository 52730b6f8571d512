package looseknit.server.pot;

import java.util.UUID;

/** The number of the last step of a pot. */
record LastNumber(UUID pottingId, long number) {}
