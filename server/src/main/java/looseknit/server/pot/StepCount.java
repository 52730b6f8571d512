package looseknit.server.pot;

import java.util.UUID;

/** How often a kind of step was told of a pot. */
public record StepCount(UUID pottingId, PotEvent.Kind kind, long count) {}
