package looseknit.server.pot;

import java.time.LocalDate;
import java.util.UUID;

/** The last day of a kind of step of a pot. */
public record LastStep(UUID pottingId, PotEvent.Kind kind, LocalDate on) {}
