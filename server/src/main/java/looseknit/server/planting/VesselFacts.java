package looseknit.server.planting;

import looseknit.core.planting.PotForm;
import looseknit.server.need.PotBody;

/** A vessel: its form and its measures. */
record VesselFacts(PotForm form, PotBody pot) {}
