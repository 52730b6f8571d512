package looseknit.server.pot;

import java.time.LocalDate;
import java.util.UUID;

/** The last day on which something happened to a pot. */
record LastDay(UUID pottingId, LocalDate on) {}
