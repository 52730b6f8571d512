package looseknit.server.outcome;

import java.time.LocalDate;
import java.util.UUID;

/** The last day of some kind of step of a pot. */
record LastOf(UUID pottingId, String kind, LocalDate on) {}
