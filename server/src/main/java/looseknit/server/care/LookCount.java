package looseknit.server.care;

import java.util.UUID;

/** How many looks at a pot are stored. */
record LookCount(UUID pottingId, long looks) {}
