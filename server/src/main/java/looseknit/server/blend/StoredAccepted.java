package looseknit.server.blend;

import java.util.List;

/** Stops that were knowingly set aside, as they are stored. */
record StoredAccepted(List<String> ruleIds) {}
